package fluidframe.app.figures;

import fluidframe.app.problems.Revision;
import fluidframe.core.figure.Figure;

/** A figure as stored, with its revision. */
public record StoredFigure(Figure figure, FigureDocument document, Revision revision) {}
