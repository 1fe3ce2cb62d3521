package fluidframe.app.figures;

/** Published before a figure is deleted, so that whoever still needs it can object. */
public record FigureDeletion(String id) {}
