package fluidframe.app.audits;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.audit.Audit;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import java.util.List;

/** Checks a figure without storing it. */
@RestController
@RequestMapping("/api")
@Tag(name = "audits")
class AuditResource {

    /** Every finding; refused if any text cannot be read. */
    @PostMapping("/audits")
    List<FindingDocument> audit(@Valid @RequestBody FigureDocument document) {
        DraftReading reading = DraftReader.read(FigureMapper.draft(document));
        if (!reading.isComplete()) {
            List<Fault> faults = reading.unread().stream().map(unread -> Fault.of("", unread)).toList();
            throw new RefusedException(faults.get(0).sentence(), faults);
        }
        return Audit.of(reading.figure().orElseThrow()).stream().map(FindingDocument::of).toList();
    }

    /** All that can be said of a figure while it is being written, taking what cannot be read as empty. */
    @PostMapping("/readings")
    ReadingDocument read(@Valid @RequestBody FigureDocument document) {
        return ReadingDocument.of(DraftReader.read(FigureMapper.draft(document)));
    }
}
