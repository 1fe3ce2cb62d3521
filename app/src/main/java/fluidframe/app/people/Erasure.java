package fluidframe.app.people;

import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Takes the name of somebody who is erased out of everything that is kept, in all its versions: the lists of events, notes, words on a routine. Copies that were made of the whole data
 * before keep it until they are thrown away.
 */
@Component
class Erasure {

    private static final String NOBODY = "erased";
    /** Where people are spoken of; figures, pieces and rules are about dancing. */
    private static final List<String> TABLES = List.of("couple", "lesson", "note", "class_plan", "event", "event_aud", "routine", "routine_aud");
    private static final Set<String> UNTITLED = Set.of("note");
    /** What people write in their own words, wherever it stands in a document; ids, parts and notation are none of it. */
    private static final Set<String> WORDS = Set.of("title", "note", "words", "aim", "why", "what", "text", "place", "men", "ladies", "either", "together", "apart", "man", "lady");
    private static final String COUPLE = "couple";
    private static final String COUPLES = "couples";
    /** How the tables that keep versions end. */
    private static final String VERSIONS = "_aud";

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
        Pattern name = Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(leaving.name()) + "(?![\\p{L}\\p{N}])");
        for (String table : TABLES) {
            change(table, leaving.name(), (field, text) -> WORDS.contains(field) ? name.matcher(text).replaceAll(NOBODY) : text);
            if (!UNTITLED.contains(table)) {
                List<String> titles = jdbc.sql("select distinct title from " + table + " where studio_id = ? and position(? in title) > 0").params(studio.id(), leaving.name()).query(String.class).list();
                titles.forEach(title -> jdbc.sql("update " + table + " set title = ? where studio_id = ? and title = ?").params(name.matcher(title).replaceAll(NOBODY), studio.id(), title).update());
            }
        }
        changes.everythingRestored();
    }

    /** Gives a couple another id, wherever it is spoken of. */
    @Transactional
    public void rename(long number, String id, String otherId) {
        jdbc.sql("update couple set slug = ? where id = ?").params(otherId, number).update();
        for (String table : TABLES) {
            change(table, id, (field, text) -> field.equals(COUPLE) && text.equals(id) ? otherId : text);
        }
    }

    /**
     * A document as it is kept.
     *
     * @param version in which version, where its table keeps them
     */
    private record Kept(long id, Optional<Integer> version, String document) {

        static Kept of(ResultSet row) throws SQLException {
            return new Kept(row.getLong("id"), Optional.ofNullable(row.getObject("rev", Integer.class)), row.getString("document"));
        }

        List<Object> key() {
            return Stream.concat(Stream.of(id), version.stream()).map(Object.class::cast).toList();
        }
    }

    /** Changes texts in the documents that have some words in them, field by field. */
    private void change(String table, String holding, BinaryOperator<String> change) {
        boolean keepsVersions = table.endsWith(VERSIONS);
        String escaped = json.writeValueAsString(holding);
        List<Kept> documents = jdbc.sql("select id, " + (keepsVersions ? "rev" : "null as rev") + ", document from " + table + " where studio_id = ? and position(? in document) > 0")
                .params(studio.id(), escaped.substring(1, escaped.length() - 1)).query((row, at) -> Kept.of(row)).list();
        for (Kept kept : documents) {
            String changed = json.writeValueAsString(changed(json.readTree(kept.document()), "", change));
            jdbc.sql("update " + table + " set document = ? where id = ?" + (keepsVersions ? " and rev = ?" : "")).param(changed).params(kept.key()).update();
        }
    }

    /** The id of a couple in a list of couples counts as its field. */
    private static JsonNode changed(JsonNode node, String field, BinaryOperator<String> change) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                object.set(name, changed(object.get(name), field.equals(COUPLES) && name.equals("id") ? COUPLE : name, change));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, changed(array.get(i), field.equals("heats") ? COUPLE : field, change));
            }
        } else if (node.isString()) {
            return StringNode.valueOf(change.apply(field, node.asString()));
        }
        return node;
    }
}
