package fluidframe.app.json;

import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;

/** How JSON is read and written everywhere. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {

    /** Scores are mostly decimal numbers; the standard way of writing them is several times slower. */
    @Bean
    JsonFactoryBuilderCustomizer quickNumbers() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER).enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER);
    }
}
