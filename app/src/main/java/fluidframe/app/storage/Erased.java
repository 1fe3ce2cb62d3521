package fluidframe.app.storage;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Who has been erased, as far as anybody may know: how many. */
@Component
public class Erased {

    private final JdbcClient jdbc;

    Erased(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public long count() {
        return jdbc.sql("select count(*) from erased").query(Long.class).single();
    }
}
