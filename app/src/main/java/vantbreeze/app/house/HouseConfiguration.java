package vantbreeze.app.house;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The folder as every room sees it. */
@Configuration
class HouseConfiguration {

    @Bean
    DataFolder dataFolder(@Value("${vantbreeze.data}") Path path) {
        return new DataFolder(path.toAbsolutePath());
    }
}
