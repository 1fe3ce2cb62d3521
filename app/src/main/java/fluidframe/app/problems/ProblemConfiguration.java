package fluidframe.app.problems;

import java.util.List;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.accept.ContentNegotiationStrategy;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Has every refusal answered as a problem, also those the server makes before the program is asked. */
@Configuration(proxyBeanMethods = false)
class ProblemConfiguration implements WebMvcConfigurer {

    /**
     * Everything has one form only, so it is given in that form whatever is preferred, and refusals can always be read.
     */
    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer configurer) {
        configurer.strategies(List.of(request -> ContentNegotiationStrategy.MEDIA_TYPE_ALL_LIST));
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> reportsProblems() {
        return new LastCustomizer();
    }

    /** Comes after the framework's own, which would put its report in place of this one. */
    private static final class LastCustomizer
            implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {

        @Override
        public void customize(TomcatServletWebServerFactory factory) {
            factory.addContextCustomizers(context -> {
                StandardHost host = (StandardHost) context.getParent();
                host.setErrorReportValveClass(ProblemReportValve.class.getName());
            });
        }

        @Override
        public int getOrder() {
            return LOWEST_PRECEDENCE;
        }
    }
}
