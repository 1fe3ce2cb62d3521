package fluidframe.app;

import fluidframe.app.backups.BackupContents;
import fluidframe.core.audit.Severity;
import fluidframe.core.choreography.Leaning;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Aspect;
import fluidframe.core.link.Outcome;
import fluidframe.core.memory.Grade;
import fluidframe.core.notation.Column;
import fluidframe.core.practice.Stage;
import fluidframe.core.question.Mark;
import fluidframe.core.routine.Legend;
import fluidframe.core.routine.RoutineKind;
import fluidframe.core.standing.Stand;
import fluidframe.core.text.Term;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Says of every field what it means, and of those that take one of a few words, which: the words are the core's own.
 */
final class ApiFields {

    private static final List<String> PARTS =
            Arrays.stream(Part.values()).map(Part::wording).toList();
    /** By "Schema.field"; all are sent in lower case. */
    private static final Map<String, List<String>> CLOSED = Map.ofEntries(
            Map.entry("BackupCount.kind", BackupContents.words()),
            Map.entry("Verdict.outcome", lower(Outcome.values())),
            Map.entry(
                    "Composition.leaning",
                    Arrays.stream(Leaning.values())
                            .map(leaning ->
                                    leaning.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                            .toList()),
            Map.entry("Comparison.outcome", lower(Outcome.values())),
            Map.entry("CornerProposal.outcome", lower(Outcome.values())),
            Map.entry("Following.outcome", lower(Outcome.values())),
            Map.entry("LooseSeam.outcome", List.of("bends", "breaks")),
            Map.entry(
                    "Comparison.aspect",
                    Arrays.stream(Aspect.values()).map(Aspect::title).toList()),
            Map.entry("Mark.outcome", lower(Mark.Outcome.values())),
            Map.entry("NoteOutcome.outcome", List.of("kept", "known", "gone", "refused")),
            Map.entry("Finding.severity", lower(Severity.values())),
            Map.entry("PostureFinding.severity", lower(Severity.values())),
            Map.entry("Ruling.stand", stands()),
            Map.entry("RuleStanding.stand", stands()),
            Map.entry("Due.stage", terms(Stage.values())),
            Map.entry("FigureProgress.stage", terms(Stage.values())),
            Map.entry("Note.grade", terms(Grade.values())),
            Map.entry("DayGrade.grade", terms(Grade.values())),
            Map.entry("Figure.level", terms(Level.values())),
            Map.entry("Routine.kind", terms(RoutineKind.values())),
            Map.entry("LegendEntry.kind", lower(Legend.Kind.values())),
            Map.entry("Score.kind", terms(RoutineKind.values())),
            Map.entry("RoutineStanding.kind", terms(RoutineKind.values())),
            Map.entry("RoutineStanding.level", terms(Level.values())),
            Map.entry("FigureSummary.level", terms(Level.values())),
            Map.entry("FigureReport.level", terms(Level.values())),
            Map.entry("MappedFigure.level", terms(Level.values())),
            Map.entry("Following.level", terms(Level.values())),
            Map.entry("ClassWish.level", terms(Level.values())),
            Map.entry("Card.part", PARTS),
            Map.entry("HitStep.part", PARTS),
            Map.entry("Place.part", PARTS),
            Map.entry("RulingPlace.part", PARTS),
            Map.entry("DescriptionQuestion.part", PARTS),
            Map.entry(
                    "Place.column",
                    Arrays.stream(Column.values()).map(Column::key).toList()),
            Map.entry("ImportItem.likeness", List.of("new", "same", "differs")),
            Map.entry("ImportChoice.choice", List.of("keep", "replace", "both")));

    private static final Pattern OF_ONE = Pattern.compile("/api/[a-z-]+/\\{id}");
    private static final Pattern OF_ALL = Pattern.compile("/api/[a-z-]+");

    private final Properties meanings = read("/api-fields.properties");
    private final Properties requests = read("/api-operations.properties");

    private static Properties read(String resource) {
        Properties read = new Properties();
        try (InputStream text = ApiFields.class.getResourceAsStream(resource)) {
            read.load(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return read;
    }

    private static List<String> lower(Enum<?>... values) {
        return Stream.of(values)
                .map(value -> value.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private static List<String> terms(Term... values) {
        return Stream.of(values).map(Term::shorthand).toList();
    }

    private static List<String> stands() {
        return Arrays.stream(Stand.values()).map(Stand::wording).toList();
    }

    private String meaning(String method, String path) {
        String shape =
                OF_ONE.matcher(path).matches() ? "*/{id}" : OF_ALL.matcher(path).matches() ? "*" : path;
        return requests.getProperty(method + " " + path, requests.getProperty(method + " " + shape));
    }

    /** Adds it to the requests and the schemas. */
    @SuppressWarnings({"rawtypes", "unchecked"})
    void describe(OpenAPI api) {
        api.getPaths()
                .forEach((path, item) -> item.readOperationsMap().forEach((method, operation) -> {
                    if (operation.getDescription() == null) {
                        operation.setDescription(meaning(method.name().toLowerCase(Locale.ROOT), path));
                    }
                    Optional.ofNullable(operation.getParameters()).orElse(List.of()).stream()
                            .filter(parameter -> parameter.getDescription() == null)
                            .forEach(parameter ->
                                    parameter.setDescription(requests.getProperty("?" + parameter.getName())));
                }));
        api.getComponents().getSchemas().forEach((name, schema) -> {
            Map<String, Schema> properties = schema.getProperties() == null ? Map.of() : schema.getProperties();
            properties.forEach((field, property) -> {
                if (property.getDescription() == null && property.get$ref() == null) {
                    property.setDescription(meanings.getProperty(name + "." + field, meanings.getProperty(field)));
                }
                List<String> words = CLOSED.get(name + "." + field);
                if (words != null) {
                    property.setEnum(words);
                }
            });
        });
    }
}
