package fluidframe.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Severity;
import fluidframe.core.figure.Figure;
import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

class FigureStoreTest {

    private final FigureRepository repository = mock();
    private final EntityManager entityManager = mock();
    private final JsonMapper json = JsonMapper.builder().build();
    private final Changes changes = Changes.ofOneOpening();
    private final CurrentStudio studio = new CurrentStudio();
    private final FigureStore store = new FigureStore(
            repository,
            entityManager,
            json,
            new FigureLibrary(
                    FigureReading.ofCatalogue(),
                    repository,
                    changes,
                    studio,
                    TransactionOperations.withoutTransaction(),
                    json),
            changes,
            studio,
            event -> {});
    private final FigureDocument document =
            json.readValue(FigureStoreTest.class.getResourceAsStream("/every-field.json"), FigureDocument.class);
    private final Figure figure = FigureReading.ofCatalogue().accepted(document, "");

    @BeforeEach
    void nothingIsStored() {
        when(repository.findByStudioIdAndSlug(anyLong(), any())).thenReturn(Optional.empty());
    }

    @Test
    void whatIsNewIsWrittenAtOnceSoThatItsRevisionIsKnown() {
        StoredFigure stored = store.create(figure);
        InOrder inOrder = inOrder(entityManager);
        inOrder.verify(entityManager).persist(any(FigureEntity.class));
        inOrder.verify(entityManager).flush();
        assertThat(json.writeValueAsString(stored.document()))
                .isEqualTo(json.writeValueAsString(FigureMapper.document(figure)));
    }

    @Test
    void aTakenIdIsAConflictThatCarriesWhatIsStored() {
        isStored();
        assertThatThrownBy(() -> store.create(figure))
                .isInstanceOfSatisfying(
                        ConflictException.class,
                        conflict -> assertThat(json.writeValueAsString(
                                        conflict.stored().orElseThrow()))
                                .isEqualTo(json.writeValueAsString(FigureMapper.document(figure))));
        verify(entityManager, never()).persist(any());
    }

    @Test
    void aStaleRevisionChangesNothing() {
        isStored();
        assertThatThrownBy(() -> store.replace("every-field", figure, new Revision(7)))
                .isInstanceOf(ConflictException.class)
                .hasMessageContaining("saved elsewhere");
        assertThatThrownBy(() -> store.delete("every-field", new Revision(7))).isInstanceOf(ConflictException.class);
        verify(entityManager, never()).flush();
        verify(repository, never()).delete(any());
    }

    @Test
    void whatIsNotThereIsUnknown() {
        assertThatThrownBy(() -> store.get("nothing"))
                .isInstanceOf(UnknownException.class)
                .hasMessageContaining("nothing");
        assertThatThrownBy(() -> store.replace("nothing", figure, new Revision(0)))
                .isInstanceOf(UnknownException.class);
        assertThat(store.find("nothing")).isEmpty();
    }

    @Test
    void everythingThatCannotBeReadIsNamedWithItsRoot() {
        FigureDocument broken = json.readValue(
                json.writeValueAsString(document)
                        .replace("\"f DW\"", "\"f XX\"")
                        .replace("\"gold\"", "\"platinum\""),
                FigureDocument.class);
        assertThatThrownBy(() -> FigureReading.ofCatalogue().accepted(broken, "/figures/3"))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.faults())
                                .extracting(fault -> fault.place())
                                .contains(
                                        "/figures/3/level",
                                        "/figures/3/startAlignments/0",
                                        "/figures/3/man/0/alignment"));
    }

    @Test
    void mutedFindingsAreNotCountedAgainstAFigure() {
        FigureEntity entity = new FigureEntity(studio.id(), figure.id(), FigureFacts.of(figure), "{}");
        long open = Audit.of(figure).stream()
                .filter(finding -> finding.severity() == Severity.ERROR && !finding.isMuted())
                .count();
        assertThat(entity.errors()).isEqualTo((int) open);
    }

    private void isStored() {
        when(repository.findByStudioIdAndSlug(studio.id(), "every-field"))
                .thenReturn(Optional.of(new FigureEntity(
                        studio.id(),
                        figure.id(),
                        FigureFacts.of(figure),
                        json.writeValueAsString(FigureMapper.document(figure)))));
    }
}
