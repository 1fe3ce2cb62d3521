package fluidframe.core.book;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a figure does not say yet that a couple would have to be told: a cell of a step, who leads a change of hold or
 * position and how, where the hips are in a dance that is danced through them, enough to teach by, and what may stand
 * before and after it.
 */
final class Lacks {

    private static final int CUES = 3;
    private static final int FAULTS = 2;

    private Lacks() {}

    static List<String> of(Figure figure) {
        List<String> lacks = new ArrayList<>();
        add(
                lacks,
                steps(figure)
                        .anyMatch(step -> step.footPosition().isEmpty()
                                || step.alignment().isEmpty()),
                BookSentences.footPositionsAndAlignmentsOfEvery());
        add(
                lacks,
                steps(figure)
                        .anyMatch(step -> step.takesWeight() && step.footwork().isNone()),
                BookSentences.footworkOfEveryStep());
        add(
                lacks,
                figure.dance().technique().hipAction()
                        && steps(figure).allMatch(step -> step.body().equals(BodyAction.NONE)),
                BookSentences.hipsAndBody());
        add(
                lacks,
                changes(figure)
                        && figure.man().steps().stream()
                                .noneMatch(step -> !step.lead().isBlank()),
                BookSentences.theLead());
        add(lacks, figure.teaching().cues().size() < CUES, "cues");
        add(lacks, figure.teaching().faults().size() < FAULTS, "faults");
        add(lacks, figure.teaching().drills().isEmpty(), "a drill");
        add(lacks, figure.neighbours().follows().isEmpty(), BookSentences.whatComesBefore());
        add(lacks, figure.neighbours().precedes().isEmpty(), BookSentences.whatComesAfter());
        return lacks;
    }

    private static void add(List<String> lacks, boolean missing, String what) {
        if (missing) {
            lacks.add(what);
        }
    }

    private static Stream<Step> steps(Figure figure) {
        return Stream.of(Part.values()).flatMap(part -> figure.chart(part).steps().stream());
    }

    /** Whether the hold changes, or the position from face to face to anything else or back. */
    private static boolean changes(Figure figure) {
        Relation before = figure.start();
        for (Moment moment : Moments.of(figure, figure.timing(Part.MAN), figure.timing(Part.LADY))) {
            Relation now = moment.relation();
            if (now.hold() != before.hold()
                    || !now.position().facing().equals(before.position().facing())) {
                return true;
            }
            before = now;
        }
        return false;
    }
}
