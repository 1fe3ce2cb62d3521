package fluidframe.app.json;

import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.module.SimpleModule;

/** How JSON is read and written everywhere. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {

    private static final int DEEPEST = 40;
    private static final int LONGEST_TEXT = 100_000;
    private static final int LONGEST_NAME = 1_000;
    private static final int LONGEST_NUMBER = 40;

    /** Scores are mostly decimal numbers; the standard way of writing them is several times slower. */
    @Bean
    JsonFactoryBuilderCustomizer quickNumbers() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER);
    }

    /** Nothing that is sent is so deep, and none of its words so long; so that nothing is made of what is. */
    @Bean
    JsonFactoryBuilderCustomizer boundedTexts() {
        return builder -> builder.streamReadConstraints(StreamReadConstraints.builder()
                .maxNestingDepth(DEEPEST)
                .maxStringLength(LONGEST_TEXT)
                .maxNameLength(LONGEST_NAME)
                .maxNumberLength(LONGEST_NUMBER)
                .build());
    }

    @Bean
    JsonMapperBuilderCustomizer boundedLists() {
        return builder -> builder.addModule(
                new SimpleModule(JsonSentences.boundedLists()).setDeserializerModifier(new BoundedLists()));
    }
}
