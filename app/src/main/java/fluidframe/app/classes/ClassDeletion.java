package fluidframe.app.classes;

/** Published before a class is thrown away. */
record ClassDeletion(String id) {}
