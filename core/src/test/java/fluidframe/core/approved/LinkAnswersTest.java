package fluidframe.core.approved;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Before;
import fluidframe.core.link.Bridges;
import fluidframe.core.link.Comparison;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.link.Repairs;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Verdict;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What follows what, why not, and what would mend it, in small books of every kind of figure. */
class LinkAnswersTest {

    private static final Conditions SYLLABUS = new Conditions(true, Level.SILVER);

    private static List<Figure> book(String dance) {
        return dance.equals("waltz") ? ApprovedBook.waltz() : ApprovedBook.of(dance);
    }

    @ParameterizedTest
    @ValueSource(strings = {"waltz", "rumba", "tango", "cha-cha", "jive"})
    void verdicts(String dance) throws IOException {
        List<Dancing> charted = charted(book(dance));
        List<String> lines = new ArrayList<>();
        TreeSet<String> agreeing = new TreeSet<>();
        for (Dancing from : charted) {
            for (Dancing to : charted) {
                Verdict verdict = Link.between(from.exit(), to.entry(), from.figure(), to.figure(), SYLLABUS);
                lines.add(from + " > " + to + ": " + verdict.outcome());
                for (Comparison comparison : verdict.comparisons()) {
                    if (comparison.outcome() == Outcome.HOLDS) {
                        agreeing.add(comparison.aspect() + " " + VerdictSentence.given(comparison) + ", "
                                + VerdictSentence.needed(comparison));
                    } else {
                        lines.add("    " + comparison.outcome() + " " + comparison.aspect() + " "
                                + VerdictSentence.given(comparison)
                                + ", " + VerdictSentence.needed(comparison));
                    }
                }
            }
        }
        lines.addAll(agreeing);
        Approved.assertApproved("verdicts-" + dance, lines);
    }

    @ParameterizedTest
    @ValueSource(strings = {"waltz", "tango", "rumba"})
    void repairs(String dance) throws IOException {
        List<Figure> book = book(dance);
        Repairs repairs = new Repairs(Repertoire.of(book, Conditions.OPEN));
        List<String> lines = new ArrayList<>();
        for (Dancing from : charted(book)) {
            for (Dancing to : charted(book)) {
                for (boolean corner : new boolean[] {false, true}) {
                    Repairs.Join join = new Repairs.Join(
                            from,
                            from.entry().facings().get(0),
                            Beats.ZERO,
                            to,
                            corner ? Optional.of(to.entry().facings().get(0)) : Optional.empty(),
                            corner);
                    lines.add(from + " > " + to + (corner ? " round a corner" : "") + ": "
                            + repairs.verdict(join).outcome());
                    for (Repair repair : repairs.of(join)) {
                        lines.add("    " + repair.kind() + ": "
                                + repair.before().wording() + ", "
                                + repair.after().wording() + (repair.corner() ? ", corner" : "")
                                + repair.start().map(start -> ", from " + start).orElse("") + ", " + repair.between()
                                + ": " + repair.verdict().outcome());
                    }
                }
            }
        }
        Approved.assertApproved("repairs-" + dance, lines);
    }

    @ParameterizedTest
    @ValueSource(strings = {"waltz", "tango", "jive"})
    void whatFollowsAndWhatLeadsIn(String dance) throws IOException {
        List<Figure> book = book(dance);
        List<String> lines = new ArrayList<>();
        for (Conditions conditions : List.of(Conditions.OPEN, SYLLABUS)) {
            Repertoire repertoire = Repertoire.of(book, conditions);
            for (Dancing dancing : repertoire.dancings()) {
                Optional<Figure> figure = Optional.of(dancing.figure());
                ExitState exit = dancing.exit();
                lines.add(dancing + ": " + dancing.steps() + " steps, then "
                        + repertoire.after(figure, exit).stream()
                                .map(LinkAnswersTest::shown)
                                .collect(Collectors.joining("; ")));
                lines.add("    before: "
                        + repertoire.before(figure, dancing.entry()).stream()
                                .map(LinkAnswersTest::shown)
                                .collect(Collectors.joining("; ")));
            }
            lines.add("begins: "
                    + repertoire.beginnings().stream()
                            .map(LinkAnswersTest::shown)
                            .collect(Collectors.joining("; ")));
            LinkMap map = LinkMap.of(repertoire);
            lines.add("map: " + map.successors());
            lines.add("dead ends " + map.deadEnds() + ", unreachable " + map.unreachable() + ", wholes "
                    + map.components() + ", holding each " + Math.round(100 * map.holdingPerFigure()));
        }
        Approved.assertApproved("following-" + dance, lines);
    }

    @Test
    void bridges() throws IOException {
        Repertoire repertoire = Repertoire.of(book("waltz"), Conditions.OPEN);
        List<String> lines = new ArrayList<>();
        for (Dancing from : charted(repertoire.figures())) {
            for (Dancing to : charted(repertoire.figures())) {
                for (int bars : new int[] {2, 4}) {
                    List<List<Move>> chains = new Bridges(repertoire)
                            .between(Optional.of(from.figure()), from.exit(), to, Beats.of(3 * bars), 3);
                    lines.add(from + " > " + to + " in " + bars + ": "
                            + chains.stream()
                                    .map(chain -> chain.stream()
                                            .map(LinkAnswersTest::shown)
                                            .collect(Collectors.joining(", ")))
                                    .toList());
                }
            }
        }
        Approved.assertApproved("bridges-waltz", lines);
    }

    @Test
    void elements() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Dancing before : charted(List.of(
                book("waltz").get(0),
                book("waltz").get(1),
                book("waltz").get(book("waltz").size() - 3)))) {
            for (ElementKind kind : ElementKind.values()) {
                for (Optional<Part> who : List.of(Optional.<Part>empty(), Optional.of(Part.LADY))) {
                    for (Element element : List.of(
                            new Element(kind, 1, who, RelationChange.NONE, Turn.NONE),
                            new Element(kind, 3, who, RelationChange.parse("PP"), Turn.parse("3/8 L")))) {
                        Dancing dancing = element.after(
                                before.exit(), Dances.find("waltz").orElseThrow());
                        lines.add(before + ", " + element.wording() + ": "
                                + dancing.exitFrom(
                                        before.exit().facing(), before.exit().beat()));
                        for (Part part : Part.values()) {
                            lines.add("    " + part + " "
                                    + dancing.danced().chart(part).steps().stream()
                                            .map(step -> step.count()
                                                            .map(Object::toString)
                                                            .orElse("") + " "
                                                    + step.footPosition()
                                                            .map(Object::toString)
                                                            .orElse("stays") + " " + step.turn() + " "
                                                    + step.alignment()
                                                            .map(Object::toString)
                                                            .orElse("") + step.actions())
                                            .toList());
                        }
                    }
                }
            }
        }
        Approved.assertApproved("elements-waltz", lines);
    }

    private static String shown(Move move) {
        return move.dancing() + " from " + move.facing() + " " + move.outcome();
    }

    private static String shown(Before before) {
        return shown(before.move()) + (before.corner() ? " corner " : " ") + before.outcome() + " leaves "
                + before.exit().facing();
    }

    private static List<Dancing> charted(List<Figure> book) {
        return book.stream().map(figure -> Dancing.of(figure, Way.AS_CHARTED)).toList();
    }
}
