package fluidframe.app;

import fluidframe.app.problems.Fault;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** The head of the OpenAPI document, and which fields of an answer are always there. */
@TestConfiguration(proxyBeanMethods = false)
class ApiDescription {

    private static final Set<String> SENT = Set.of(
            "Figure",
            "Row",
            "NamedTiming",
            "Split",
            "Relation",
            "Amalgamation",
            "Routine",
            "Placement",
            "LinkQuestion",
            "DerivationQuestion",
            "PlaceQuestion",
            "DifferenceQuestion",
            "CompositionQuestion",
            "BridgeQuestion",
            "Element",
            "Section",
            "Schools",
            "Repeat",
            "Variation",
            "RowChange",
            "Mute",
            "TrackQuestion",
            "DescriptionQuestion",
            "Piece",
            "PieceSection",
            "TempoChange",
            "PieceLineQuestion",
            "TapQuestion",
            "FitRepairQuestion",
            "RoutineMusic",
            "CutQuestion",
            "PaceQuestion",
            "Event",
            "Round",
            "Entry",
            "EventCouple",
            "EventFloor",
            "EventTask",
            "EventDay",
            "PlannedRound",
            "RuleProfile",
            "Division",
            "HoldRule",
            "Limits",
            "DanceRule",
            "StandingQuestion",
            "RulingRepairQuestion",
            "DayQuestion",
            "RecordingQuestion",
            "PieceMarkQuestion",
            "QuestionWish",
            "PartnerWish",
            "LearningQuestion",
            "Person",
            "Couple",
            "Member",
            "Lesson",
            "LessonPart",
            "Note",
            "NoteBatch",
            "LessonPlanQuestion",
            "PostureSheet",
            "Posture",
            "Frame",
            "PostureQuestion",
            "Drill",
            "DrillFigure",
            "Class",
            "ClassRoll",
            "DanceCustom");
    private static final Map<String, Set<String>> SOMETIMES_ABSENT = Map.ofEntries(
            Map.entry("Place", Set.of("part", "row", "column")),
            Map.entry("Composition", Set.of("whole", "leaning", "start")),
            Map.entry("Compositions", Set.of("bound")),
            Map.entry("CompositionStage", Set.of("amalgamation", "why")),
            Map.entry("RowReading", Set.of("onset", "length")),
            Map.entry("Reading", Set.of("stances")),
            Map.entry("Score", Set.of("start", "motion")),
            Map.entry("ScoreStep", Set.of("roundCorner")),
            Map.entry("Finding", Set.of("muted")),
            Map.entry("Floor", Set.of("start", "obstacles")),
            Map.entry("Contact", Set.of("edge")),
            Map.entry("Circle", Set.of("inside")),
            Map.entry("Listing", Set.of("title")),
            Map.entry("PieceLine", Set.of("piece", "seconds", "barLines")),
            Map.entry("FitRepair", Set.of("placements", "cut", "pace")),
            Map.entry("Misfit", Set.of("passage")),
            Map.entry("Day", Set.of("plan", "ends")),
            Map.entry("CalledCouple", Set.of("routine", "piece")),
            Map.entry("RulingPlace", Set.of("part", "row")),
            Map.entry("EntryStanding", Set.of("standing", "problem")),
            Map.entry("RulingRepair", Set.of("placements", "tempo")),
            Map.entry("ListedEntry", Set.of("placement", "title", "section")),
            Map.entry("AmalgamationSummary", Set.of("bars", "way", "problem")),
            Map.entry("NextAmalgamation", Set.of("in", "out")),
            Map.entry("RoutineSummary", Set.of("kept")),
            Map.entry("Version", Set.of("author")),
            Map.entry("FigureVersion", Set.of("author")));

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Fluid Frame")
                                .version("1")
                                .description(
                                        "Figures, their audits, links between them, routines and their scores. Errors are problem details."));
    }

    /**
     * Answers are records, whose fields are always there unless listed here; what is sent says itself what it requires.
     */
    @Bean
    OpenApiCustomizer answersAreComplete() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            if (!SENT.contains(name) && schema.getProperties() != null) {
                Set<String> absent = SOMETIMES_ABSENT.getOrDefault(name, Set.of());
                schema.setRequired(((Set<?>) schema.getProperties().keySet())
                        .stream()
                                .map(Object::toString)
                                .filter(property -> !absent.contains(property))
                                .sorted()
                                .toList());
            }
        });
    }

    /** Whatever is refused, and whatever goes wrong, is answered in one form; and fields say what they mean. */
    @Bean
    OpenApiCustomizer everyOperationMayBeRefused() {
        return api -> {
            Map<String, Schema> schemas = ModelConverters.getInstance(true).read(Fault.class);
            schemas.get("Fault").setRequired(List.of("expected", "found", "nearest", "place", "sentence"));
            schemas.forEach(api.getComponents()::addSchemas);
            api.getComponents()
                    .addSchemas(
                            "Problem",
                            new ObjectSchema()
                                    .description(
                                            "Why it was refused: what is wrong where, and what is stored instead where somebody else was quicker.")
                                    .addProperty("title", new StringSchema())
                                    .addProperty("status", new IntegerSchema())
                                    .addProperty("detail", new StringSchema())
                                    .addProperty("instance", new StringSchema())
                                    .addProperty(
                                            "faults",
                                            new ArraySchema().items(new Schema<>().$ref("#/components/schemas/Fault")))
                                    .addProperty("stored", new ObjectSchema())
                                    .required(List.of("detail", "status", "title")));
            ApiResponse refused = new ApiResponse()
                    .description("Refused, or not possible now")
                    .content(new Content()
                            .addMediaType(
                                    "application/problem+json",
                                    new MediaType().schema(new Schema<>().$ref("#/components/schemas/Problem"))));
            api.getPaths()
                    .values()
                    .forEach(path -> path.readOperations()
                            .forEach(operation -> operation.getResponses().setDefault(refused)));
            new ApiFields().describe(api);
        };
    }
}
