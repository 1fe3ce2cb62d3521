package fluidframe.app.audits;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.work.Work;
import fluidframe.core.audit.Audit;
import fluidframe.core.notation.DraftReader;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Checks a figure without storing it. */
@RestController
@RequestMapping("/api")
@Tag(name = "audits")
class AuditResource {

    private final Work work;

    AuditResource(Work work) {
        this.work = work;
    }

    /** Every finding; refused if any text cannot be read. */
    @PostMapping("/audits")
    List<FindingDocument> audit(@Valid @RequestBody FigureDocument document) {
        return work.quickly(() -> Audit.of(FigureReading.complete(document)).stream().map(FindingDocument::of).toList());
    }

    /** All that can be said of a figure while it is being written, taking what cannot be read as empty. */
    @PostMapping("/readings")
    ReadingDocument read(@Valid @RequestBody FigureDocument document) {
        return work.quickly(() -> ReadingDocument.of(DraftReader.read(FigureMapper.draft(document))));
    }
}
