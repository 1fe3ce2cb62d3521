package fluidframe.app.storage;

import org.springframework.stereotype.Component;

/** The studio whose documents are read and kept. There is one, made with the database. */
@Component
public class CurrentStudio {

    private static final long FIRST = 1;

    /** Its number in the database. */
    public long id() {
        return FIRST;
    }
}
