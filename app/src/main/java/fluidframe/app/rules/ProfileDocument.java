package fluidframe.app.rules;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.LengthRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.rules.Profile;
import fluidframe.core.text.Term;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.List;

/** The rules of an organiser in the open format, as a coach has written them down. */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "RuleProfile")
public record ProfileDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @Size(max = 4000, message = "at most 4000 letters") String note,

        @NotNull(message = "divisions")
        @Size(max = Profile.MOST_DIVISIONS, message = "at most " + Profile.MOST_DIVISIONS + " divisions")
        List<@Valid @NotNull(message = "a division") DivisionDocument> divisions)
        implements PlainDocument {

    @Override
    public ProfileDocument called(String otherId, String otherTitle) {
        return new ProfileDocument(otherId, otherTitle, note, divisions);
    }

    static ProfileDocument of(Profile profile) {
        return new ProfileDocument(
                profile.id(),
                profile.title(),
                profile.note(),
                profile.divisions().stream().map(DivisionDocument::of).toList());
    }

    /** From the least to the most that is allowed; either may be absent. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Limits")
    public record LimitsDocument(Double least, Double most) {

        static LimitsDocument of(Limits limits) {
            return limits.bind()
                    ? new LimitsDocument(
                            limits.least().orElse(null), limits.most().orElse(null))
                    : null;
        }
    }

    /** A dance, and how fast it is played, bars a minute. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "DanceRule")
    public record DanceRuleDocument(
            @NotNull(message = "a dance") String dance,
            @Valid LimitsDocument tempo) {}

    /** Free, kept, or apart for no longer than so many seconds at once and in all. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "HoldRule")
    public record HoldRuleDocument(
            @NotNull(message = "free, kept or apart") String kind, Double atOnce, Double inAll) {

        static HoldRuleDocument of(HoldRule rule) {
            if (rule instanceof HoldRule.Apart apart) {
                return new HoldRuleDocument(
                        "apart", apart.atOnce().orElse(null), apart.inAll().orElse(null));
            }
            return rule instanceof HoldRule.Kept ? new HoldRuleDocument("kept", null, null) : null;
        }
    }

    /**
     * What couples of one level and style are judged by.
     *
     * @param seconds how long a routine lasts
     * @param bars the same in bars
     * @param entry the most seconds before the first figure; absent where it counts as part of the routine
     * @param exit the most seconds after the last; absent where it counts as part of the routine
     * @param level the highest level of a figure; absent for open
     * @param allowed ids of the only figures that may come; absent for all
     * @param barred ids of figures that must not
     * @param elements elements that must not come
     * @param actions actions that no step may have
     * @param parts any, in use, whole; absent for any
     * @param hold absent for free
     * @param couples the most on the floor at once
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Division")
    public record DivisionDocument(
            @NotNull(message = "a title") String title,

            @NotNull(message = "dances")
            @Size(max = Division.MOST_DANCES, message = "at most " + Division.MOST_DANCES + " dances")
            List<@Valid @NotNull(message = "a dance") DanceRuleDocument> dances,

            @Valid LimitsDocument seconds,
            @Valid LimitsDocument bars,
            Double entry,
            Double exit,
            String level,

            @Size(max = 1000, message = "at most 1000 figures")
            List<@NotNull(message = "a figure") String> allowed,

            @Size(max = 1000, message = "at most 1000 figures")
            List<@NotNull(message = "a figure") String> barred,

            @Size(max = 50, message = "at most 50 elements") List<@NotNull(message = "an element") String> elements,
            @Size(max = 50, message = "at most 50 actions") List<@NotNull(message = "an action") String> actions,
            String parts,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean syllabus,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean lifts,
            @Valid HoldRuleDocument hold,
            @NotNull(message = "couples on the floor") Integer couples,

            @Size(max = 1000, message = "at most 1000 letters")
            String dress,

            @Size(max = 1000, message = "at most 1000 letters")
            String music) {

        static DivisionDocument of(Division division) {
            LengthRule length = division.length();
            FigureRule figures = division.figures();
            return new DivisionDocument(
                    division.title(),
                    division.dances().stream()
                            .map(rule -> new DanceRuleDocument(rule.dance().id(), LimitsDocument.of(rule.tempo())))
                            .toList(),
                    LimitsDocument.of(length.seconds()),
                    LimitsDocument.of(length.bars()),
                    length.entry().orElse(null),
                    length.exit().orElse(null),
                    figures.highest().shorthand(),
                    figures.allowed().stream().sorted().toList(),
                    figures.barred().stream().sorted().toList(),
                    words(figures.elements()),
                    words(figures.actions()),
                    figures.parts().shorthand(),
                    figures.syllabus(),
                    figures.lifts(),
                    HoldRuleDocument.of(division.hold()),
                    division.couples(),
                    division.dress(),
                    division.music());
        }

        private static List<String> words(Collection<? extends Term> terms) {
            return terms.stream().map(Term::shorthand).sorted().toList();
        }
    }
}
