package fluidframe.app.figures;

import fluidframe.app.storage.Changes;
import java.util.List;

/**
 * What a search found.
 *
 * @param asOf how far things had changed then
 */
public record FigureListing(Changes.Count asOf, List<FigureSummary> figures) {}
