package fluidframe.app.figures;

import fluidframe.app.dances.DanceCustomChange;
import fluidframe.app.dances.StudioDances;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.core.dance.Dance;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How many findings lists show of each figure is stored with it, for lists are read without the charts. They are
 * counted again when a dance is held differently, before whoever changed it is answered, and once after every start,
 * for an older program may have had other rules. The revision of a figure stays: its chart is the same.
 */
@Component
@Lazy(false)
class FindingCounts {

    private static final int DAY_MILLISECONDS = 86_400_000;

    private final FigureLibrary library;
    private final FigureRepository repository;
    private final StudioDances dances;
    private final CurrentStudio studio;
    private final Changes changes;
    private final TransactionTemplate writing;

    FindingCounts(
            FigureLibrary library,
            @Lazy FigureRepository repository,
            StudioDances dances,
            CurrentStudio studio,
            Changes changes,
            PlatformTransactionManager transactions) {
        this.library = library;
        this.repository = repository;
        this.dances = dances;
        this.studio = studio;
        this.changes = changes;
        this.writing = new TransactionTemplate(transactions);
        this.writing.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void dancedDifferently(DanceCustomChange change) {
        count(change.dance());
    }

    @Scheduled(initialDelayString = "${fluidframe.prepared-after}", fixedDelay = DAY_MILLISECONDS)
    void afterAStart() {
        dances.all().stream().map(Dance::id).forEach(this::count);
    }

    /** Writes nothing where the counts are as they were, so that nobody's saving waits for it. */
    private void count(String dance) {
        Map<String, FigureSummary> listed = library.summariesOfDance(dance);
        List<Counted> changed = library.ofDance(dance).stream()
                .map(Counted::of)
                .filter(counted -> !counted.isOf(listed.get(counted.id())))
                .toList();
        if (!changed.isEmpty()) {
            writing.executeWithoutResult(status -> {
                changed.forEach(each -> repository.count(studio.id(), each.id(), each.errors(), each.warnings()));
                changes.madeHere();
            });
        }
    }

    private record Counted(String id, int errors, int warnings) {

        static Counted of(StoredFigure stored) {
            FigureFacts facts = FigureFacts.of(stored.figure());
            return new Counted(stored.figure().id(), facts.errors(), facts.warnings());
        }

        boolean isOf(FigureSummary listed) {
            return listed != null && listed.errors() == errors && listed.warnings() == warnings;
        }
    }
}
