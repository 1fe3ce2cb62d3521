package fluidframe.app.storage;

/** A document that is stored as it is, and known by its id and its title. */
public interface PlainDocument {

    String id();

    String title();

    /** The same under another id and title. */
    PlainDocument called(String otherId, String otherTitle);
}
