package fluidframe.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.core.figure.Figure;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

class FigureLibraryTest {

    private static final long ONE = 1;
    private static final long TWO = 2;

    private final FigureRepository repository = mock();
    private final Changes changes = Changes.ofOneOpening();
    private final JsonMapper json = JsonMapper.builder().build();
    private final FigureLibrary library = new FigureLibrary(
            FigureReading.ofCatalogue(),
            repository,
            changes,
            new CurrentStudio(),
            TransactionOperations.withoutTransaction(),
            json);
    private final Map<Long, FigureRow> stored = new TreeMap<>();
    private UnaryOperator<String> rewrite = UnaryOperator.identity();

    @BeforeEach
    void twoFiguresAreStored() {
        when(repository.rows(anyLong())).thenAnswer(call -> List.copyOf(stored.values()));
        when(repository.findAllById(any()))
                .thenAnswer(call -> StreamSupport.stream(
                                call.<Iterable<Long>>getArgument(0).spliterator(), false)
                        .filter(stored::containsKey)
                        .map(this::entity)
                        .toList());
        keep(ONE, 0);
        keep(TWO, 0);
    }

    @Test
    void everyFigureIsReadOnceAndTheDatabaseIsAskedNoMore() {
        assertThat(library.ofDance("waltz"))
                .extracting(figure -> figure.figure().id())
                .containsExactly("figure-1", "figure-2");
        assertThat(library.find("figure-2")).isPresent();
        assertThat(library.search(FigureSearch.of("waltz", "", "", "", "", "FIGURE"))
                        .figures())
                .hasSize(2);
        verify(repository, times(1)).findAllById(any());
        verify(repository, times(1)).rows(anyLong());
    }

    @Test
    void aDanceOrLevelNamedAmongTheWordsIsAskedForWhereNoFigureIsCalledSo() {
        assertThat(library.search(FigureSearch.of("tango", "", "", "", "", "Waltz figure"))
                        .figures())
                .hasSize(2);
        assertThat(library.search(FigureSearch.of("", "", "", "", "", "gold waltz"))
                        .figures())
                .isEmpty();
        assertThat(library.search(FigureSearch.of("tango", "", "", "", "", "figure"))
                        .figures())
                .isEmpty();
    }

    @Test
    void onlyWhatHasChangedIsReadAgain() {
        library.ofDance("waltz");
        keep(TWO, 1);
        assertThat(library.ofDance("waltz"))
                .extracting(figure -> figure.revision().number())
                .containsExactly(0L, 1L);
        verify(repository).findAllById(List.of(TWO));
    }

    @Test
    void nothingOfAnEarlierEraIsTakenForWhatIsThereNow() {
        library.ofDance("waltz");
        changes.everythingRestored();
        library.ofDance("waltz");
        verify(repository, times(2)).findAllById(List.of(ONE, TWO));
    }

    @Test
    void whatAWritingTransactionSeesIsNotRemembered() {
        TransactionSynchronizationManager.setActualTransactionActive(true);
        try {
            library.ofDance("waltz");
        } finally {
            TransactionSynchronizationManager.setActualTransactionActive(false);
        }
        library.ofDance("waltz");
        verify(repository, times(2)).findAllById(List.of(ONE, TWO));
    }

    @Test
    void aFigureThatGoesBetweenListingAndReadingIsLeftOut() {
        library.search(FigureSearch.of("", "", "", "", "", ""));
        stored.remove(TWO);
        assertThat(library.ofDance("waltz"))
                .extracting(figure -> figure.figure().id())
                .containsExactly("figure-1");
    }

    @Test
    void aWordThatIsUnderstoodNoLongerLeavesTheFigureReadable() {
        rewrite = document -> document.replace("\"f DW\"", "\"f NOWHERE\"");
        StoredFigure read = library.find("figure-1").orElseThrow();
        assertThat(read.document().startAlignments()).contains("f NOWHERE");
        assertThat(read.figure().startAlignments())
                .hasSizeLessThan(read.document().startAlignments().size());
    }

    @Test
    void aFigureOfADanceThatIsGoneIsInNobodysWay() {
        rewrite = document -> document.contains("figure-1")
                ? document.replace("\"dance\":\"foxtrot\"", "\"dance\":\"forgotten\"")
                : document;
        assertThat(library.ofDance("waltz"))
                .extracting(figure -> figure.figure().id())
                .containsExactly("figure-2");
        assertThat(library.find("figure-1")).isEmpty();
    }

    @Test
    void nothingIsReadWhereThereIsNothing() {
        stored.clear();
        assertThat(library.ofDance("waltz")).isEmpty();
        verify(repository, never()).findAllById(any());
    }

    private void keep(long id, long revision) {
        stored.put(
                id,
                new FigureRow(
                        id,
                        "figure-" + id,
                        revision,
                        "waltz",
                        "Figure " + id,
                        "",
                        "bronze",
                        "1",
                        "1 2 3",
                        "RF",
                        "closed facing",
                        "DW",
                        "LF",
                        "closed facing",
                        "DC",
                        0,
                        0));
        changes.madeHere();
    }

    private FigureEntity entity(long id) {
        FigureDocument document = json.readValue(
                        FigureLibraryTest.class.getResourceAsStream("/every-field.json"), FigureDocument.class)
                .called("figure-" + id, "Figure");
        Figure figure = FigureReading.ofCatalogue().accepted(document, "");
        FigureEntity entity = mock();
        when(entity.id()).thenReturn(id);
        when(entity.revision()).thenReturn(stored.get(id).revision());
        when(entity.document()).thenReturn(rewrite.apply(json.writeValueAsString(FigureMapper.document(figure))));
        return entity;
    }
}
