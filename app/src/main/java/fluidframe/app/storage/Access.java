package fluidframe.app.storage;

/** What the database file allows just now. */
public enum Access {

    /** It is read and written. */
    WRITABLE(""),
    /** There is no room left to write to; it is read. It is written again as soon as there is room. */
    FULL(
            "The disk is full. Everything you saved is safe and can be read and exported. Changes cannot be saved until there is room again."),
    /** Its file or folder may not be written to; it is read. */
    READ_ONLY(
            "The data may only be read: its folder or its file cannot be written to. Changes cannot be saved until that is allowed again."),
    /** Its file was taken away beneath it; what was read is still there, and nothing more can be kept in it. */
    GONE(
            "The data file was moved, replaced or deleted while the program was running. Changes can no longer be saved. What you see can still be backed up and exported: do that now, stop the program, "
                    + "put the file back or restore the backup, and start it again.");

    private final String sentence;

    Access(String sentence) {
        this.sentence = sentence;
    }

    /** What to tell a person; empty where there is nothing to tell. */
    public String sentence() {
        return sentence;
    }
}
