package fluidframe.app.logbook;

import fluidframe.app.logbook.LessonDocument.LessonPartDocument;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Due;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.LessonPart;
import fluidframe.core.practice.LessonPlanner;
import fluidframe.core.practice.Subject;
import fluidframe.core.practice.WhatToday;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Lessons made of what is due for a couple. */
@Component
public class LessonPlans {

    private final CoupleStore couples;
    private final Ledgers ledgers;
    private final Commitments commitments;
    private final Curricula curricula;
    private final SubjectTitles titles;

    LessonPlans(
            CoupleStore couples, Ledgers ledgers, Commitments commitments, Curricula curricula, SubjectTitles titles) {
        this.couples = couples;
        this.ledgers = ledgers;
        this.commitments = commitments;
        this.curricula = curricula;
        this.titles = titles;
    }

    /** Novices do not meet something deep or turning unasked. */
    private static String asks(CoupleDocument couple, List<Figure> danced) {
        Optional<Level> novice =
                Optional.ofNullable(couple.level()).flatMap(Level.LEXICON::find).filter(Level::isNovice);
        String deep = danced.stream()
                .filter(figure -> figure.teaching().isDeep())
                .map(Figure::title)
                .collect(Collectors.joining(", "));
        return novice.isEmpty() || deep.isEmpty()
                ? ""
                : LogbookSentences.danceAtLevelAndThisLesson(couple.title(), novice.get(), deep);
    }

    /**
     * A lesson that was planned.
     *
     * @param title the title of the first figure that is practised; empty if there is none
     * @param routine the id of the routine in work; empty for none
     * @param cautions what is warned of, once
     * @param asks what a beginner's coach is asked before; empty for nothing
     */
    public record Plan(
            String title, String routine, List<LessonPartDocument> parts, List<String> cautions, String asks) {}

    /**
     * @param routine the id of the routine in work; null for the first of the couple's
     * @param zone in which days are counted
     * @throws RefusedException if there is no such couple, or it is no length for a lesson
     */
    public Plan plan(String id, int minutes, String routine, Instant now, ZoneId zone) {
        long number = couples.find(id)
                .orElseThrow(() -> RefusedException.of("/couple", id, LogbookSentences.theIdOfACouple()));
        CoupleDocument couple = couples.get(id).document();
        Commitments.Known known = commitments.known();
        Optional<RoutineDocument> inWork = known.routine(routine)
                .or(() -> couple.routines() == null
                        ? Optional.empty()
                        : couple.routines().stream().findFirst().flatMap(known::routine));
        List<Commitment> wanted = known.of(couple, LocalDate.ofInstant(now, zone));
        Ledger ledger = ledgers.of(number);
        List<Due> due = WhatToday.rank(ledger, wanted, curricula.of(couple, wanted, ledger), now, zone);
        try {
            Map<String, Figure> figures =
                    titles.figures(due.stream().map(Due::subject).toList());
            List<LessonPart> parts =
                    LessonPlanner.plan(minutes, due, inWork.map(RoutineDocument::title), SubjectTitles.of(figures));
            List<Figure> danced = parts.stream()
                    .flatMap(part -> part.subject().flatMap(Subject::figure).map(figures::get).stream())
                    .distinct()
                    .toList();
            Set<Caution> cautions = new TreeSet<>(Set.of(Caution.WARM_UP));
            danced.forEach(figure -> cautions.addAll(figure.teaching().cautions()));
            return new Plan(
                    danced.stream().findFirst().map(Figure::title).orElse(""),
                    inWork.map(RoutineDocument::id).orElse(""),
                    parts.stream().map(LessonPartDocument::of).toList(),
                    cautions.stream().map(Caution::wording).toList(),
                    asks(couple, danced));
        } catch (IllegalArgumentException e) {
            throw RefusedException.of(
                    "/minutes",
                    String.valueOf(minutes),
                    LogbookSentences.toMinutes(LessonPlanner.SHORTEST, LessonPlanner.LONGEST));
        }
    }
}
