package fluidframe.app.logbook;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.logbook.TodayDocuments.AnswerProgressDocument;
import fluidframe.app.logbook.TodayDocuments.CoupleProgressDocument;
import fluidframe.app.logbook.TodayDocuments.FaultMonthDocument;
import fluidframe.app.logbook.TodayDocuments.FaultProgressDocument;
import fluidframe.app.logbook.TodayDocuments.FigureProgressDocument;
import fluidframe.app.logbook.TodayDocuments.GradeDocument;
import fluidframe.app.logbook.TodayDocuments.ProgressRowDocument;
import fluidframe.app.logbook.TodayDocuments.ProgressTableDocument;
import fluidframe.app.logbook.TodayDocuments.TermDocument;
import fluidframe.app.logbook.TodayDocuments.TermLeftDocument;
import fluidframe.app.logbook.TodayDocuments.TermLessonDocument;
import fluidframe.app.logbook.TodayDocuments.TermSubjectDocument;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.figure.Figure;
import fluidframe.core.memory.Grade;
import fluidframe.core.notation.Column;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.Noted;
import fluidframe.core.practice.Practised;
import fluidframe.core.practice.Subject;
import fluidframe.core.practice.TermPlan;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How far couples have come, and what will not fit before an event. */
@RestController
@RequestMapping("/api")
@Tag(name = "logbook")
class ProgressResource {

    private static final int MOST_GRADES = 40;
    private static final int SHORTEST_GAP = 1;
    private static final int LONGEST_GAP = 60;
    private static final int MOST_IN_A_LESSON = 30;
    private static final long FARTHEST_DAYS = 730;

    private final CoupleStore couples;
    private final NoteStore notes;
    private final Ledgers ledgers;
    private final Commitments commitments;
    private final FigureStore figures;
    private final SubjectTitles titles;
    private final Work work;

    ProgressResource(
            CoupleStore couples,
            NoteStore notes,
            Ledgers ledgers,
            Commitments commitments,
            FigureStore figures,
            SubjectTitles titles,
            Work work) {
        this.couples = couples;
        this.notes = notes;
        this.ledgers = ledgers;
        this.commitments = commitments;
        this.figures = figures;
        this.titles = titles;
        this.work = work;
    }

    /** Figures by couples, from shown to secure. */
    @GetMapping("/progress")
    ProgressTableDocument table() {
        return work.quickly(() -> {
            Map<Long, CoupleDocument> all = couples.byNumber();
            Map<Long, Ledger> standings = ledgers.all();
            Set<String> ids = new TreeSet<>();
            standings
                    .values()
                    .forEach(ledger -> ledger.all().forEach(practised -> {
                        if (practised.subject() instanceof Subject.Whole whole) {
                            ids.add(whole.id());
                        }
                    }));
            Ledger nothing = Ledger.of(List.of());
            List<ProgressRowDocument> rows = figures.findAll(ids).values().stream()
                    .sorted(Comparator.comparing(
                                    (Figure figure) -> figure.dance().title())
                            .thenComparing(Figure::level)
                            .thenComparing(Figure::title))
                    .map(figure -> new ProgressRowDocument(
                            figure.id(),
                            figure.title(),
                            figure.dance().id(),
                            all.keySet().stream()
                                    .map(number -> standings
                                            .getOrDefault(number, nothing)
                                            .stage(new Subject.Whole(figure.id()))
                                            .shorthand())
                                    .toList()))
                    .toList();
            return new ProgressTableDocument(
                    all.values().stream().map(CoupleDocument::id).toList(),
                    all.values().stream().map(CoupleDocument::title).toList(),
                    rows);
        });
    }

    @GetMapping("/couples/{id}/progress")
    CoupleProgressDocument of(@PathVariable String id, @RequestParam(required = false) String zone) {
        ZoneId in = TodayResource.zone(zone);
        return work.quickly(() -> {
            CoupleDocument couple = couples.get(id).document();
            long number = couples.number(id);
            List<Noted> noted = Ledgers.danced(notes.of(number));
            Ledger ledger = ledgers.of(number);
            Map<String, Figure> known =
                    titles.figures(ledger.all().stream().map(Practised::subject).toList());
            return new CoupleProgressDocument(
                    couple.id(),
                    couple.title(),
                    figureProgress(ledger, noted, known, in),
                    faultProgress(ledger, known, in),
                    months(noted, in),
                    answers(notes.of(number)));
        });
    }

    private static List<FigureProgressDocument> figureProgress(
            Ledger ledger, List<Noted> noted, Map<String, Figure> known, ZoneId zone) {
        Instant now = Instant.now();
        Map<Subject, List<GradeDocument>> grades = new LinkedHashMap<>();
        noted.stream()
                .sorted(Comparator.comparing(Noted::at))
                .forEach(note -> note.grade()
                        .ifPresent(grade -> grades.computeIfAbsent(note.subject(), key -> new ArrayList<>())
                                .add(new GradeDocument(day(note.at(), zone), grade.shorthand()))));
        return ledger.all().stream()
                .filter(practised -> practised.subject() instanceof Subject.Whole)
                .sorted(Comparator.comparing(Practised::stage)
                        .thenComparing(practised -> practised.subject().wording(SubjectTitles.of(known))))
                .map(practised -> {
                    String id = practised.subject().figure().orElseThrow();
                    List<GradeDocument> all = grades.get(practised.subject());
                    return new FigureProgressDocument(
                            id,
                            practised.subject().wording(SubjectTitles.of(known)),
                            known.containsKey(id) ? known.get(id).dance().id() : "",
                            practised.stage().shorthand(),
                            (int) Math.round(practised.memory().recallAt(now) * 100),
                            practised.times(),
                            day(practised.first(), zone),
                            day(practised.memory().last(), zone),
                            all.subList(Math.max(0, all.size() - MOST_GRADES), all.size()));
                })
                .toList();
    }

    private static List<FaultProgressDocument> faultProgress(Ledger ledger, Map<String, Figure> known, ZoneId zone) {
        return ledger.all().stream()
                .filter(practised -> practised.subject() instanceof Subject.Fault)
                .sorted(Comparator.comparingInt(Practised::lost)
                        .reversed()
                        .thenComparing(practised -> practised.subject().toString()))
                .map(practised -> new FaultProgressDocument(
                        practised.subject().toString(),
                        practised.subject().wording(SubjectTitles.of(known)),
                        kind((Subject.Fault) practised.subject()),
                        practised.lost(),
                        practised.times(),
                        day(practised.first(), zone),
                        day(practised.memory().last(), zone),
                        practised.keepsComingBack()))
                .toList();
    }

    private static List<AnswerProgressDocument> answers(List<NoteDocument> documents) {
        Map<String, Map<String, List<Grade>>> given = new TreeMap<>();
        documents.forEach(note -> Ledgers.read(note)
                .flatMap(NoteReading::danced)
                .ifPresent(noted -> {
                    if (noted.subject() instanceof Subject.Charted charted) {
                        noted.grade()
                                .ifPresent(grade -> given.computeIfAbsent(
                                                note.person() == null ? "" : note.person(), key -> new TreeMap<>())
                                        .computeIfAbsent(charted.kind(), key -> new ArrayList<>())
                                        .add(grade));
                    }
                }));
        return given.entrySet().stream()
                .flatMap(person -> person.getValue().entrySet().stream()
                        .map(kind -> new AnswerProgressDocument(
                                person.getKey(),
                                kind.getKey(),
                                kind.getValue().size(),
                                (int) kind.getValue().stream()
                                        .filter(grade -> grade.compareTo(Grade.GOOD) >= 0)
                                        .count(),
                                (int) kind.getValue().stream()
                                        .filter(grade -> grade == Grade.SHAKY)
                                        .count())))
                .toList();
    }

    private static String kind(Subject.Fault fault) {
        return fault.cell().map(Column::title).orElse(LogbookSentences.theWholeStep());
    }

    private static List<FaultMonthDocument> months(List<Noted> noted, ZoneId zone) {
        Map<String, Map<YearMonth, Integer>> seen = new TreeMap<>();
        noted.forEach(note -> note.faults()
                .forEach(fault -> seen.computeIfAbsent(kind(fault), key -> new TreeMap<>())
                        .merge(YearMonth.from(note.at().atZone(zone)), 1, Integer::sum)));
        return seen.entrySet().stream()
                .flatMap(kind -> kind.getValue().entrySet().stream()
                        .map(month -> new FaultMonthDocument(
                                kind.getKey(), month.getKey().toString(), month.getValue())))
                .toList();
    }

    private static String day(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone).toString();
    }

    /**
     * The lessons until the couple's next event, or a named day, and what does not fit.
     *
     * @param every days from one lesson to the next
     * @param each how many things one lesson has time for
     */
    @GetMapping("/couples/{id}/term")
    TermDocument term(
            @PathVariable String id,
            @RequestParam(defaultValue = "7") int every,
            @RequestParam(defaultValue = "5") int each,
            @RequestParam(required = false) String until,
            @RequestParam(required = false) String zone) {
        bounded("/every", every, SHORTEST_GAP, LONGEST_GAP, "days");
        bounded("/each", each, 1, MOST_IN_A_LESSON, "things");
        ZoneId in = TodayResource.zone(zone);
        LocalDate today = LocalDate.now(in);
        return work.quickly(() -> {
            CoupleDocument couple = couples.get(id).document();
            List<Commitment> wanted = commitments.known().of(couple, today);
            LocalDate day = until != null
                    ? LessonResource.date("/until", until)
                    : wanted.stream()
                            .flatMap(commitment -> commitment.event().stream())
                            .map(Commitment.Occasion::date)
                            .findFirst()
                            .orElseThrow(
                                    () -> RefusedException.of("/until", "", LogbookSentences.aDayTheyAreEnteredFor()));
            if (!day.isAfter(today) || ChronoUnit.DAYS.between(today, day) > FARTHEST_DAYS) {
                throw RefusedException.of("/until", day.toString(), LogbookSentences.aDayFromTomorrowOnWithin());
            }
            List<Subject> subjects = wanted.stream()
                    .filter(commitment -> commitment.event().isEmpty()
                            || !commitment.event().get().date().isAfter(day))
                    .flatMap(commitment -> commitment.subjects().stream())
                    .distinct()
                    .toList();
            String event = wanted.stream()
                    .flatMap(commitment -> commitment.event().stream())
                    .filter(occasion -> occasion.date().equals(day))
                    .map(Commitment.Occasion::title)
                    .findFirst()
                    .orElse("");
            TermPlan plan = TermPlan.towards(
                    subjects,
                    ledgers.of(couples.number(id)),
                    today.plusDays(1).atTime(18, 0).atZone(in).toInstant(),
                    every,
                    each,
                    day.atTime(12, 0).atZone(in).toInstant());
            Map<String, Figure> known = titles.figures(subjects);
            return new TermDocument(
                    event,
                    day.toString(),
                    plan.lessons().stream()
                            .map(lesson -> new TermLessonDocument(
                                    day(lesson.at(), in),
                                    lesson.subjects().stream()
                                            .map(subject -> TermSubjectDocument.of(subject, known))
                                            .toList()))
                            .toList(),
                    plan.left().stream()
                            .map(left -> new TermLeftDocument(
                                    left.subject().toString(),
                                    left.subject().wording(SubjectTitles.of(known)),
                                    (int) Math.round(left.recall() * 100),
                                    left.why()))
                            .toList());
        });
    }

    private static void bounded(String place, int number, int least, int most, String what) {
        if (number < least || number > most) {
            throw RefusedException.of(place, String.valueOf(number), least + " to " + most + " " + what);
        }
    }

    /** The ids of the figures of a dance that are steady or secure with a couple, for what is learned next. */
    @GetMapping("/couples/{id}/known")
    List<String> known(@PathVariable String id, @RequestParam String dance) {
        List<String> known =
                ledgers.of(couples.number(couples.get(id).document().id())).known();
        return figures.findAll(known).values().stream()
                .filter(figure -> figure.dance().id().equals(dance))
                .map(Figure::id)
                .toList();
    }
}
