package fluidframe.app;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.boot.test.context.TestConfiguration;

import java.util.Map;
import java.util.Set;

/** The head of the OpenAPI document, and which fields of an answer are always there. */
@TestConfiguration(proxyBeanMethods = false)
class ApiDescription {

    private static final Set<String> SENT = Set.of("Figure", "Row", "NamedTiming", "Split", "Relation", "Routine", "Placement", "LinkQuestion",
            "DerivationQuestion", "PlaceQuestion", "DifferenceQuestion", "CompositionQuestion", "BridgeQuestion", "Element", "Section", "Schools", "Repeat", "Variation", "RowChange", "Mute", "TrackQuestion");
    private static final Map<String, Set<String>> SOMETIMES_ABSENT = Map.ofEntries(
            Map.entry("Place", Set.of("part", "row", "column")),
            Map.entry("RowReading", Set.of("onset", "length")),
            Map.entry("Reading", Set.of("stances")),
            Map.entry("Score", Set.of("start", "motion")),
            Map.entry("ScoreStep", Set.of("roundCorner")),
            Map.entry("Finding", Set.of("muted")),
            Map.entry("Floor", Set.of("start", "obstacles")),
            Map.entry("Contact", Set.of("edge")),
            Map.entry("Circle", Set.of("inside")),
            Map.entry("Version", Set.of("author")),
            Map.entry("FigureVersion", Set.of("author")));

    @Bean
    OpenAPI openApi() {
        return new OpenAPI().info(new Info().title("Fluid Frame").version("1")
                .description("Figures, their audits, links between them, routines and their scores. Errors are problem details."));
    }

    /** Answers are records, whose fields are always there unless listed here; what is sent says itself what it requires. */
    @Bean
    OpenApiCustomizer answersAreComplete() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            if (!SENT.contains(name) && schema.getProperties() != null) {
                Set<String> absent = SOMETIMES_ABSENT.getOrDefault(name, Set.of());
                schema.setRequired(((Set<?>) schema.getProperties().keySet()).stream()
                        .map(Object::toString).filter(property -> !absent.contains(property)).sorted().toList());
            }
        });
    }
}
