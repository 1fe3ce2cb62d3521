package fluidframe.app.logbook;

import fluidframe.app.logbook.LessonDocument.LessonPartDocument;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.practice.Due;
import fluidframe.core.practice.LessonPlanner;
import fluidframe.core.practice.WhatToday;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Lessons made of what is due for a couple. */
@Component
public class LessonPlans {

    private final CoupleStore couples;
    private final Ledgers ledgers;
    private final Commitments commitments;
    private final SubjectTitles titles;

    LessonPlans(CoupleStore couples, Ledgers ledgers, Commitments commitments, SubjectTitles titles) {
        this.couples = couples;
        this.ledgers = ledgers;
        this.commitments = commitments;
        this.titles = titles;
    }

    /**
     * A lesson that was planned.
     *
     * @param routine the id of the routine in work; empty for none
     */
    public record Plan(String routine, List<LessonPartDocument> parts) {
    }

    /**
     * @param routine the id of the routine in work; null for the first of the couple's
     * @throws RefusedException if there is no such couple, or it is no length for a lesson
     */
    public Plan plan(String id, int minutes, String routine, Instant now) {
        ZoneId zone = ZoneId.systemDefault();
        long number = couples.find(id).orElseThrow(() -> RefusedException.of("/couple", id, "the id of a couple"));
        CoupleDocument couple = couples.get(id).document();
        Commitments.Known known = commitments.known();
        Optional<RoutineDocument> inWork = known.routine(routine).or(() -> couple.routines() == null ? Optional.empty() : couple.routines().stream().findFirst().flatMap(known::routine));
        List<Due> due = WhatToday.rank(ledgers.of(number), known.of(couple, LocalDate.ofInstant(now, zone)), now, zone);
        try {
            return new Plan(inWork.map(RoutineDocument::id).orElse(""),
                    LessonPlanner.plan(minutes, due, inWork.map(RoutineDocument::title), titles.of(due.stream().map(Due::subject).toList())).stream().map(LessonPartDocument::of).toList());
        } catch (IllegalArgumentException e) {
            throw RefusedException.of("/minutes", String.valueOf(minutes), LessonPlanner.SHORTEST + " to " + LessonPlanner.LONGEST + " minutes");
        }
    }
}
