package vantbreeze.app.api;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import java.time.Duration;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How bodies are read and the front end's files are served. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {

    /** Most brackets, names and values of a body: every face of the largest card, dressed. */
    private static final int MOST_TOKENS = 50_000;

    private static final int DEEPEST = 20;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_TEXT = 13_000_000;

    /** What goes beyond is refused before it costs time; names made up by others are not kept for good. */
    @Bean
    Jackson2ObjectMapperBuilderCustomizer limits() {
        StreamReadConstraints limits = StreamReadConstraints.builder()
                .maxTokenCount(MOST_TOKENS)
                .maxNestingDepth(DEEPEST)
                .maxNameLength(LONGEST_NAME)
                .maxNumberLength(100)
                .maxStringLength(LONGEST_TEXT)
                .build();
        return builder -> builder.factory(JsonFactory.builder()
                .streamReadConstraints(limits)
                .disable(JsonFactory.Feature.INTERN_FIELD_NAMES)
                .disable(JsonFactory.Feature.CANONICALIZE_FIELD_NAMES)
                .build());
    }

    /** Files whose name tells their content never change; all others are asked for each time. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
