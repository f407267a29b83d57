package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * Documents of every version so far, as they were written then, open for ever. They are never changed; new ones are
 * added.
 */
class EarlierDocumentsTest {

    private static final Path FOLDER = Path.of("src/test/resources/documents");

    static List<Path> documents() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("documents")
    void opens(Path file) throws IOException {
        Plan plan = PlanDocument.read(Files.readString(file));
        WorkedPlan worked = Workshop.standard().work(plan);
        assertThat(worked.pieces()).isNotEmpty();
        assertThat(PlanDocument.read(PlanDocument.rewritten(Files.readString(file), plan)))
                .isEqualTo(plan);
    }

    /** Two structures gave their names to others; the cards made of them stay what they were. */
    @Test
    void cardsOfStructuresThatAreCalledOtherwiseNowStayWhatTheyWere() throws IOException {
        WorkedPlan tower = Workshop.standard()
                .work(PlanDocument.read(Files.readString(FOLDER.resolve("plan-1-former-slit-tower.json"))));
        assertThat(tower.structure().name()).isEqualTo("Slit gatefold");
        assertThat(tower.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(288, 158));
        WorkedPlan box = Workshop.standard()
                .work(PlanDocument.read(Files.readString(FOLDER.resolve("plan-1-former-inverted-z.json"))));
        assertThat(box.structure().name()).isEqualTo("Offset Z");
        assertThat(box.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(300, 110));
    }

    @Test
    void thereIsOneOfEveryVersion() throws IOException {
        List<String> names =
                documents().stream().map(file -> file.getFileName().toString()).toList();
        assertThat(IntStream.rangeClosed(1, PlanDocument.VERSION).mapToObj("plan-%d"::formatted))
                .allSatisfy(version -> assertThat(names).anyMatch(name -> name.startsWith(version)));
    }
}
