package eventide.server.load;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LoadConfig {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> watchedCallers() {
        return factory -> factory.setProtocol(WatchedProtocol.class.getName());
    }
}
