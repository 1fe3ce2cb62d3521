package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.BridgeQuestion;
import fluidframe.app.composing.ComposingDocuments.ChainDocument;
import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.composing.ComposingDocuments.CompositionsDocument;
import fluidframe.app.composing.ComposingDocuments.DetourDocument;
import fluidframe.app.composing.ComposingDocuments.LoopDocument;
import fluidframe.app.composing.ComposingDocuments.NextDocument;
import fluidframe.app.composing.ComposingDocuments.PlaceQuestion;
import fluidframe.app.composing.ComposingDocuments.ProgressDocument;
import fluidframe.app.composing.ComposingDocuments.RepairDocument;
import fluidframe.app.composing.MendingPlanDocument.MendingQuestion;
import fluidframe.app.composing.MendingPlanDocument.SeamDocument;
import fluidframe.app.links.VerdictDocument;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.work.SearchTime;
import fluidframe.app.work.Work;
import fluidframe.core.choreography.Term;
import fluidframe.core.detour.Detours;
import fluidframe.core.link.Bridges;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Suggestions;
import fluidframe.core.link.Verdict;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.mending.Mender;
import fluidframe.core.mending.SeamKey;
import fluidframe.core.room.DancedOn;
import fluidframe.core.routine.Placement;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Putting a routine together: what may come next, what mends a seam, whether it loops, and whole stretches composed.
 * Nothing is stored.
 */
@RestController
@RequestMapping("/api")
@Tag(name = "composing")
class ComposingResource {

    /** No request keeps a thread longer; what has been found by then is answered. */
    private static final Duration LONGEST = Duration.ofSeconds(10);

    private static final int CHAINS = 4;
    private static final int LONGEST_BRIDGE_BARS = 16;
    private static final int LONGEST_COMPLETION_BARS = 8;

    private final RoutineReader reader;
    private final Repertoires repertoires;
    private final Scores scores;
    private final Compositions compositions;
    private final Runs runs;
    private final Work work;
    private final SearchTime searchTime;

    ComposingResource(
            RoutineReader reader,
            Repertoires repertoires,
            Scores scores,
            Compositions compositions,
            Runs runs,
            Work work,
            SearchTime searchTime) {
        this.compositions = compositions;
        this.reader = reader;
        this.repertoires = repertoires;
        this.scores = scores;
        this.runs = runs;
        this.work = work;
        this.searchTime = searchTime;
    }

    private Standing standing(RoutineDocument document) {
        return new Standing(scores.of(reader.read(document)), repertoires);
    }

    @PostMapping("/next")
    NextDocument next(@Valid @RequestBody PlaceQuestion question) {
        return work.quickly(() -> after(question));
    }

    private NextDocument after(PlaceQuestion question) {
        Standing standing = standing(question.routine());
        return NextDocument.of(
                Suggestions.after(
                        standing.repertoire(), standing.dancing(question.after()), standing.exit(question.after())),
                compared -> ComposingSentences.needs(compared.aspect().wording(), VerdictSentence.needed(compared)));
    }

    /** What may come before a place, the best first; and what cannot, by reason. */
    @PostMapping("/previous")
    NextDocument previous(@Valid @RequestBody PlaceQuestion question) {
        return work.quickly(() -> before(question));
    }

    private NextDocument before(PlaceQuestion question) {
        Standing standing = standing(question.routine());
        return NextDocument.of(
                Suggestions.before(
                        standing.repertoire(), standing.dancing(question.after()), standing.entry(question.after())),
                compared -> ComposingSentences.leaves(compared.aspect().wording(), VerdictSentence.given(compared)));
    }

    /** What mends the seam after a place; of each only what leaves the whole routine with less to mend. */
    @PostMapping("/repairs")
    List<RepairDocument> repairs(@Valid @RequestBody PlaceQuestion question) {
        return work.quickly(() -> mending(question));
    }

    /**
     * How every seam that breaks could be mended, the seams named left out; it never takes away a corner or an
     * alignment that is set.
     */
    @PostMapping("/mending-plans")
    MendingPlanDocument plan(@Valid @RequestBody MendingQuestion question) {
        return work.patiently(() -> planned(question));
    }

    private List<RepairDocument> mending(PlaceQuestion question) {
        Standing standing = standing(question.routine());
        standing.placed(question.after());
        standing.placed(question.after() + 1);
        RoutineWriter writer = new RoutineWriter(question.routine(), standing.routine());
        return new Mender(standing.repertoire())
                .repairs(standing.course(), question.after()).stream()
                        .map(mended -> RepairDocument.of(mended, writer))
                        .toList();
    }

    private MendingPlanDocument planned(MendingQuestion question) {
        Standing standing = standing(question.routine());
        List<SeamKey> skipped = question.skipped() == null
                ? List.of()
                : question.skipped().stream().map(SeamDocument::key).toList();
        return MendingPlanDocument.of(
                new Mender(standing.repertoire()).plan(standing.course(), skipped),
                new RoutineWriter(question.routine(), standing.routine()));
    }

    /** Ways round what blocks the way after a place, each of which rejoins the routine with the phrase. */
    @PostMapping("/detours")
    List<DetourDocument> detours(@Valid @RequestBody PlaceQuestion question) {
        return work.patiently(() -> goingRound(question));
    }

    private List<DetourDocument> goingRound(PlaceQuestion question) {
        Standing standing = standing(question.routine());
        standing.placed(question.after());
        standing.placed(question.after() + 1);
        return new Detours(standing.repertoire())
                .after(standing.course(), question.after(), () -> false).stream()
                        .map(detour -> DetourDocument.of(
                                detour,
                                DancedOn.of(
                                                standing.course(),
                                                Optional.of(question.after()),
                                                detour.items().stream()
                                                        .map(Placement::of)
                                                        .toList())
                                        .path()))
                        .toList();
    }

    /** The shortest chains of figures that lead from a place to what is danced after it now. */
    @PostMapping("/bridges")
    List<ChainDocument> bridges(@Valid @RequestBody BridgeQuestion question) {
        return work.quickly(() -> bridging(question));
    }

    private List<ChainDocument> bridging(BridgeQuestion question) {
        Standing standing = standing(question.routine());
        if (question.most() < 1 || question.most() > LONGEST_BRIDGE_BARS) {
            throw new RefusedException(
                    ComposingSentences.aBridgeCannotHaveThisLength(),
                    List.of(Fault.of(
                            "/most", String.valueOf(question.most()), ComposingSentences.toBars(LONGEST_BRIDGE_BARS))));
        }
        return chains(standing, question.after(), standing.dancing(question.after() + 1), question.most());
    }

    private static List<ChainDocument> chains(Standing standing, int after, Dancing to, int bars) {
        Beats most = standing.routine().dance().rhythm().bar().times(bars);
        return new Bridges(standing.repertoire())
                .between(standing.dancing(after).listed(), standing.exit(after), to, most, CHAINS + 1).stream()
                        .filter(chain -> !chain.isEmpty())
                        .limit(CHAINS)
                        .map(ChainDocument::of)
                        .toList();
    }

    /** Whether the routine can be danced again from its end, and what would close it. */
    @PostMapping("/loops")
    LoopDocument loop(@Valid @RequestBody RoutineDocument document) {
        return work.quickly(() -> looping(document));
    }

    private LoopDocument looping(RoutineDocument document) {
        Standing standing = standing(document);
        Dancing end = standing.dancing(standing.last());
        Dancing first = standing.dancing(0);
        ExitState exit = standing.exit(standing.last());
        Verdict straight = Link.between(
                exit,
                first.entry(),
                end.figure(),
                first.figure(),
                standing.repertoire().conditions());
        Verdict round = Link.between(
                exit.afterCorner(),
                first.entry(),
                end.figure(),
                first.figure(),
                standing.repertoire().conditions());
        List<ChainDocument> completions = straight.outcome() == Outcome.HOLDS
                ? List.of()
                : chains(standing, standing.last(), first, LONGEST_COMPLETION_BARS);
        return new LoopDocument(VerdictDocument.of(straight), VerdictDocument.of(round), completions);
    }

    @PostMapping("/compositions")
    CompositionsDocument compose(@Valid @RequestBody CompositionQuestion question) {
        return runs.run(question.run(), searchTime.of(LONGEST), run -> work.patiently(() -> composing(question, run)));
    }

    private CompositionsDocument composing(CompositionQuestion question, Run run) {
        run.begin();
        return compositions.of(question, run);
    }

    /** How much each priority usually counts, by the names the reasons have. */
    @GetMapping("/composing-weights")
    Map<String, Integer> usualWeights() {
        Map<String, Integer> usual = new TreeMap<>();
        Stream.of(Term.values())
                .filter(Term::isWeighed)
                .forEach(term -> usual.put(ComposingDocuments.name(term), Term.USUAL_WEIGHT));
        return usual;
    }

    /** How far a composition is; one that waits for its turn, or is over, is not running. */
    @GetMapping("/compositions/{run}")
    ProgressDocument progress(@PathVariable String run) {
        return ProgressDocument.of(runs.find(run));
    }

    /**
     * Ends a composition that is being worked out, or waits for its turn; its request then answers with what was found.
     */
    @DeleteMapping("/compositions/{run}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable String run) {
        runs.stop(run);
    }
}
