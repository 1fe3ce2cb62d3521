package fluidframe.app.teaching;

import fluidframe.core.learning.LearningStep;
import fluidframe.core.learning.Skill;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** A figure that is learned next, and what is new in it. */
@Schema(name = "LearningStep")
public record LearningStepDocument(String figure, String title, String level, List<String> learns) {

    public static LearningStepDocument of(LearningStep step) {
        return new LearningStepDocument(
                step.figure().id(),
                step.figure().title(),
                step.figure().level().shorthand(),
                step.learns().stream().map(Skill::wording).toList());
    }
}
