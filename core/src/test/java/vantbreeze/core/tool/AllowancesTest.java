package vantbreeze.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.PillarCard;
import vantbreeze.core.structure.Structure;

class AllowancesTest {

    /**
     * Lengths that are no allowance: where a panel's name is put on it, sizes of a standard, the trials by which a
     * limit or a measure is found, figures that are misread, and how large a card can be at all, and figures that are
     * misread.
     */
    private static final Set<String> NO_ALLOWANCE = Set.of(
            "structure/SlitGatefold",
            "structure/StepCard",
            "structure/ShapedGate",
            "structure/OffsetZ",
            "structure/GabledConcertina",
            "structure/FloatingBook",
            "structure/Pocket",
            "structure/Bounds",
            "fit/Course",
            "hand/Hand",
            "hand/Snap",
            "recipe/Misreadings");

    private static Workshop with(Allowances allowances) {
        return Workshop.standard().with(OwnStock.usual().with(Tools.usual().with(allowances)));
    }

    private static Plan plan(Structure structure, Ruler ruler) {
        return Plan.of("Kite day", structure.id(), structure.proportioned(Size.ofMillimetres(152, 110), ruler), ruler);
    }

    private static Length lastOfTheTube(Workshop workshop) {
        WorkedPlan pillar = workshop.work(plan(new PillarCard(), Ruler.MM_1));
        return pillar.form().graph().panels().stream()
                .filter(panel -> panel.name().equals("Left pillar 5"))
                .findFirst()
                .orElseThrow()
                .width();
    }

    /** By hand: the panel that closes the tube is a sliver of 1 mm narrower, or what the maker says. */
    @Test
    void everyPlanIsWorkedOutWithTheMakersOwn() {
        Length usual = lastOfTheTube(Workshop.standard());
        Allowances own = Allowances.usual().with(Allowance.TUBE_SLIVER, Length.ofMillimetres(3));
        assertThat(lastOfTheTube(with(own))).isEqualTo(usual.minus(Length.ofMillimetres(2)));
        assertThat(lastOfTheTube(with(own.with(Allowance.TUBE_SLIVER, null)))).isEqualTo(usual);
    }

    @Test
    void judgesSuggestionsAndEnvelopesReadThem() {
        Structure fold = Workshop.standard().structure("z-fold");
        Plan plan = plan(fold, Ruler.MM_1);
        Allowances own = Allowances.usual()
                .with(Allowance.BORDER, Length.ofMillimetres(6))
                .with(Allowance.STANDS, 420.0)
                .with(Allowance.LAYERED_STANDS, 340.0)
                .with(Allowance.ENVELOPE_LONG, Length.ofMillimetres(20));
        WorkedPlan worked = with(own).work(plan);
        assertThat(worked.findings())
                .extracting(Finding::text)
                .anyMatch(text -> text.contains("too light") && text.contains("take 420 g/m², or 340"));
        assertThat(Workshop.standard().work(plan).findings())
                .extracting(Finding::text)
                .noneMatch(text -> text.contains("too light"));
        Suggestion suggestion = new Suggestion(worked.workshop(), worked);
        assertThat(worked.withDressing(suggestion.dressing(suggestion.usualStack()))
                        .layers()
                        .all())
                .extracting(Layer::least)
                .contains(Length.ofMillimetres(6));
        Workshop usual = Workshop.standard();
        assertThat(with(own).proposals(fold, Ruler.MM_1, usual.sheet("a3")).forEnvelope(usual.envelope("c6")))
                .isNotEqualTo(
                        usual.proposals(fold, Ruler.MM_1, usual.sheet("a3")).forEnvelope(usual.envelope("c6")));
    }

    @Test
    void eachHasItsIdItsReasonAndItsSource() {
        assertThat(Allowance.ALL).extracting(Allowance::id).doesNotHaveDuplicates();
        assertThat(Allowance.ALL).extracting(Allowance::label).doesNotHaveDuplicates();
        for (Allowance one : Allowance.ALL) {
            assertThat(one.why()).as(one.id()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(one.source()).as(one.id()).isNotBlank();
            if (one instanceof Allowance.OfLength length) {
                assertThat(List.of(length.inches(), length.metric()))
                        .allMatch(usual -> !usual.isShorterThan(length.least()) && !usual.isLongerThan(length.most()));
            } else if (one instanceof Allowance.OfNumber number) {
                assertThat(number.usual()).isBetween(number.least(), number.most());
            }
        }
    }

    @Test
    void whatMakesNoSenseIsRefusedInWords() {
        assertThatThrownBy(() -> Allowances.usual().with(Allowance.TAB, Length.ofMillimetres(900)))
                .hasMessageContaining("Tab is between 3 and 60 mm");
        assertThatThrownBy(() -> Allowances.usual().with(Allowance.STANDS, Double.NaN))
                .hasMessageContaining("between 80 and 600 g/m²");
    }

    /**
     * An allowance that a later house may add is one value; what reads it reads the trade's until the maker has one.
     */
    @Test
    void oneMoreAllowanceIsOneValue() {
        Allowance.OfLength tail = new Allowance.OfLength(
                "kite-tail",
                "Tail",
                "How far the tail hangs out.",
                Allowance.MEMORY,
                Length.ofInches(1),
                Length.ofMillimetres(25),
                Length.ZERO,
                Length.ofMillimetres(90));
        assertThat(Allowances.usual().of(tail, Ruler.EIGHTHS)).isEqualTo(Length.ofInches(1));
        assertThat(Allowances.usual().of(tail, Ruler.MM_1)).isEqualTo(Length.ofMillimetres(25));
        assertThat(Allowances.usual().with(tail, Length.ofMillimetres(40)).of(tail, Ruler.MM_1))
                .isEqualTo(Length.ofMillimetres(40));
    }

    /** None is shown to the maker that nothing reads. */
    @Test
    void eachIsReadBySomething() {
        JavaClasses core = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("vantbreeze.core");
        Set<String> read = core.stream()
                .filter(one -> !one.getPackageName().equals("vantbreeze.core.tool"))
                .flatMap(one -> one.getFieldAccessesFromSelf().stream())
                .filter(access -> access.getTargetOwner().isEquivalentTo(Allowance.class))
                .map(access -> access.getTarget().getName())
                .collect(Collectors.toCollection(TreeSet::new));
        Set<String> all = Arrays.stream(Allowance.class.getFields())
                .filter(field -> Allowance.class.isAssignableFrom(field.getType()))
                .map(field -> field.getName())
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(all).hasSameSizeAs(Allowance.ALL);
        assertThat(read).isEqualTo(all);
    }

    /** No length of the trade is written into the rooms that build, judge, fit and read. */
    @Test
    void noLiteralIsLeft() throws IOException {
        Pattern literal = Pattern.compile("Length\\.of(Inches|Millimetres|Micrometres)\\(");
        List<String> found = new ArrayList<>();
        for (String room : List.of("structure", "fit", "check", "plan", "recipe", "hand", "cutting")) {
            Path root = Path.of("src/main/java/vantbreeze/core", room);
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file :
                        files.filter(one -> one.toString().endsWith(".java")).toList()) {
                    String name = "%s/%s".formatted(room, file.getFileName()).replace(".java", "");
                    if (!NO_ALLOWANCE.contains(name)
                            && literal.matcher(Files.readString(file)).find()) {
                        found.add(name);
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }
}
