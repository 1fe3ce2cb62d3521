package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.RepairDocument;
import fluidframe.app.routines.LooseSeamDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.mending.MendingPlan;
import fluidframe.core.mending.SeamKey;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * How all seams of a routine that break could be mended, one after another; and those for which nothing was found that
 * leaves standing what is set.
 */
@Schema(name = "MendingPlan")
record MendingPlanDocument(List<StepDocument> steps, List<LeftDocument> left) {

    private static final int MOST_SKIPPED = 512;

    static MendingPlanDocument of(MendingPlan plan, RoutineWriter writer) {
        return new MendingPlanDocument(
                plan.steps().stream()
                        .map(step -> new StepDocument(
                                SeamDocument.of(step.seam()),
                                LooseSeamDocument.of(step.broken()),
                                RepairDocument.of(step.mended(), writer)))
                        .toList(),
                plan.left().stream()
                        .map(left ->
                                new LeftDocument(SeamDocument.of(left.seam()), LooseSeamDocument.of(left.broken())))
                        .toList());
    }

    /** A routine to mend, without the seams named. */
    @Schema(name = "MendingQuestion")
    record MendingQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,

            @Size(max = MOST_SKIPPED, message = "at most " + MOST_SKIPPED + " seams")
            List<@NotNull(message = "a seam") @Valid SeamDocument> skipped) {}

    /**
     * A seam by the placement before it, from 0 as the routine was sent, and which time of its section is meant, from
     * 1.
     */
    @Schema(name = "SeamKey")
    record SeamDocument(
            @NotNull(message = "a placement from 0") Integer placement,
            @NotNull(message = "which time, from 1") Integer round) {

        static SeamDocument of(SeamKey seam) {
            return new SeamDocument(seam.placement(), seam.round());
        }

        SeamKey key() {
            return new SeamKey(placement, round);
        }
    }

    /**
     * One seam, and what mends it once those before it are mended; the repair's placements are the whole routine then.
     */
    @Schema(name = "MendingStep")
    record StepDocument(SeamDocument seam, LooseSeamDocument broken, RepairDocument repair) {}

    /** A seam that stays broken. */
    @Schema(name = "LeftSeam")
    record LeftDocument(SeamDocument seam, LooseSeamDocument broken) {}
}
