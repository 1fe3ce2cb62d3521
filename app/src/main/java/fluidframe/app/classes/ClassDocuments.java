package fluidframe.app.classes;

import fluidframe.core.classes.ClassPart;
import fluidframe.core.classes.ClassPlan;
import fluidframe.core.classes.ClassWish;
import fluidframe.core.partners.Pair;
import fluidframe.core.partners.PartnerPlan;
import fluidframe.core.partners.PartnerRound;
import fluidframe.core.text.Term;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/** What goes in and out when a class is planned. */
final class ClassDocuments {

    private ClassDocuments() {}

    /**
     * What a class is to be about: figures that are danced one after another, by id; how far those who come are;
     * minutes; how many men and ladies.
     */
    @Schema(name = "ClassWish")
    record ClassWishDocument(
            @NotNull(message = "figures") @Size(max = 8, message = "at most 8 figures")
            List<@NotNull(message = "a figure's id") String> figures,

            @NotNull(message = "a level") String level,

            @Schema(minimum = "" + ClassWish.SHORTEST, maximum = "" + ClassWish.LONGEST) @NotNull(message = "minutes")
            Integer minutes,

            @Schema(minimum = "0", maximum = "" + ClassWish.MOST_OF_A_PART) @NotNull(message = "how many men")
            Integer men,

            @Schema(minimum = "0", maximum = "" + ClassWish.MOST_OF_A_PART) @NotNull(message = "how many ladies")
            Integer ladies) {}

    /** A part of a class: what is done, what is counted, and how fast, of the slowest usual tempo; 0 without music. */
    @Schema(name = "ClassPart")
    record ClassPartDocument(
            @NotNull(message = "a title") @Size(max = 200, message = "at most 200 letters")
            String title,

            @Schema(minimum = "0", maximum = "" + ClassStore.LONGEST_PART)
            int minutes,

            @NotNull(message = "what is done") @Size(max = 4000, message = "at most 4000 letters")
            String what,

            @NotNull(message = "a count") @Size(max = 2000, message = "at most 2000 letters")
            String count,

            int percent) {

        static ClassPartDocument of(ClassPart part) {
            return new ClassPartDocument(part.title(), part.minutes(), part.what(), part.count(), part.percent());
        }
    }

    /** A class from beginning to end, what is warned of once, and what its coach should know. */
    @Schema(name = "ClassPlan")
    record ClassPlanDocument(String title, List<ClassPartDocument> parts, List<String> cautions, List<String> notes) {

        static ClassPlanDocument of(ClassPlan plan) {
            return new ClassPlanDocument(
                    plan.title(),
                    plan.parts().stream().map(ClassPartDocument::of).toList(),
                    plan.cautions().stream().map(Term::wording).toList(),
                    plan.notes());
        }
    }

    /** Figures that are wanted, in that order, and those that are danced already, by id; all of one dance. */
    @Schema(name = "LearningQuestion")
    record LearningQuestionDocument(
            @NotNull(message = "figures") @Size(max = 40, message = "at most 40 figures")
            List<@NotNull(message = "a figure's id") String> wanted,

            @Size(max = 1000, message = "at most 1000 figures")
            List<@NotNull(message = "a figure's id") String> known) {}

    /** Two by name. */
    @Schema(name = "PartnerPair")
    record PairDocument(
            @NotNull(message = "a name") String man,
            @NotNull(message = "a name") String lady) {

        Pair pair() {
            return new Pair(man.strip(), lady.strip());
        }

        static PairDocument of(Pair pair) {
            return new PairDocument(pair.man(), pair.lady());
        }
    }

    /**
     * Who is there, by name: as men, as ladies, as either; who stays together, who never dances together, and who has
     * danced together already.
     */
    @Schema(name = "PartnerWish")
    record PartnerWishDocument(
            @NotNull(message = "names") @Size(max = 200, message = "at most 200 names")
            List<@NotNull(message = "a name") @Size(max = 120, message = "at most 120 letters") String> men,

            @NotNull(message = "names") @Size(max = 200, message = "at most 200 names")
            List<@NotNull(message = "a name") @Size(max = 120, message = "at most 120 letters") String> ladies,

            @Size(max = 200, message = "at most 200 names")
            List<@NotNull(message = "a name") @Size(max = 120, message = "at most 120 letters") String> either,

            @Size(max = 200, message = "at most 200 pairs")
            List<@Valid @NotNull(message = "a pair") PairDocument> together,

            @Size(max = 1000, message = "at most 1000 pairs")
            List<@Valid @NotNull(message = "a pair") PairDocument> apart,

            @Size(max = 20000, message = "at most 20000 pairs")
            List<@Valid @NotNull(message = "a pair") PairDocument> danced) {}

    /** Who dances with whom, and who rests. */
    @Schema(name = "PartnerRound")
    record PartnerRoundDocument(List<PairDocument> pairs, List<String> resting) {

        static PartnerRoundDocument of(PartnerRound round) {
            return new PartnerRoundDocument(
                    round.pairs().stream().map(PairDocument::of).toList(), round.resting());
        }
    }

    /** The rounds; the fewest there can be; and the part each who may dance either has been given. */
    @Schema(name = "PartnerPlan")
    record PartnerPlanDocument(List<PartnerRoundDocument> rounds, int fewest, Map<String, String> parts) {

        static PartnerPlanDocument of(PartnerPlan plan) {
            return new PartnerPlanDocument(
                    plan.rounds().stream().map(PartnerRoundDocument::of).toList(), plan.fewest(), plan.parts());
        }
    }
}
