package fluidframe.app.exchange;

import fluidframe.app.storage.StoredText;
import java.util.Optional;

/** How something in a book compares with what is stored under its id. */
enum Likeness {
    NEW,
    SAME,
    DIFFERS;

    /** @param here what the book says, as it would be stored */
    static Likeness of(Optional<StoredText> there, String here) {
        return there.map(stored -> stored.text().equals(here) ? SAME : DIFFERS).orElse(NEW);
    }
}
