package vantbreeze.core.recognition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** What a card is, told from its own pieces. */
class RecogniserTest {

    private static final Recogniser RECOGNISER = new Recogniser(Catalogue.full());

    record Variant(Structure structure, String choice, String chosen) {
        Measures measures(Ruler ruler) {
            Size size = ruler.isInches()
                    ? new Size(Length.ofInches(6, 1, 4), Length.ofInches(4, 1, 2))
                    : Size.ofMillimetres(168, 124);
            Measures measures = structure.proportioned(size, ruler);
            return choice.isEmpty() ? measures : structure.rechosen(measures, choice, chosen, ruler);
        }

        @Override
        public String toString() {
            return "%s %s %s".formatted(structure.id(), choice, chosen);
        }
    }

    @Provide
    Arbitrary<Variant> variants() {
        List<Variant> variants = new ArrayList<>();
        for (Structure structure : Catalogue.full().all()) {
            variants.add(new Variant(structure, "", ""));
            structure.choices().forEach(choice -> choice.alternatives().stream()
                    .skip(1)
                    .forEach(alternative -> variants.add(new Variant(structure, choice.id(), alternative.id()))));
        }
        return Arbitraries.of(variants);
    }

    private static Measures moved(Structure structure, Measures before, int which, int far, Ruler ruler) {
        List<Parameter> asked = structure.asked(before);
        Parameter parameter = asked.get(which % asked.size());
        Limits limits = structure.limits(parameter.id(), before);
        Length span = limits.most().min(Length.ofMillimetres(300)).minus(limits.least());
        Length wanted = limits.least().plus(span.times(far).dividedBy(7));
        Measures after = structure.changed(
                before, parameter.id(), limits.nearest(ruler.nearest(wanted).length(), ruler));
        return structure.allows(after) ? after : before;
    }

    /**
     * From its own loosened pieces, on either ruler, to a hundredth of a millimetre; within the limits of its measures,
     * as at some of them a corner falls away and with it what tells one measure from another.
     */
    @Property(tries = 300)
    void everyStructureIsFoundInItsOwnPieces(
            @ForAll("variants") Variant variant,
            @ForAll boolean inches,
            @ForAll @IntRange(min = 0, max = 63) int first,
            @ForAll @IntRange(min = 1, max = 6) int far,
            @ForAll @IntRange(min = 0, max = 63) int second,
            @ForAll @IntRange(min = 1, max = 6) int further) {
        Ruler ruler = inches ? Ruler.SIXTEENTHS : Ruler.MM_1;
        Structure structure = variant.structure;
        Measures measures = variant.measures(ruler);
        Assume.that(structure.allows(measures));
        measures = moved(structure, measures, first, far, ruler);
        measures = moved(structure, measures, second, further, ruler);
        Assume.that(hasNoTwoOutlinesAlike(structure, measures));
        Size closed = new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
        Assembly drawn = Loosening.of(structure, measures).assembly();

        List<Likeness> found = RECOGNISER.recognise(drawn, closed, ruler);

        Likeness same = found.stream()
                .filter(one -> one.structure().id().equals(structure.id()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("%s is not found among %s".formatted(variant, found)));
        assertThat(same.isExact()).as("%s", variant).isTrue();
        assertThat(structure.allows(same.measures())).isTrue();
        for (Parameter parameter : structure.asked(measures)) {
            if (shows(structure, measures, parameter)) {
                assertThat(structure
                                .measure(parameter.id(), same.measures())
                                .minus(structure.measure(parameter.id(), measures))
                                .abs()
                                .millimetres())
                        .as("%s, %s", variant, parameter.id())
                        .isLessThanOrEqualTo(0.01);
            }
        }
        List<Piece> made = structure.assemble(same.measures()).pieces();
        for (int i = 0; i < made.size(); i++) {
            assertThat(spots(made.get(i)))
                    .as("%s", variant)
                    .usingComparatorForType(
                            (one, other) -> Math.abs(one - other) < 0.02 ? 0 : Double.compare(one, other), Double.class)
                    .isEqualTo(spots(structure.assemble(measures).pieces().get(i)));
        }
    }

    /**
     * Where neighbours are as high as each other corners fall together: such a chain is left to its maker. A pocket
     * whose slanted edge is level is one with a level edge. Stairs whose treads are as deep as their risers are stairs
     * from their other end as well.
     */
    private static boolean hasNoTwoOutlinesAlike(Structure structure, Measures measures) {
        if (structure.id().equals("pocket")
                && structure.measure("edge", measures).equals(structure.measure("at-fold", measures))) {
            return false;
        }
        if (structure.id().equals("step-card") && measures.get("tread").equals(measures.get("riser"))) {
            return false;
        }
        List<Length> heights = structure.asked(measures).stream()
                .filter(parameter -> structure.id().equals("graduated-silhouettes"))
                .filter(parameter -> parameter.id().startsWith("height"))
                .map(parameter -> structure.measure(parameter.id(), measures))
                .toList();
        return heights.stream()
                .sorted(Comparator.reverseOrder())
                .distinct()
                .toList()
                .equals(heights);
    }

    private static List<Double> spots(Piece piece) {
        return piece.spots().stream()
                .flatMap(spot -> List.of(spot.x().millimetres(), spot.y().millimetres()).stream())
                .toList();
    }

    /** Whether anything on paper or any glue is elsewhere when this measure is, all others staying. */
    private static boolean shows(Structure structure, Measures measures, Parameter parameter) {
        Measures said = measures;
        for (Parameter other : structure.asked(measures)) {
            said = said.with(other.id(), structure.measure(other.id(), measures));
        }
        Measures more = said.with(parameter.id(), said.get(parameter.id()).plus(Length.ofMillimetres(1)));
        try {
            return !structure.assemble(said).equals(structure.assemble(more));
        } catch (IllegalArgumentException can) {
            return true;
        }
    }

    private static Assembly strip(int width, int height, int... scores) {
        List<Crease> creases = Arrays.stream(scores)
                .mapToObj(x -> new Crease(
                        new Stretch(spot(Math.abs(x), 0), spot(Math.abs(x), height)),
                        x < 0 ? Fold.MOUNTAIN : Fold.VALLEY))
                .toList();
        return Assembly.of(new Piece(
                "Sheet",
                List.of(spot(0, 0), spot(width, 0), spot(width, height), spot(0, height)),
                creases,
                List.of(),
                List.of()));
    }

    private static Spot spot(int x, int y) {
        return new Spot(Length.ofMillimetres(x), Length.ofMillimetres(y));
    }

    private static List<String> names(List<Likeness> found) {
        return found.stream().map(one -> one.structure().id()).toList();
    }

    /** Drawn from the left or the right, the decorated side up or down, on its side, its measures are the same. */
    @Test
    void howeverItLies() {
        Assembly drawn = strip(260, 90, -60, 110);
        for (Turning turning : Turning.ALL) {
            Likeness found = RECOGNISER.recognise(turning.of(drawn), null, Ruler.MM_1).stream()
                    .filter(one -> one.structure().id().equals("z-fold"))
                    .findFirst()
                    .orElseThrow();
            // turned over it is one as well, begun from its other end
            assertThat(found.measures().byId())
                    .as("%s", turning)
                    .containsEntry("leg", Length.ofMillimetres(turning.over() ? 150 : 60))
                    .containsEntry("second", Length.ofMillimetres(50))
                    .containsEntry("width", Length.ofMillimetres(160))
                    .containsEntry("height", Length.ofMillimetres(90));
        }
    }

    /** By hand: without its band a stage is no stage; turned over its strip is a fold-back gate with a gap. */
    @Test
    void aStripAloneIsNoStage() {
        List<Likeness> gate = RECOGNISER.recognise(strip(180, 90, 20, -45, -135, 160), null, Ruler.MM_1);
        assertThat(names(gate)).containsExactly("fold-back-gate");
        assertThat(gate.get(0).isTurnedOver()).isTrue();
        assertThat(gate.get(0).measures().byId())
                .containsEntry("width", Length.ofMillimetres(90))
                .containsEntry("left-wing", Length.ofMillimetres(25))
                .containsEntry("right-front", Length.ofMillimetres(20));
        assertThat(names(RECOGNISER.recognise(strip(160, 90, 80), null, Ruler.MM_1)))
                .containsExactly("side-fold");
        assertThat(RECOGNISER.recognise(strip(400, 90, 30, 60, 100, 170, 190, 300), null, Ruler.MM_1))
                .isEmpty();
    }

    /** One figure of it is another: which, and what it would have to be. */
    @Test
    void nearlyAStage() {
        Structure stage = Catalogue.full().find("stage").orElseThrow();
        Measures measures = stage.proportioned(Size.ofMillimetres(160, 110), Ruler.MM_1);
        Assembly built = Loosening.of(stage, measures).assembly();
        Piece base = built.pieces().get(0);
        List<Crease> creases = new ArrayList<>(base.creases());
        Length right = creases.get(0).line().from().x();
        creases.set(
                0,
                new Crease(
                        new Stretch(
                                new Spot(right.plus(Length.ofMillimetres(5)), Length.ZERO),
                                new Spot(right.plus(Length.ofMillimetres(5)), Length.ofMillimetres(110))),
                        creases.get(0).fold()));
        Piece wrong = new Piece(base.name(), base.outline(), creases, base.slits(), base.panelNames());
        List<Piece> pieces = new ArrayList<>(built.pieces());
        pieces.set(0, wrong);

        Likeness nearly = RECOGNISER.recognise(new Assembly(pieces, built.joins()), null, Ruler.MM_1).stream()
                .filter(one -> one.structure().id().equals("stage"))
                .findFirst()
                .orElseThrow();

        assertThat(nearly.isExact()).isFalse();
        Deviation difference = nearly.deviation();
        assertThat(difference).isNotNull();
        assertThat(difference.piece()).isEqualTo("Card base");
        assertThat(difference.what()).isEqualTo("score");
        assertThat(difference.is().minus(difference.wanted()).abs()).isEqualTo(Length.ofMillimetres(5));
    }

    /** Its drawn panels are told apart by the structure's names. */
    @Test
    void panelsAreNamedAsTheStructureNamesThem() {
        Structure bridge = Catalogue.full().find("bridge").orElseThrow();
        Measures measures = bridge.proportioned(Size.ofMillimetres(160, 110), Ruler.MM_1);
        Likeness found = RECOGNISER
                .recognise(Loosening.of(bridge, measures).assembly(), null, Ruler.MM_1)
                .get(0);
        assertThat(found.panels())
                .allSatisfy((drawn, named) -> assertThat(drawn).isEqualTo(named));
        assertThat(found.measures().byId()).isEqualTo(measures.byId());
    }

    /** What came before changes nothing: the same card again after others, and from a new recogniser. */
    @Test
    void theAnswerIsTheSameWhateverWasAskedBefore() {
        Structure tower = Catalogue.full().find("slit-tower").orElseThrow();
        Assembly drawn = Loosening.of(tower, tower.proportioned(Size.ofMillimetres(130, 180), Ruler.MM_1))
                .assembly();
        List<Likeness> before = RECOGNISER.recognise(drawn, null, Ruler.MM_1);
        RECOGNISER.recognise(strip(200, 90, 50, -100, 150), null, Ruler.SIXTEENTHS);
        assertThat(RECOGNISER.recognise(drawn, null, Ruler.MM_1)).isEqualTo(before);
        assertThat(new Recogniser(Catalogue.full()).recognise(drawn, null, Ruler.MM_1))
                .isEqualTo(before);
    }

    /** Nobody tells the lines along which paper only bends. */
    @ParameterizedTest
    @ValueSource(strings = {"ring-lock", "threaded-concertina", "never-ending"})
    void aCardIsKnownWithoutItsBends(String id) {
        Structure structure = Catalogue.full().find(id).orElseThrow();
        Assembly card = structure.assemble(structure.proportioned(Size.ofMillimetres(168, 124), Ruler.MM_1));
        assertThat(RECOGNISER.exactly(Unbent.of(card), null, Ruler.MM_1))
                .extracting(likeness -> likeness.structure().id())
                .contains(id);
    }

    /** "Four triangles, four left leaves, four right ones": pieces that are cut alike are told together. */
    @Test
    void piecesCutAlikeMayBeToldTogether() {
        Structure fan = Catalogue.full().find("concertina-fan").orElseThrow();
        Assembly card = fan.assemble(fan.proportioned(Size.ofMillimetres(168, 124), Ruler.MM_1));
        Cuts cuts = Cuts.of(card, PieceSketch.Order.ACROSS);
        List<Piece> together = IntStream.range(0, card.pieces().size())
                .boxed()
                .sorted(Comparator.comparing(piece -> cuts.alike().get(piece)))
                .map(card.pieces()::get)
                .toList();
        assertThat(together).isNotEqualTo(card.pieces());
        assertThat(RECOGNISER.exactly(new Assembly(together, List.of()), null, Ruler.MM_1))
                .extracting(likeness -> likeness.structure().id())
                .contains("concertina-fan");
    }
}
