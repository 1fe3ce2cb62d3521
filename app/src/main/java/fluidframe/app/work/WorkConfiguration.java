package fluidframe.app.work;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lets work know its caller. */
@Configuration(proxyBeanMethods = false)
class WorkConfiguration {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> knownCallers() {
        return factory -> factory.addContextValves(new CallerValve());
    }
}
