package fluidframe.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import fluidframe.app.figures.FigureLibrary.Edition;
import fluidframe.app.storage.Generation;
import fluidframe.core.figure.Figure;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class FigureLibraryTest {

    private final FigureRepository repository = mock();
    private final Generation generation = new Generation();
    private final JsonMapper json = JsonMapper.builder().build();
    private final FigureLibrary library = new FigureLibrary(repository, generation, json);
    private final Map<String, Edition> stored = new TreeMap<>();

    @BeforeEach
    void shelve() {
        when(repository.editionsOfDance("waltz")).thenAnswer(call -> List.copyOf(stored.values()));
        when(repository.findAllById(any())).thenAnswer(call -> StreamSupport.stream(call.<Iterable<String>>getArgument(0).spliterator(), false).map(this::entity).toList());
        keep("one", 0);
        keep("two", 0);
    }

    @Test
    void everyFigureIsReadOnce() {
        assertThat(library.ofDance("waltz")).extracting(figure -> figure.figure().id()).containsExactly("one", "two");
        assertThat(library.ofDance("waltz")).hasSize(2);
        verify(repository, times(1)).findAllById(any());
    }

    @Test
    void onlyWhatHasChangedIsReadAgain() {
        library.ofDance("waltz");
        keep("two", 1);
        assertThat(library.ofDance("waltz")).extracting(figure -> figure.revision().number()).containsExactly(0L, 1L);
        verify(repository).findAllById(List.of("two"));
    }

    @Test
    void whatIsCreatedAgainUnderAnOldIdIsNotTakenForWhatWasThere() {
        library.ofDance("waltz");
        generation.endsWithTransaction();
        library.ofDance("waltz");
        verify(repository, times(2)).findAllById(List.of("one", "two"));
    }

    @Test
    void nothingIsReadWhereThereIsNothing() {
        stored.clear();
        assertThat(library.ofDance("waltz")).isEmpty();
        verify(repository, never()).findAllById(any());
    }

    private void keep(String id, long revision) {
        stored.put(id, new Edition(id, revision));
    }

    private FigureEntity entity(String id) {
        FigureDocument document = json.readValue(FigureLibraryTest.class.getResourceAsStream("/every-field.json"), FigureDocument.class).called(id, id);
        Figure figure = FigureShelf.read(document, "");
        FigureEntity entity = mock();
        when(entity.id()).thenReturn(id);
        when(entity.revision()).thenReturn(stored.get(id).revision());
        when(entity.document()).thenReturn(json.writeValueAsString(FigureMapper.document(figure)));
        return entity;
    }
}
