package fluidframe.app;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the OpenAPI document. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI().info(new Info().title("Fluid Frame").version("1")
                .description("Figures, their audits, links between them, routines and their scores. Errors are problem details."));
    }
}
