package fluidframe.app.storage;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.text.Id;
import fluidframe.core.work.Stopping;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads every document of a database before it takes the place of another: what could not be read afterwards would be
 * found out when it is too late.
 */
@Component
public class StoredDocuments {

    private static final String SLUG = "SLUG";
    private static final String DOCUMENT = "DOCUMENT";

    private final List<StoredForm> forms;
    private final Validator validator;
    private final JsonMapper json;

    StoredDocuments(List<StoredForm> forms, Validator validator, JsonMapper json) {
        this.forms = forms;
        this.validator = validator;
        this.json = json;
    }

    /** @throws RefusedException naming the first document that cannot be read, or is not what its table holds */
    public void check(Connection connection) throws SQLException {
        for (Table table : Table.all(connection)) {
            if (table.columns().contains(SLUG) && table.columns().contains(DOCUMENT)) {
                check(table, connection);
            }
        }
    }

    private void check(Table table, Connection connection) throws SQLException {
        Optional<StoredForm> form = forms.stream()
                .filter(each -> each.table().equalsIgnoreCase(table.name()))
                .findFirst();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select slug, document from " + table.quoted())) {
            while (rows.next()) {
                Stopping.check();
                String slug = rows.getString(1);
                String document = rows.getString(2);
                if (document != null) {
                    wrong(slug, document, form).ifPresent(what -> {
                        throw refused(table, slug, what);
                    });
                }
            }
        }
    }

    /** Of versions, which have no form of their own here, only that they are documents of that id. */
    private Optional<String> wrong(String slug, String document, Optional<StoredForm> form) {
        try {
            JsonNode tree = json.readTree(document);
            if (slug == null
                    || !isId(slug)
                    || !tree.isObject()
                    || tree.has("id") && !tree.path("id").asString("").equals(slug)) {
                return Optional.of(StorageSentences.aDocumentOfItsId());
            }
            if (form.isEmpty()) {
                return Optional.empty();
            }
            return validator.validate(form.get().read(document)).stream()
                    .filter(violation -> violation.getInvalidValue() == null)
                    .map(ConstraintViolation::getMessage)
                    .sorted()
                    .findFirst();
        } catch (JacksonException e) {
            return Optional.of(StorageSentences.aDocumentOfThisKind(e.getOriginalMessage()));
        }
    }

    /** Notes are named by the devices they are made on, with capitals too. */
    private static boolean isId(String slug) {
        return Id.isId(slug.toLowerCase(Locale.ROOT));
    }

    private static RefusedException refused(Table table, String slug, String expected) {
        Fault fault = Fault.of(table.name().toLowerCase(Locale.ROOT), slug, expected);
        return new RefusedException(
                StorageSentences.thisBackupHoldsSomethingThatCannot(fault.sentence()), List.of(fault));
    }
}
