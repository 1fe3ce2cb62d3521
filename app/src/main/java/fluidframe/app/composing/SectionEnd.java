package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineDocument.SectionDocument;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.routine.Section;
import fluidframe.core.routine.SectionSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The end of the last time a section is danced, where something is added that the other times do not have: "verse two
 * is verse one with four bars more".
 */
final class SectionEnd {

    private static final String LAST_TIME = ComposingSentences.lastTime();
    private static final String ONCE_MORE = ComposingSentences.onceMore();

    private final CompositionQuestion question;
    private final SectionSpan span;
    private final int times;
    private final RoutineDocument routine;

    private SectionEnd(CompositionQuestion question, SectionSpan span, Routine asked) {
        this.question = question;
        this.span = span;
        this.times = span.section().times() + (question.within().equals(ONCE_MORE) ? 1 : 0);
        this.routine = danced(question.routine(), asked);
    }

    /** @throws RefusedException if the placement lies in no section, or that is danced as often as can be already */
    static SectionEnd of(CompositionQuestion question, Standing standing) {
        if (!question.within().equals(LAST_TIME) && !question.within().equals(ONCE_MORE)) {
            throw refused(
                    ComposingSentences.nothingCanBeAddedThere(),
                    "/within",
                    question.within(),
                    LAST_TIME + " or " + ONCE_MORE);
        }
        int after = question.after() == null ? standing.last() : question.after();
        SectionSpan span = standing.routine().placements().isEmpty()
                ? null
                : SectionSpan.around(
                                standing.routine().placements(),
                                standing.placed(after).passage().index())
                        .orElse(null);
        if (span == null) {
            throw refused(
                    ComposingSentences.thereIsNoSectionAtThis(),
                    "/after",
                    String.valueOf(question.after()),
                    ComposingSentences.aPlaceInASection());
        }
        if (question.within().equals(ONCE_MORE) && span.section().times() == Section.MOST_TIMES) {
            throw refused(
                    ComposingSentences.isDancedAsOftenAsA(span.section().title()),
                    "/within",
                    question.within(),
                    ComposingSentences.atMostTimes(Section.MOST_TIMES));
        }
        return new SectionEnd(question, span, standing.routine());
    }

    private static RefusedException refused(String sentence, String place, String found, String expected) {
        return new RefusedException(sentence, List.of(Fault.of(place, found, expected)));
    }

    /** Danced once more, the new time is danced as the last one was. */
    private RoutineDocument danced(RoutineDocument document, Routine asked) {
        List<PlacementDocument> placements = new ArrayList<>(document.placements());
        for (int i = span.from(); i < span.to(); i++) {
            SortedSet<Integer> rounds = new TreeSet<>(asked.placements().get(i).rounds());
            if (rounds.contains(span.section().times())) {
                rounds.add(times);
            }
            SectionDocument section =
                    i == span.from() ? new SectionDocument(span.section().title(), times) : null;
            placements.set(i, placements.get(i).within(section, rounds.isEmpty() ? null : RepeatTimes.write(rounds)));
        }
        return document.with(placements);
    }

    /** The routine with the section as often as it is danced then, and nothing added yet. */
    RoutineDocument routine() {
        return routine;
    }

    /**
     * What is asked of that routine: to go on from where the section ends for the last time, and to lead into what
     * follows it, if anything does.
     */
    CompositionQuestion question(Standing standing) {
        int last = IntStream.rangeClosed(0, standing.last())
                .filter(passage -> span.has(standing.placed(passage).passage(), times))
                .max()
                .orElseThrow(() -> refused(
                        ComposingSentences.nothingOfTheSectionIsDanced(),
                        "/within",
                        question.within(),
                        ComposingSentences.aFigureThatIsDancedThen()));
        return question.of(routine, last, last < standing.last());
    }

    /** Why the section cannot be danced again from its end, if it cannot. */
    Optional<String> againBreaks(Standing standing) {
        List<ScoredPlacement> placed = standing.course().placements();
        return standing.course().seams().stream()
                .filter(seam -> span.has(placed.get(seam.after()).passage(), times - 1)
                        && span.has(placed.get(seam.after() + 1).passage(), times))
                .filter(seam -> seam.verdict().outcome() == Outcome.BREAKS)
                .findFirst()
                .map(seam -> ComposingSentences.doesNotLeadIntoItselfYet(
                        span.section().title(), VerdictSentence.of(seam.verdict())));
    }

    /** All placements with something added to the last time. */
    List<PlacementDocument> with(List<PlacementDocument> added) {
        List<PlacementDocument> whole = new ArrayList<>(routine.placements());
        String round = times == 1 ? null : RepeatTimes.write(new TreeSet<>(List.of(times)));
        whole.addAll(
                span.to(),
                added.stream().map(placement -> placement.within(null, round)).toList());
        return whole;
    }
}
