package fluidframe.app.storage;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;

/** The moment as names of files have it: "2026-05-20-183000". */
public final class Stamp {

    private static final DateTimeFormatter FORM = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private Stamp() {}

    public static String now() {
        return LocalDateTime.now().format(FORM);
    }
}
