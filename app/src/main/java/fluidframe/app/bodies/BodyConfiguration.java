package fluidframe.app.bodies;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lets nobody keep the server reading what it has answered already. */
@Configuration(proxyBeanMethods = false)
class BodyConfiguration {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> unreadRests() {
        return factory -> factory.addEngineValves(new UnreadRest());
    }
}
