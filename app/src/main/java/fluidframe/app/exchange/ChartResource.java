package fluidframe.app.exchange;

import fluidframe.app.figures.FigureDocument.RowDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.figures.FigureStore;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.RowDraft;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Charts in and out as CSV. */
@RestController
@RequestMapping("/api")
@Tag(name = "exchange")
class ChartResource {

    private static final String CSV = "text/csv;charset=UTF-8";

    private final FigureStore store;

    ChartResource(FigureStore store) {
        this.store = store;
    }

    /** The rows of both charts. */
    @Schema(name = "Charts")
    record ChartsDocument(List<RowDocument> man, List<RowDocument> lady) {}

    @GetMapping(path = "/figures/{id}/charts", produces = CSV)
    ResponseEntity<String> write(@PathVariable String id) {
        Map<Part, List<RowDraft>> charts = Map.of(
                Part.MAN,
                DraftWriter.rows(store.get(id).figure().man()),
                Part.LADY,
                DraftWriter.rows(store.get(id).figure().lady()));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".csv\"")
                .body(ChartCsv.write(charts));
    }

    /** Takes CSV apart without storing it; the cells are not read yet. */
    @PostMapping(path = "/charts", consumes = "text/csv")
    ChartsDocument read(@RequestBody String csv) {
        Map<Part, List<RowDraft>> charts = ChartCsv.read(csv);
        return new ChartsDocument(
                charts.get(Part.MAN).stream().map(FigureMapper::row).toList(),
                charts.get(Part.LADY).stream().map(FigureMapper::row).toList());
    }
}
