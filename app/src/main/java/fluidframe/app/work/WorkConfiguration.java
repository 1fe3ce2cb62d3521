package fluidframe.app.work;

import java.time.Clock;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lets work know its caller, and what time it is. */
@Configuration(proxyBeanMethods = false)
class WorkConfiguration {

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> knownCallers() {
        return factory -> factory.addContextValves(new CallerValve());
    }
}
