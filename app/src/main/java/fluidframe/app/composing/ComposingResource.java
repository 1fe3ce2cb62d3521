package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.ChainDocument;
import fluidframe.app.composing.ComposingDocuments.CompositionDocument;
import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.composing.ComposingDocuments.CompositionsDocument;
import fluidframe.app.composing.ComposingDocuments.FollowingDocument;
import fluidframe.app.composing.ComposingDocuments.LoopDocument;
import fluidframe.app.composing.ComposingDocuments.NextDocument;
import fluidframe.app.composing.ComposingDocuments.PlaceQuestion;
import fluidframe.app.composing.ComposingDocuments.RefusalDocument;
import fluidframe.app.composing.ComposingDocuments.RepairDocument;
import fluidframe.app.figures.FigureShelf;
import fluidframe.app.links.VerdictDocument;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Relaxation;
import fluidframe.core.compose.Weights;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Bridges;
import fluidframe.core.link.Comparison;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.link.Repairs;
import fluidframe.core.link.Verdict;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Putting a routine together: what may come next, what mends a seam, whether it loops, and whole stretches composed. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "composing")
class ComposingResource {

    private static final int MOST_BARS = 256;
    private static final int WINDOW_BARS = 4;
    private static final int PHRASE_BARS = 8;
    private static final int ANSWERS = 5;
    /** No request keeps a thread longer; what has been found by then is answered. */
    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final int COMPLETIONS = 3;
    private static final int LONGEST_COMPLETION_BARS = 8;

    private final RoutineReader reader;
    private final FigureShelf shelf;

    ComposingResource(RoutineReader reader, FigureShelf shelf) {
        this.reader = reader;
        this.shelf = shelf;
    }

    private Standing standing(RoutineDocument document) {
        Routine routine = reader.read(document);
        return new Standing(routine, shelf, routine.terms());
    }

    @PostMapping("/next")
    NextDocument next(@Valid @RequestBody PlaceQuestion question) {
        Standing standing = standing(question.routine());
        Figure last = standing.placement(question.after()).figure();
        ExitState exit = standing.exit(question.after());
        Map<String, FollowingDocument> may = new LinkedHashMap<>();
        standing.repertoire().after(Optional.of(last), exit).stream()
                .sorted(Comparator.comparing(Move::outcome).thenComparing(move -> !last.neighbours().precedes().contains(move.dancing().figure().id()))
                        .thenComparing(move -> move.dancing().way().changes()))
                .forEach(move -> may.computeIfAbsent(move.dancing().figure().id(), id -> following(standing, last, exit, move)));
        Map<String, List<String>> mayNot = new LinkedHashMap<>();
        for (Dancing dancing : standing.repertoire().dancings()) {
            if (dancing.way().isAsCharted() && !may.containsKey(dancing.figure().id())) {
                Verdict verdict = Link.between(exit, dancing.entry(), last, dancing.figure(), standing.repertoire().terms());
                mayNot.computeIfAbsent(shortReason(verdict), reason -> new ArrayList<>()).add(dancing.figure().title());
            }
        }
        return new NextDocument(List.copyOf(may.values()), mayNot.entrySet().stream()
                .map(entry -> new RefusalDocument(entry.getKey(), entry.getValue())).sorted(Comparator.comparing(refusal -> -refusal.figures().size())).toList());
    }

    private static FollowingDocument following(Standing standing, Figure last, ExitState exit, Move move) {
        Dancing dancing = move.dancing();
        Verdict verdict = Link.between(exit, dancing.entry(), last, dancing.figure(), standing.repertoire().terms());
        String reason = verdict.comparisons().stream().filter(compared -> compared.outcome() == Outcome.BENDS).map(Comparison::reason).findFirst().orElse("");
        return new FollowingDocument(ComposingDocuments.placement(dancing, false), dancing.figure().title(), dancing.way().wording(),
                dancing.figure().level().shorthand(), dancing.length().toDouble(), name(move.outcome()), reason);
    }

    /** "needs LF as the man's free foot". */
    private static String shortReason(Verdict verdict) {
        return verdict.comparisons().stream().filter(compared -> compared.outcome() == Outcome.BREAKS).findFirst()
                .map(compared -> compared.aspect().title() + ": needs " + compared.needed()).orElse("is danced otherwise");
    }

    @PostMapping("/repairs")
    List<RepairDocument> repairs(@Valid @RequestBody PlaceQuestion question) {
        Standing standing = standing(question.routine());
        int after = question.after();
        standing.placement(after + 1);
        Placement next = standing.placement(after + 1);
        Repairs.Seam seam = new Repairs.Seam(standing.dancing(after), standing.score().placements().get(after).entry(), standing.startsAt(after),
                standing.dancing(after + 1), next.start().map(alignment -> alignment.foot()), standing.placement(after).cornerAfter());
        return new Repairs(standing.repertoire()).of(seam).stream().map(repair -> repair(question.routine(), after, repair)).toList();
    }

    private static RepairDocument repair(RoutineDocument routine, int after, Repair repair) {
        List<PlacementDocument> placements = new ArrayList<>(routine.placements());
        placements.set(after, ComposingDocuments.danced(placements.get(after), repair.before(), true, repair.corner()));
        placements.set(after + 1, ComposingDocuments.danced(placements.get(after + 1), repair.after(), repair.start().isPresent(), placements.get(after + 1).cornerAfter()));
        placements.addAll(after + 1, repair.between().stream().map(move -> ComposingDocuments.placement(move.dancing(), false)).toList());
        return new RepairDocument(name(repair.kind()), repair.label(), placements, VerdictDocument.of(repair.verdict()));
    }

    /** Whether the routine can be danced again from its end, and what would close it. */
    @PostMapping("/loops")
    LoopDocument loop(@Valid @RequestBody RoutineDocument document) {
        Standing standing = standing(document);
        int last = standing.routine().placements().size() - 1;
        Placement end = standing.placement(last);
        Dancing first = standing.dancing(0);
        ExitState exit = standing.exit(last);
        Verdict straight = Link.between(exit, first.entry(), end.figure(), first.figure(), standing.repertoire().terms());
        Verdict round = Link.between(exit.afterCorner(), first.entry(), end.figure(), first.figure(), standing.repertoire().terms());
        Beats most = standing.routine().dance().rhythm().bar().times(LONGEST_COMPLETION_BARS);
        List<ChainDocument> completions = straight.outcome() == Outcome.HOLDS ? List.of()
                : new Bridges(standing.repertoire()).between(Optional.of(end.figure()), exit, first, most, COMPLETIONS + 1).stream()
                        .filter(chain -> !chain.isEmpty()).limit(COMPLETIONS).map(ChainDocument::of).toList();
        return new LoopDocument(VerdictDocument.of(straight), VerdictDocument.of(round), completions);
    }

    @PostMapping("/compositions")
    CompositionsDocument compose(@Valid @RequestBody CompositionQuestion question) {
        Standing standing = standing(question.routine());
        Wish wish = wish(question, standing);
        long deadline = System.nanoTime() + LONGEST.toNanos();
        Answer answer = Composer.compose(standing.repertoire(), wish, () -> System.nanoTime() > deadline);
        return new CompositionsDocument(answer.compositions().stream().map(CompositionDocument::of).toList(), answer.exact(), answer.bound(),
                answer.relaxations().stream().map(Relaxation::labels).toList());
    }

    private static Wish wish(CompositionQuestion question, Standing standing) {
        Beats bar = standing.routine().dance().rhythm().bar();
        if (question.least() < 1 || question.most() > MOST_BARS) {
            throw new RefusedException("That many bars cannot be composed.", List.of(Fault.of("/most", String.valueOf(question.most()), "1 to " + MOST_BARS + " bars")));
        }
        checkKnown(question.required(), "/required", standing);
        checkKnown(question.forbidden(), "/forbidden", standing);
        Optional<Wish.Beginning> from = Optional.ofNullable(question.after())
                .map(after -> new Wish.Beginning(standing.placement(after).figure(), standing.exit(after)));
        Optional<String> to = question.meetsNext() ? Optional.of(standing.placement(question.after() == null ? 0 : question.after() + 1).figure().id()) : Optional.empty();
        try {
            return new Wish(from, to, bar.times(question.least()), bar.times(question.most()), set(question.required()), set(question.forbidden()),
                    question.mostTimes() == null ? 1 : question.mostTimes(), bar.times(WINDOW_BARS), question.bends(),
                    question.corners() == null ? 0 : question.corners(), bar.times(PHRASE_BARS), set(question.favourites()), Weights.USUAL, ANSWERS);
        } catch (IllegalArgumentException e) {
            throw new RefusedException("This cannot be composed: " + e.getMessage() + ".", List.of(Fault.of("", "these wishes", e.getMessage())));
        }
    }

    private static void checkKnown(List<String> ids, String place, Standing standing) {
        Set<String> known = Set.copyOf(standing.repertoire().dancings().stream().map(dancing -> dancing.figure().id()).distinct().toList());
        set(ids).stream().filter(id -> !known.contains(id)).findFirst().ifPresent(id -> {
            throw new RefusedException("There is no such figure to dance.", List.of(Fault.of(place, id, "a figure of the dance at the routine's level")));
        });
    }

    private static Set<String> set(List<String> ids) {
        return ids == null ? Set.of() : Set.copyOf(ids);
    }

    private static String name(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
