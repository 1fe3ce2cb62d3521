package fluidframe.app.storage;

/** What was to be kept cannot be; nothing of it was. */
public final class NotWritableException extends RuntimeException {

    private final Access access;

    public NotWritableException(Access access) {
        this(access, null);
    }

    public NotWritableException(Access access, Throwable cause) {
        super(access.sentence(), cause);
        this.access = access;
    }

    /** Why not: never {@link Access#WRITABLE}. */
    public Access access() {
        return access;
    }
}
