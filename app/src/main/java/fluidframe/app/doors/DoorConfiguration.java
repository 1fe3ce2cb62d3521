package fluidframe.app.doors;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;

/** Who gets in, and what browsers are told. */
@Configuration(proxyBeanMethods = false)
class DoorConfiguration {

    private static final Logger LOG = LoggerFactory.getLogger(DoorConfiguration.class);

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> headers() {
        return factory -> factory.addEngineValves(new HeaderValve());
    }

    @Bean
    @Lazy(false)
    ApplicationListener<ApplicationStartedEvent> openDoors(Doors doors) {
        return started -> {
            if (doors.standOpen()) {
                LOG.warn(StatusResource.OPEN);
            }
        };
    }
}
