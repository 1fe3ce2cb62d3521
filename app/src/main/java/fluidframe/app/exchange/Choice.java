package fluidframe.app.exchange;

/** What to do with something in a book that is already there and differs. */
enum Choice {
    /** Leave what is there. */
    KEEP,
    /** Put the book's in its place. */
    REPLACE,
    /** Take the book's in beside it, under another id. */
    BOTH
}
