package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Trouble;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/** What holds of every structure of the catalogue, dressed in a range of borders. */
class DressedStructuresTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    /** A hundredth of a millimetre, and what brings a computed corner to the nearest unit. */
    private static final double TRUE = 0.0101;

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    @Provide
    Arbitrary<Structure> everyStructure() {
        return Arbitraries.of(structures());
    }

    @Provide
    Arbitrary<Length> borders() {
        Arbitrary<Length> metric =
                Arbitraries.integers().between(2, 14).map(halves -> Length.ofMicrometres(500L * halves));
        return Arbitraries.oneOf(
                metric, Arbitraries.integers().between(1, 8).map(part -> Length.ofInches(0, part, 32)));
    }

    private static WorkedPlan bare(Structure structure) {
        return WORKSHOP.work(BarePlan.of(structure));
    }

    private static WorkedPlan dressed(Structure structure, Length... borders) {
        WorkedPlan bare = bare(structure);
        List<LayerChoice> stack = List.of(borders).stream()
                .map(border -> LayerChoice.of("paper-160", border))
                .toList();
        return WORKSHOP.work(bare.plan().withDressing(new Suggestion(WORKSHOP, bare).dressing(stack)));
    }

    /**
     * Every edge of every layer lies within what is beneath by its border, and no nearer; rounding only makes it wider.
     */
    @Property(tries = 150)
    void everyLayerKeepsItsBorderOnEveryEdge(
            @ForAll("everyStructure") Structure structure,
            @ForAll("borders") Length mat,
            @ForAll("borders") Length layer) {
        WorkedPlan worked = dressed(structure, mat, layer);
        for (Layer one : worked.layers().all()) {
            Polygon beneath = beneath(worked, one);
            assertThat(beneath.buffer(1e-6).covers(one.shape()))
                    .as("%s within", structure.id())
                    .isTrue();
            double least = one.shape().getBoundary().distance(beneath.getBoundary());
            double most = 0;
            Coordinate[] ring = one.shape().getExteriorRing().getCoordinates();
            for (int i = 0; i + 1 < ring.length; i++) {
                most = Math.max(most, squareTo(ring[i], ring[i + 1], beneath));
            }
            // a circle is drawn in straight edges: between the middles of two that much less than between corners
            double straight = DieShape.of(one.shape())
                    .filter(shape -> shape == DieShape.CIRCLE)
                    .map(circle -> one.least().millimetres() * (1 - Math.cos(Math.PI / (ring.length - 1))))
                    .orElse(0.0);
            assertThat(least + straight)
                    .as(structure.id())
                    .isCloseTo(one.least().millimetres(), within(TRUE))
                    .isGreaterThan(one.choice().border().millimetres() - TRUE);
            assertThat(most).as(structure.id()).isLessThan(one.most().millimetres() + TRUE);
            assertThat(one.most().minus(one.choice().border()))
                    .as("rounded by less than a mark")
                    .isLessThan(Ruler.MM_1.division());
        }
    }

    /**
     * How far an edge lies from the nearest edge of {@code beneath} that runs along with it, measured square to both.
     */
    private static double squareTo(Coordinate from, Coordinate to, Polygon beneath) {
        LineSegment edge = new LineSegment(from, to);
        Coordinate[] ring = beneath.getCoordinates();
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i + 1 < ring.length; i++) {
            LineSegment other = new LineSegment(ring[i], ring[i + 1]);
            if (other.getLength() > 1e-9
                    && Math.abs(Math.sin(other.angle() - edge.angle())) * Math.min(edge.getLength(), other.getLength())
                            < 0.002) {
                nearest = Math.min(nearest, other.distancePerpendicular(edge.midPoint()));
            }
        }
        return nearest;
    }

    private static Polygon beneath(WorkedPlan worked, Layer layer) {
        return worked.layers().on(layer.face()).stream()
                .filter(other -> other.part() == layer.part() && other.level() == layer.level() - 1)
                .map(Layer::shape)
                .findFirst()
                .orElseGet(() -> worked.grounds().of(layer.face()).parts().get(layer.part()));
    }

    /**
     * Parts of one face do not overlap; nothing lies where a part of the card is glued by a tab or slides, nor on the
     * glued side of anything.
     */
    @Property(tries = 60)
    @SuppressWarnings("ReferenceEquality") // two layers alike are two layers
    void nothingOverlapsAndNothingLiesOnGlue(
            @ForAll("everyStructure") Structure structure, @ForAll("borders") Length border) {
        WorkedPlan worked = dressed(structure, border);
        assertThat(worked.layers().troubles()).as(structure.id()).isEmpty();
        List<Layer> layers = worked.layers().all();
        for (Layer one : layers) {
            layers.stream()
                    .filter(other -> other != one && other.face().equals(one.face()) && other.level() == one.level())
                    .forEach(other -> assertThat(
                                    one.shape().intersection(other.shape()).getArea())
                            .as(structure.id())
                            .isLessThan(1e-6));
        }
        for (GlueArea glue : GlueArea.of(worked.form().graph())) {
            boolean gluedSide = worked.form().graph().joins().stream()
                    .anyMatch(link -> link.to() == glue.panel()
                            && link.join().gluedSide() == glue.side()
                            && link.from() == glue.other());
            if (gluedSide) {
                worked.layers().on(new Face(glue.panel(), glue.side())).forEach(layer -> assertThat(
                                layer.shape().intersection(glue.shape()).getArea())
                        .as(structure.id())
                        .isLessThan(1e-6));
            }
        }
        for (Link.Glued slide : worked.form().graph().joins().stream()
                .filter(link -> link.join().slides())
                .toList()) {
            assertThat(worked.layers().faces())
                    .as(structure.id())
                    .doesNotContain(new Face(slide.to(), Side.FACE), new Face(slide.to(), Side.BACK));
        }
    }

    /**
     * Where a sheet is its own mirror image, folds and slits and all, so are its layers: what is laid on a panel at the
     * left is laid on its counterpart at the right.
     */
    @ParameterizedTest
    @MethodSource("structures")
    void mirrorImagesAreDressedAlike(Structure structure) {
        List<String> unlike = new ArrayList<>();
        for (Plan plan : variants(structure)) {
            WorkedPlan bare = WORKSHOP.work(plan);
            unlike.addAll(unlike(WORKSHOP.work(plan.withDressing(new Suggestion(WORKSHOP, bare)
                    .dressing(List.of(LayerChoice.of("paper-160", Length.ofMillimetres(2))))))));
        }
        assertThat(unlike).as(structure.id()).isEmpty();
    }

    /** As usual, and with each thing chosen otherwise. */
    private static List<Plan> variants(Structure structure) {
        Plan usual = BarePlan.of(structure);
        List<Plan> variants = new ArrayList<>(List.of(usual));
        for (Choice choice : structure.choices()) {
            for (Choice.Alternative other : choice.alternatives()) {
                try {
                    variants.add(usual.choosing(structure, choice.id(), other.id()));
                } catch (ValidationException refused) {
                    // not with these measures
                }
            }
        }
        return variants;
    }

    private static List<String> unlike(WorkedPlan worked) {
        List<String> unlike = new ArrayList<>();
        for (WorkedPiece piece : worked.pieces()) {
            if (!isItsOwnMirrorImage(piece.panels().piece())
                    || worked.form().graph().joins().stream()
                            .anyMatch(join ->
                                    join.join().on().piece() == worked.pieces().indexOf(piece)
                                            || join.join().glued().piece()
                                                    == worked.pieces().indexOf(piece))) {
                continue;
            }
            for (Panel panel : piece.panels().all()) {
                Panel other = counterpart(panel, piece);
                for (Side side : Side.values()) {
                    double here = laid(worked, piece.first() + panel.index(), side);
                    double there = laid(worked, piece.first() + other.index(), side);
                    if (Math.abs(here - there) > 0.01) {
                        unlike.add("%s %s %s: %.2f, %s: %.2f"
                                .formatted(
                                        worked.plan().measures().choices(),
                                        panel.name(),
                                        side,
                                        here,
                                        other.name(),
                                        there));
                    }
                }
            }
        }
        return unlike;
    }

    private static double laid(WorkedPlan worked, int panel, Side side) {
        return worked.layers().on(new Face(panel, side)).stream()
                .mapToDouble(layer -> layer.shape().getArea())
                .sum();
    }

    private static Panel counterpart(Panel panel, WorkedPiece piece) {
        double across = piece.cut().width().millimetres();
        var middle = panel.shape().getCentroid();
        return piece.panels().all().stream()
                .filter(other -> Math.abs(other.shape().getCentroid().getX() + middle.getX() - across) < 1e-3
                        && Math.abs(other.shape().getCentroid().getY() - middle.getY()) < 1e-3)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isItsOwnMirrorImage(Piece piece) {
        Length across = piece.cutSize().width();
        Set<String> lines = new HashSet<>();
        Set<String> mirrored = new HashSet<>();
        piece.creases().forEach(crease -> {
            lines.add(
                    key(crease.line().from(), crease.line().to(), crease.fold().name()));
            mirrored.add(key(
                    mirror(crease.line().from(), across),
                    mirror(crease.line().to(), across),
                    crease.fold().name()));
        });
        piece.slits().forEach(slit -> {
            lines.add(key(slit.from(), slit.to(), "slit"));
            mirrored.add(key(mirror(slit.from(), across), mirror(slit.to(), across), "slit"));
        });
        Set<Spot> outline = Set.copyOf(piece.outline());
        return !lines.isEmpty()
                && lines.equals(mirrored)
                && outline.equals(piece.outline().stream()
                        .map(spot -> mirror(spot, across))
                        .collect(Collectors.toSet()));
    }

    private static Spot mirror(Spot spot, Length across) {
        return new Spot(across.minus(spot.x()), spot.y());
    }

    private static String key(Spot from, Spot to, String kind) {
        boolean first = from.x().compareTo(to.x()) < 0
                || (from.x().equals(to.x()) && from.y().compareTo(to.y()) < 0);
        return "%s %s %s".formatted(first ? from : to, first ? to : from, kind);
    }

    /**
     * By hand: the pocket's seal is as wide as was chosen, along its foot and one side; a layer inside keeps clear of
     * it.
     */
    @Test
    void nothingIsLaidUnderAPocketsSeal() {
        Structure pocket = WORKSHOP.structure("pocket");
        WorkedPlan bare = bare(pocket);
        FoldGraph graph = bare.form().graph();
        int back = IntStream.range(0, graph.panels().size())
                .filter(panel -> graph.panels().get(panel).name().equals("Pocket back"))
                .findFirst()
                .orElseThrow();
        WorkedPlan worked = WORKSHOP.work(bare.plan()
                .withDressing(new Dressing(List.of(Dressed.of(
                        FaceName.of(new Face(back, Side.FACE), graph),
                        List.of(LayerChoice.of("paper-160", Length.ofMillimetres(1))))))));
        assertThat(worked.layers().all()).isNotEmpty();
        for (GlueArea glue : GlueArea.of(graph)) {
            if (glue.panel() == back && glue.side() == Side.FACE) {
                worked.layers().all().forEach(layer -> assertThat(
                                layer.shape().intersection(glue.shape()).getArea())
                        .isLessThan(1e-6));
            }
        }
    }

    /** By hand: glue on just half of a strip, 50 of 100 mm, leaves nothing to dress; on a hair less it does. */
    @ParameterizedTest
    @ValueSource(doubles = {50, 49.9})
    void glueOnHalfOfAPanelLeavesNothingToDress(double glued) {
        Piece card = FreeCard.sheet("Card", Size.ofMillimetres(150, 100));
        Piece strip = FreeCard.sheet("Strip", Size.ofMillimetres(100, 60));
        Spot nil = new Spot(Length.ZERO, Length.ZERO);
        Length edge = Length.nearest(100 - glued);
        Length end = Length.ofMillimetres(100);
        Length head = Length.ofMillimetres(60);
        Assembly assembly = new Assembly(
                List.of(card, strip),
                List.of(Join.of(
                                new PanelRef(0, "Panel 1"),
                                Side.FACE,
                                new PanelRef(1, "Panel 2"),
                                Side.BACK,
                                Attachment.at(nil, nil))
                        .onlyOn(List.of(
                                new Spot(edge, Length.ZERO),
                                new Spot(end, Length.ZERO),
                                new Spot(end, head),
                                new Spot(edge, head)))));
        Grounds grounds =
                Grounds.of(FoldGraph.of(FreeCard.of(assembly).assembly()), Set.of(), Allowances.usual(), Map.of());
        assertThat(grounds.of(new Face(1, Side.BACK)).isFree()).isEqualTo(glued < 50);
    }

    /** Every panel that shows gets layers unless glue takes it or it is too small; what never shows gets none. */
    @ParameterizedTest
    @MethodSource("structures")
    void whatShowsIsDressedAndWhatDoesNotIsNot(Structure structure) {
        WorkedPlan worked = dressed(structure, Length.ofMillimetres(2));
        Sights sights = worked.sights();
        assertThat(worked.layers().faces()).as(structure.id()).isNotEmpty().allMatch(face -> sights.of(face)
                .isPresent());
        for (Face face : worked.grounds().free()) {
            if (sights.of(face).isPresent() && worked.grounds().of(face).leaves(8)) {
                assertThat(worked.layers().faces()).as(structure.id()).contains(face);
            }
        }
    }

    /**
     * The thickest place of a dressed card is no thinner than the bare one's, and the weight grows by area times
     * grammage.
     */
    @ParameterizedTest
    @MethodSource("structures")
    void bulkAndWeightCountEveryLayer(Structure structure) {
        WorkedPlan bare = bare(structure);
        WorkedPlan worked = dressed(structure, Length.ofMillimetres(3));
        assertThat(worked.closedCard().thickness())
                .as(structure.id())
                .isGreaterThan(bare.closedCard().thickness());
        double grams = worked.layers().all().stream()
                .mapToDouble(layer -> layer.paper().grammage() / 1e6 * areaByHand(layer.shape()))
                .sum();
        assertThat(worked.closedCard().weight().grams())
                .as(structure.id())
                .isCloseTo(bare.closedCard().weight().grams() + grams, within(0.001));
    }

    /** The shoelace formula (Gauss): the outline's area less that of its holes. */
    private static double areaByHand(Polygon shape) {
        double area = shoelace(shape.getExteriorRing().getCoordinates());
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            area -= shoelace(shape.getInteriorRingN(i).getCoordinates());
        }
        return area;
    }

    private static double shoelace(Coordinate[] ring) {
        double twice = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            twice += ring[i].x * ring[i + 1].y - ring[i + 1].x * ring[i].y;
        }
        return Math.abs(twice) / 2;
    }

    /**
     * Every cut that has a mirror image is told from it: the image's image is itself, of the same area, and both are
     * not alike.
     */
    @ParameterizedTest
    @MethodSource("structures")
    void mirroredPairsAreMirrorImages(Structure structure) {
        List<Cut> cuts = dressed(structure, Length.ofMillimetres(2)).cuts().cuts();
        assertThat(cuts.stream().mapToInt(Cut::count).sum())
                .isEqualTo(dressed(structure, Length.ofMillimetres(2))
                        .layers()
                        .all()
                        .size());
        for (Cut cut : cuts) {
            if (cut.mirror() > 0) {
                Cut other = cuts.get(cut.mirror() - 1);
                assertThat(other.mirror()).isEqualTo(cut.number());
                assertThat(other.shape().polygon().getArea())
                        .isCloseTo(cut.shape().polygon().getArea(), within(0.01));
                Polygon turnedOver = other.shape().mirrored().polygon();
                assertThat(turnedOver.getLength())
                        .isCloseTo(cut.shape().polygon().getLength(), within(0.01));
            }
        }
    }

    /** By hand: the outer panels of a gabled concertina lean towards each other, so their layers are mirrored pairs. */
    @Test
    void theGabledConcertinaHasMirroredPairs() {
        List<Cut> cuts = dressed(WORKSHOP.structure("gabled-concertina"), Length.ofMillimetres(2))
                .cuts()
                .cuts();
        assertThat(cuts).anyMatch(cut -> cut.mirror() > 0 && cut.count() >= 2);
    }

    /** A ring is dressed as a ring, across the line where only half of it is glued; its closure stays clear. */
    @Test
    void aRingIsDressedAsARing() {
        WorkedPlan worked = dressed(WORKSHOP.structure("ring-lock"), Length.ofMicrometres(1000));
        assertThat(worked.layers().all()).anySatisfy(layer -> {
            assertThat(layer.shape().getNumInteriorRing()).isEqualTo(1);
            double outer = layer.shape().getEnvelopeInternal().getWidth() / 2;
            double inner =
                    layer.shape().getInteriorRingN(0).getEnvelopeInternal().getWidth() / 2;
            assertThat(layer.shape().getArea())
                    .isCloseTo(
                            Math.PI * (outer * outer - inner * inner),
                            within(0.01 * layer.shape().getArea()));
        });
    }

    /** By hand: a strip has none. */
    @Test
    void aStripHasNoMirroredPairs() {
        assertThat(dressed(WORKSHOP.structure("concertina"), Length.ofMillimetres(2))
                        .cuts()
                        .cuts())
                .allMatch(cut -> cut.mirror() == 0);
    }

    /** Layers whose panel an edit took away are kept aside and lie there again when it comes back. */
    @Test
    void layersOfAPanelThatIsGoneAreKeptAside() {
        Structure concertina = WORKSHOP.structure("concertina");
        WorkedPlan bare = bare(concertina);
        String last = bare.pieces()
                .get(0)
                .panels()
                .all()
                .get(bare.pieces().get(0).panels().all().size() - 1)
                .name();
        Plan plan = bare.plan()
                .withDressing(new Dressing(List.of(Dressed.of(
                        new FaceName(0, last, Side.FACE),
                        List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3)))))));
        assertThat(WORKSHOP.work(plan).layers().all()).hasSize(1);
        Plan fewer = plan.choosing(concertina, "panels", "3");
        WorkedPlan without = WORKSHOP.work(fewer);
        assertThat(without.layers().all()).isEmpty();
        assertThat(without.layers().aside()).hasSize(1);
        assertThat(without.findings()).anyMatch(finding -> finding.text().contains(last + " is not there any more"));
        assertThat(WORKSHOP.work(fewer.choosing(
                                concertina,
                                "panels",
                                bare.plan()
                                        .measures()
                                        .chosen(concertina.choices().get(0))))
                        .layers()
                        .troubles())
                .noneMatch(Trouble.Aside.class::isInstance);
    }
}
