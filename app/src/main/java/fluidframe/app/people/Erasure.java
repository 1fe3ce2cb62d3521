package fluidframe.app.people;

import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.Database;
import fluidframe.app.storage.EverythingRestored;
import fluidframe.app.storage.Table;
import fluidframe.core.dance.Dances;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Takes somebody who is erased out of everything that is kept, in all its versions: whatever kind of document it is, in
 * its texts, its title and its id. What is left of them is a mark that names nobody, by which they are known should an
 * older copy bring them back. What is changed counts as saved anew, so that no page that is still open brings the name
 * back.
 */
@Component
class Erasure {

    private static final String ID = "ID";
    private static final String DOCUMENT = "DOCUMENT";
    private static final String REVISION = "REVISION";
    private static final String VERSION = "REV";
    private static final String STUDIO = "STUDIO_ID";
    private static final String VERSIONS = "_AUD";
    private static final String PERSON = "PERSON";
    /** Columns of words, besides the documents. */
    private static final List<String> WORDS = List.of("TITLE", "OTHER_NAMES");

    private final JdbcClient jdbc;
    private final JdbcTemplate template;
    private final JsonMapper json;
    private final CurrentStudio studio;
    private final Changes changes;
    private final Database database;
    private final ApplicationEventPublisher events;

    Erasure(
            JdbcClient jdbc,
            JdbcTemplate template,
            JsonMapper json,
            CurrentStudio studio,
            Changes changes,
            Database database,
            ApplicationEventPublisher events) {
        this.jdbc = jdbc;
        this.template = template;
        this.json = json;
        this.studio = studio;
        this.changes = changes;
        this.database = database;
        this.events = events;
    }

    /** After everything that belongs to them alone is gone. */
    @EventListener
    @Order(3)
    @Transactional
    public void erase(PersonDeletion leaving) {
        jdbc.sql("merge into erased (studio_id, mark) key (studio_id, mark) values (?, ?)")
                .params(studio.id(), mark(leaving.number(), leaving.id()))
                .update();
        ErasedName name = new ErasedName(leaving.name(), taken(leaving), ordinary(ErasedName.words(leaving.name())));
        List<Table> tables = name.traces().isEmpty() ? List.of() : documents();
        Map<String, String> renamed = new LinkedHashMap<>();
        for (Table table : tables) {
            if (!table.name().endsWith(VERSIONS)) {
                renamed.putAll(renamed(table, name));
            }
        }
        renamed.forEach((id, otherId) -> refer(tables, id, otherId));
        tables.forEach(table -> change(table, name.traces(), name::outOf, name));
        changes.everythingRestored();
        database.compactSoon();
    }

    /** An older copy does not bring back who was erased after it was made. */
    @EventListener
    @Transactional
    public void eraseAgain(EverythingRestored restored) {
        Set<String> marks = new HashSet<>(jdbc.sql("select mark from erased where studio_id = ?")
                .params(studio.id())
                .query(String.class)
                .list());
        List<PersonDeletion> back = jdbc
                .sql("select id, slug, title from person where studio_id = ?")
                .params(studio.id())
                .query((row, at) ->
                        new PersonDeletion(row.getString("slug"), row.getLong("id"), row.getString("title")))
                .list()
                .stream()
                .filter(person -> marks.contains(mark(person.number(), person.id())))
                .toList();
        for (PersonDeletion person : back) {
            events.publishEvent(person);
            jdbc.sql("delete from person where id = ?").params(person.number()).update();
        }
    }

    /** Gives a couple another id, wherever it is spoken of. */
    @Transactional
    public void rename(long number, String id, String otherId) {
        jdbc.sql("update couple set slug = ? where id = ?")
                .params(otherId, number)
                .update();
        refer(documents(), id, otherId);
    }

    private String mark(long number, String id) {
        return DigestUtils.sha256Hex(studio.id() + " person " + number + " " + id);
    }

    private List<Table> documents() {
        List<Table> all = template.execute((ConnectionCallback<List<Table>>) Table::all);
        return all.stream()
                .filter(table -> table.columns().containsAll(List.of(ID, DOCUMENT, STUDIO))
                        && !table.name().equals(PERSON))
                .toList();
    }

    /** Words by which somebody else, a figure of the shipped book or a dance is called. */
    private Set<String> taken(PersonDeletion leaving) {
        List<String> others = new ArrayList<>(jdbc.sql("select title from person where studio_id = ? and id <> ?")
                .params(studio.id(), leaving.number())
                .query(String.class)
                .list());
        others.addAll(jdbc.sql(
                        "select title from figure where studio_id = ? and slug in (select slug from shipped_figure where studio_id = ?)")
                .params(studio.id(), studio.id())
                .query(String.class)
                .list());
        Dances.all().forEach(dance -> others.add(dance.title()));
        return others.stream()
                .flatMap(title -> ErasedName.words(title).stream())
                .collect(Collectors.toSet());
    }

    /** Those of the words that the shipped book uses. */
    private Set<String> ordinary(List<String> words) {
        Set<String> used = new HashSet<>();
        for (String word : words) {
            for (String text : jdbc.sql(
                            "select document from shipped_figure where studio_id = ? and position(? in document) > 0")
                    .params(studio.id(), word)
                    .query(String.class)
                    .list()) {
                if (ErasedName.words(text).contains(word)) {
                    used.add(word);
                    break;
                }
            }
        }
        return used;
    }

    /** The ids of a table that are made of the name, each with one that is not. */
    private Map<String, String> renamed(Table table, ErasedName name) {
        Map<String, String> renamed = new LinkedHashMap<>();
        List<Map.Entry<Long, String>> ids = jdbc.sql("select id, slug from " + table.quoted() + " where studio_id = ?")
                .params(studio.id())
                .query((row, at) -> Map.entry(row.getLong("id"), row.getString("slug")))
                .list();
        for (Map.Entry<Long, String> id : ids) {
            if (name.isIn(id.getValue())) {
                String otherId = table.name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + id.getKey();
                renamed.put(id.getValue(), otherId);
                jdbc.sql("update " + table.quoted() + " set slug = ? where id = ?")
                        .params(otherId, id.getKey())
                        .update();
            }
        }
        return renamed;
    }

    /** Has everything that speaks of an id speak of another. */
    private void refer(List<Table> tables, String id, String otherId) {
        tables.forEach(table -> {
            if (table.name().endsWith(VERSIONS)) {
                jdbc.sql("update " + table.quoted() + " set slug = ? where studio_id = ? and slug = ?")
                        .params(otherId, studio.id(), id)
                        .update();
            }
            change(table, List.of(id), text -> text.equals(id) ? otherId : text, null);
        });
    }

    /** A row as it is kept: its key, its document, its other words. */
    private record Kept(long id, Integer version, String document, List<String> words) {}

    /**
     * Changes texts in the documents that have some words in them.
     *
     * @param traces in small letters
     * @param name to be taken out of titles too; null if none is
     */
    private void change(Table table, List<String> traces, UnaryOperator<String> change, ErasedName name) {
        boolean versions = table.columns().contains(VERSION);
        List<String> words = name == null
                ? List.of()
                : WORDS.stream().filter(table.columns()::contains).toList();
        String hold = String.join(" or ", Collections.nCopies(traces.size(), "position(? in lower(document)) > 0"));
        String holdWords = words.stream()
                .flatMap(column -> traces.stream().map(trace -> " or position(? in lower(" + column + ")) > 0"))
                .collect(Collectors.joining());
        List<Object> parameters = new ArrayList<>(List.of(studio.id()));
        traces.forEach(trace -> parameters.add(written(trace)));
        words.forEach(column -> parameters.addAll(traces));
        List<Kept> rows = jdbc.sql(
                        "select * from " + table.quoted() + " where studio_id = ? and (" + hold + holdWords + ")")
                .params(parameters)
                .query((row, at) -> kept(row, versions, words))
                .list();
        for (Kept row : rows) {
            String document = json.writeValueAsString(changed(json.readTree(row.document()), change));
            List<String> said = row.words().stream()
                    .map(word -> word == null ? null : change.apply(word))
                    .toList();
            if (!document.equals(row.document()) || !said.equals(row.words())) {
                keep(table, row, document, words, said);
            }
        }
    }

    private static Kept kept(ResultSet row, boolean versions, List<String> words) throws SQLException {
        List<String> said = new ArrayList<>();
        for (String column : words) {
            said.add(row.getString(column));
        }
        return new Kept(
                row.getLong("id"),
                versions ? row.getObject(VERSION, Integer.class) : null,
                row.getString(DOCUMENT),
                said);
    }

    private void keep(Table table, Kept row, String document, List<String> words, List<String> said) {
        List<Object> parameters = new ArrayList<>();
        StringBuilder sql = new StringBuilder("update ").append(table.quoted()).append(" set document = ?");
        parameters.add(document);
        for (int i = 0; i < words.size(); i++) {
            sql.append(", ").append(words.get(i)).append(" = ?");
            parameters.add(said.get(i));
        }
        sql.append(table.columns().contains(REVISION) && row.version() == null ? ", revision = revision + 1" : "")
                .append(" where id = ?");
        parameters.add(row.id());
        if (row.version() != null) {
            sql.append(" and rev = ?");
            parameters.add(row.version());
        }
        jdbc.sql(sql.toString()).params(parameters).update();
    }

    /** As it stands within a document. */
    private String written(String text) {
        String quoted = json.writeValueAsString(text);
        return quoted.substring(1, quoted.length() - 1);
    }

    private static JsonNode changed(JsonNode node, UnaryOperator<String> change) {
        if (node instanceof ObjectNode object) {
            for (String field : List.copyOf(object.propertyNames())) {
                object.set(field, changed(object.get(field), change));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, changed(array.get(i), change));
            }
        } else if (node.isString()) {
            return StringNode.valueOf(change.apply(node.asString()));
        }
        return node;
    }
}
