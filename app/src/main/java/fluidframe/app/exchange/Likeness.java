package fluidframe.app.exchange;

/** How something in a book stands to what is stored under its id. */
enum Likeness {
    NEW,
    SAME,
    DIFFERS
}
