package vantbreeze.app.api;

import static java.util.Objects.requireNonNull;

import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.util.ClassUtils;
import vantbreeze.app.Vantbreeze;
import vantbreeze.app.cards.Card;
import vantbreeze.core.hand.KnownRecipe;
import vantbreeze.core.made.CameOut;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.Passage;
import vantbreeze.core.recipe.Rewording;

/** The API described as OpenAPI; run by the build, which makes the front end's types from it. */
@Configuration
public class ApiDescription {

    /** Writes the description to the file named first, starting the service on a free port to ask it. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (var context = (ServletWebServerApplicationContext) new SpringApplicationBuilder(Vantbreeze.class)
                .run(
                        "--server.port=0",
                        "--server.address=127.0.0.1",
                        "--spring.datasource.url=jdbc:h2:mem:description",
                        "--vantbreeze.demo=false")) {
            URI address = URI.create(String.format(
                    Locale.ROOT,
                    "http://127.0.0.1:%d/v3/api-docs",
                    context.getWebServer().getPort()));
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IOException("no description: " + answer.statusCode());
            }
            Files.writeString(Path.of(arguments[0]), answer.body());
        }
    }

    /** Every field of a record is there unless it is marked {@link Nullable}; then it is left out, never null. */
    @Bean
    OpenApiCustomizer everyFieldUnlessNullable() {
        return api -> {
            Map<String, Class<?>> records = records();
            api.getComponents().getSchemas().forEach((name, described) -> {
                Schema<?> schema = described;
                if (records.containsKey(name)) {
                    schema.setNullable(null);
                    Map<?, ?> properties = schema.getProperties();
                    schema.setRequired(always(records.get(name))
                            .filter(properties::containsKey)
                            .toList());
                    properties.values().forEach(property -> ((Schema<?>) property).setNullable(null));
                }
            });
        };
    }

    private static Stream<String> always(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .map(RecordComponent::getName);
    }

    /** All records that stand here, and those of the core that are answered as they are. */
    private static Map<String, Class<?>> records() {
        ClassPathScanningCandidateComponentProvider here = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition definition) {
                return definition.getMetadata().isIndependent();
            }
        };
        here.addIncludeFilter(new AssignableTypeFilter(Record.class));
        return Stream.concat(
                        here.findCandidateComponents(ApiDescription.class.getPackageName()).stream()
                                .map(found -> ClassUtils.resolveClassName(
                                        requireNonNull(found.getBeanClassName()),
                                        ApiDescription.class.getClassLoader())),
                        Stream.of(
                                Card.Wrapped.class,
                                Passage.class,
                                OneNumber.class,
                                CameOut.Remedy.class,
                                CameOut.Alteration.class,
                                Assumption.class,
                                Rewording.class,
                                KnownRecipe.Question.class))
                .filter(type -> Modifier.isPublic(type.getModifiers()))
                .collect(Collectors.toMap(Class::getSimpleName, type -> type));
    }
}
