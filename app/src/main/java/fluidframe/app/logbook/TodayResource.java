package fluidframe.app.logbook;

import fluidframe.app.logbook.TodayDocuments.CoupleTodayDocument;
import fluidframe.app.logbook.TodayDocuments.DueDocument;
import fluidframe.app.logbook.TodayDocuments.LessonPlanDocument;
import fluidframe.app.logbook.TodayDocuments.LessonPlanQuestionDocument;
import fluidframe.app.logbook.TodayDocuments.NextEventDocument;
import fluidframe.app.logbook.TodayDocuments.TodayDocument;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.work.Prepared;
import fluidframe.app.work.Work;
import fluidframe.core.figure.Figure;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Due;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.PracticeItem;
import fluidframe.core.practice.PracticeOrderSentence;
import fluidframe.core.practice.WhatToday;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What today: the day's lessons, what is due for whom and why, and a lesson made of it. */
@RestController
@RequestMapping("/api")
@Tag(name = "logbook")
class TodayResource implements Prepared {

    private static final int MOST_OF_ONE = 40;
    private static final int MOST_OF_ALL = 3;

    private final CoupleStore couples;
    private final LessonStore lessons;
    private final Ledgers ledgers;
    private final Commitments commitments;
    private final Curricula curricula;
    private final SubjectTitles titles;
    private final LessonPlans plans;
    private final Work work;

    TodayResource(
            CoupleStore couples,
            LessonStore lessons,
            Ledgers ledgers,
            Commitments commitments,
            Curricula curricula,
            SubjectTitles titles,
            LessonPlans plans,
            Work work) {
        this.couples = couples;
        this.lessons = lessons;
        this.ledgers = ledgers;
        this.commitments = commitments;
        this.curricula = curricula;
        this.titles = titles;
        this.plans = plans;
        this.work = work;
    }

    /**
     * What is due, of one couple at length or of everybody in short.
     *
     * @param zone the name of the time zone in which days are counted; the program's where none is given
     * @param date the day; today where none is given
     */
    @GetMapping("/today")
    TodayDocument today(
            @RequestParam(required = false) String couple,
            @RequestParam(required = false) String zone,
            @RequestParam(required = false) String date) {
        ZoneId in = zone(zone);
        Instant now = moment(date, in);
        LocalDate day = LocalDate.ofInstant(now, in);
        Map<Long, CoupleDocument> all = couples.byNumber();
        if (couple != null && all.values().stream().noneMatch(each -> each.id().equals(couple))) {
            throw new UnknownException("couple", couple);
        }
        Commitments.Known known = commitments.known();
        Map<Long, Ledger> standings = ledgers.all();
        List<CoupleTodayDocument> found = new ArrayList<>();
        all.forEach((number, each) -> {
            if (couple == null || each.id().equals(couple)) {
                List<Commitment> wanted = known.of(each, day);
                Ledger ledger = standings.getOrDefault(number, Ledger.of(List.of()));
                List<PracticeItem> due =
                        PracticeItem.of(WhatToday.rank(ledger, wanted, curricula.of(each, wanted, ledger), now, in));
                List<PracticeItem> first = due.stream()
                        .limit(couple == null ? MOST_OF_ALL : MOST_OF_ONE)
                        .toList();
                Map<String, Figure> figures = titles.figures(first.stream()
                        .flatMap(item -> Stream.concat(Stream.of(item.first()), item.also().stream()))
                        .map(Due::subject)
                        .toList());
                found.add(new CoupleTodayDocument(
                        each.id(),
                        each.title(),
                        due.size(),
                        first.stream()
                                .map(item -> DueDocument.of(item, figures))
                                .toList(),
                        events(wanted, day)));
            }
        });
        return new TodayDocument(day.toString(), lessons.between(day, day), found, PracticeOrderSentence.all());
    }

    @Override
    public void prepare() {
        today(null, null, null);
    }

    private static List<NextEventDocument> events(List<Commitment> wanted, LocalDate day) {
        return wanted.stream()
                .flatMap(commitment -> commitment.event().stream())
                .distinct()
                .map(event -> new NextEventDocument(
                        event.title(), event.date().toString(), (int) ChronoUnit.DAYS.between(day, event.date())))
                .toList();
    }

    static ZoneId zone(String name) {
        try {
            return name == null ? ZoneId.systemDefault() : ZoneId.of(name);
        } catch (DateTimeException e) {
            throw RefusedException.of("/zone", name, LogbookSentences.aTimeZoneSuchAsEurope());
        }
    }

    /** Now, or at that time of another day. */
    static Instant moment(String date, ZoneId zone) {
        return date == null
                ? Instant.now()
                : LessonResource.date("/date", date)
                        .atTime(LocalTime.now(zone))
                        .atZone(zone)
                        .toInstant();
    }

    /** A lesson made of what is due. Nothing is kept. */
    @PostMapping("/lesson-plans")
    LessonPlanDocument plan(@Valid @RequestBody LessonPlanQuestionDocument question) {
        ZoneId zone = zone(question.zone());
        Instant now = moment(question.date(), zone);
        return work.quickly(() -> {
            LessonPlans.Plan plan = plans.plan(question.couple(), question.minutes(), question.routine(), now, zone);
            return new LessonPlanDocument(plan.title(), plan.routine(), plan.parts(), plan.cautions(), plan.asks());
        });
    }
}
