package fluidframe.app.storage;

/** What the database file allows just now. */
public enum Access {

    /** It is read and written. */
    WRITABLE(""),
    /** There is no room left to write to; it is read. It is written again as soon as there is room. */
    FULL(StorageSentences.theDiskIsFullEverything()),
    /** Its file or folder may not be written to; it is read. */
    READ_ONLY(StorageSentences.theDataMayOnlyBe()),
    /** Its file was taken away beneath it; what was read is still there, and nothing more can be kept in it. */
    GONE(StorageSentences.theDataFileWasMoved());

    private final String sentence;

    Access(String sentence) {
        this.sentence = sentence;
    }

    /** What to tell a person; empty where there is nothing to tell. */
    public String sentence() {
        return sentence;
    }
}
