package fluidframe.app.teaching;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.work.Work;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The order in which figures are taught, over HTTP. */
@RestController
@RequestMapping("/api")
@Tag(name = "dances")
class TeachingResource {

    private final TeachingOrders orders;
    private final StudioDances dances;
    private final Work work;

    TeachingResource(TeachingOrders orders, StudioDances dances, Work work) {
        this.orders = orders;
        this.dances = dances;
        this.work = work;
    }

    /** The figures of a dance in the order in which the studio teaches them, each with what is new in it. */
    @GetMapping("/dances/{id}/teaching-order")
    List<LearningStepDocument> order(@PathVariable String id) {
        if (dances.find(id).isEmpty()) {
            throw new UnknownException("dance", id);
        }
        return work.quickly(() ->
                orders.of(id).steps().stream().map(LearningStepDocument::of).toList());
    }
}
