package fluidframe.app.storage;

/** Documents of one kind as a table holds them, for whoever looks at all that is stored. */
public interface StoredForm {

    /** The table they are in. */
    String table();

    /**
     * A document as it is stored.
     *
     * @throws tools.jackson.core.JacksonException if it is none of this kind
     */
    Object read(String document);
}
