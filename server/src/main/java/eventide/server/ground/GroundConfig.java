package eventide.server.ground;

import java.nio.file.Path;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.AbstractDependsOnBeanFactoryPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The salon's folder is looked over and held before the database is opened, and let go of after it is closed. */
@Configuration
class GroundConfig {
    @Bean
    Ground ground(@Value("${eventide.data}") Path data) {
        DurableFile.register();
        return Ground.open(new DataFolder(data));
    }

    @Bean
    static AbstractDependsOnBeanFactoryPostProcessor databaseAfterGround() {
        return new AbstractDependsOnBeanFactoryPostProcessor(DataSource.class, Ground.class) {};
    }
}
