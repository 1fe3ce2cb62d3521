package fluidframe.app.reference;

import fluidframe.app.dances.StudioDances;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Rule;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Technique;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Level;
import fluidframe.core.link.ElementKind;
import fluidframe.core.notation.Column;
import fluidframe.core.step.Action;
import fluidframe.core.text.Term;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the program knows before anybody has described anything: dances, columns, words, rules. */
@RestController
@RequestMapping("/api")
@Tag(name = "reference")
class ReferenceResource {

    private final StudioDances dances;

    ReferenceResource(StudioDances dances) {
        this.dances = dances;
    }

    /**
     * A dance, its lengths in beats.
     *
     * @param a what "a" is worth
     * @param accents how strongly each beat of the bar is felt: strong, middle or weak
     * @param stepLength metres of an ordinary step forward
     */
    record DanceDocument(
            String id,
            String title,
            String style,
            int beatsPerBar,
            Set<Integer> startBeats,
            String slow,
            String quick,
            String and,
            String a,
            int slowestBarsPerMinute,
            int fastestBarsPerMinute,
            int phraseBars,
            int countInBars,
            List<String> accents,
            boolean travels,
            double stepLength,
            TechniqueDocument technique) {

        static DanceDocument of(Dance dance) {
            return new DanceDocument(
                    dance.id(),
                    dance.title(),
                    dance.style().title(),
                    dance.rhythm().beatsPerBar(),
                    dance.rhythm().startBeats(),
                    dance.rhythm().slow().map(Beats::toString).orElse(""),
                    dance.rhythm().quick().map(Beats::toString).orElse(""),
                    dance.rhythm().and().toString(),
                    dance.rhythm().feel().a().toString(),
                    dance.slowest().barsPerMinute(),
                    dance.fastest().barsPerMinute(),
                    dance.music().phraseBars(),
                    dance.music().countIn(),
                    dance.music().accents().stream()
                            .map(accent -> accent.name().toLowerCase(Locale.ROOT))
                            .toList(),
                    dance.travels(),
                    dance.stepLength(),
                    TechniqueDocument.of(dance.technique()));
        }
    }

    /** What the rules of technique ask of a dance; a heel lead is wanted, allowed or forbidden. */
    record TechniqueDocument(
            String heelLead, boolean rises, boolean sways, boolean contraryMovement, boolean hipAction) {

        static TechniqueDocument of(Technique technique) {
            return new TechniqueDocument(
                    technique.heelLead().name().toLowerCase(Locale.ROOT),
                    technique.rises(),
                    technique.sways(),
                    technique.contraryMovement(),
                    technique.hipAction());
        }
    }

    /** A column of a chart. */
    record ColumnDocument(String key, String title) {}

    /** A word and what it means. */
    record TermDocument(String shorthand, String wording) {

        static List<TermDocument> all(Term... terms) {
            return Arrays.stream(terms)
                    .map(term -> new TermDocument(term.shorthand(), term.wording()))
                    .toList();
        }
    }

    /** An element, and what a coach warns of before it is danced; empty if of nothing. */
    record ElementKindDocument(String shorthand, String wording, String caution) {

        static ElementKindDocument of(ElementKind kind) {
            return new ElementKindDocument(
                    kind.shorthand(),
                    kind.wording(),
                    kind.caution().map(Term::wording).orElse(""));
        }
    }

    /** The chart language. */
    record NotationDocument(
            List<ColumnDocument> columns,
            List<TermDocument> levels,
            List<TermDocument> positions,
            List<TermDocument> holds,
            List<TermDocument> cautions,
            List<ElementKindDocument> elements,
            List<TermDocument> actions,
            List<TermDocument> amalgamationUses) {}

    /** A rule of the audit. */
    record RuleDocument(String id, String title, String reason) {

        static RuleDocument of(Rule rule) {
            return new RuleDocument(rule.id(), rule.title(), rule.reason());
        }
    }

    @GetMapping("/dances")
    List<DanceDocument> dances() {
        return dances.all().stream().map(DanceDocument::of).toList();
    }

    @GetMapping("/notation")
    NotationDocument notation() {
        List<ColumnDocument> columns = Stream.of(Column.values())
                .map(column -> new ColumnDocument(column.key(), column.title()))
                .toList();
        return new NotationDocument(
                columns,
                TermDocument.all(Level.values()),
                TermDocument.all(Position.values()),
                TermDocument.all(Hold.values()),
                TermDocument.all(Caution.values()),
                Stream.of(ElementKind.values()).map(ElementKindDocument::of).toList(),
                TermDocument.all(Action.values()),
                TermDocument.all(AmalgamationUse.values()));
    }

    @GetMapping("/rules")
    List<RuleDocument> rules() {
        return Audit.rules().stream().map(RuleDocument::of).toList();
    }
}
