package fluidframe.app.people;

import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes the name of somebody who is erased out of everything that is kept, in all its versions: the lists of events, notes, words on a routine. Copies that were made of the whole data
 * before keep it until they are thrown away.
 */
@Component
class Erasure {

    private static final String NOBODY = "erased";
    private static final List<String> TABLES = List.of("couple", "lesson", "note", "class_plan", "event", "event_aud", "routine", "routine_aud", "figure", "figure_aud", "piece", "piece_aud", "rule_profile",
            "rule_profile_aud");
    private static final List<String> UNTITLED = List.of("note");

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final CurrentStudio studio;
    private final Changes changes;

    Erasure(JdbcClient jdbc, JsonMapper json, CurrentStudio studio, Changes changes) {
        this.jdbc = jdbc;
        this.json = json;
        this.studio = studio;
        this.changes = changes;
    }

    /** After everything that belongs to them alone is gone. */
    @EventListener
    @Order(3)
    @Transactional
    public void erase(PersonDeletion leaving) {
        String quoted = json.writeValueAsString(leaving.name());
        String within = quoted.substring(1, quoted.length() - 1);
        for (String table : TABLES) {
            jdbc.sql("update " + table + " set document = replace(document, ?, ?) where studio_id = ? and position(? in document) > 0").params(within, NOBODY, studio.id(), within).update();
            if (!UNTITLED.contains(table)) {
                jdbc.sql("update " + table + " set title = replace(title, ?, ?) where studio_id = ? and position(? in title) > 0").params(leaving.name(), NOBODY, studio.id(), leaving.name()).update();
            }
        }
        changes.everythingRestored();
    }

    /** Gives a document another id, wherever it is spoken of. */
    @Transactional
    public void rename(String table, long number, String id, String otherId) {
        jdbc.sql("update " + table + " set slug = ? where id = ?").params(otherId, number).update();
        for (String each : TABLES) {
            jdbc.sql("update " + each + " set document = replace(document, ?, ?) where studio_id = ? and position(? in document) > 0")
                    .params("\"" + id + "\"", "\"" + otherId + "\"", studio.id(), "\"" + id + "\"").update();
        }
    }
}
