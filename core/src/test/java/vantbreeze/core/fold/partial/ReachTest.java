package vantbreeze.core.fold.partial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Where a finger of 12 mm comes to on cards that are half put together. */
class ReachTest {

    private static final Workshop WORKSHOP = KiteCards.WORKSHOP;
    private static final double FINGER = 12;

    private static Folding card(Structure structure) {
        return KiteCards.bare(structure).form();
    }

    private static Set<JoinId> joins(Folding card) {
        return new LinkedHashSet<>(JoinId.all(card.graph().assembly()));
    }

    /** What nothing is glued to of a side of a panel; nothing where all of it is. */
    private static Optional<Polygon> bare(Folding card, Face face) {
        Geometry bare = card.graph().panels().get(face.panel()).shape();
        for (GlueArea area : GlueArea.of(card.graph())) {
            if (area.panel() == face.panel() && area.side() == face.side()) {
                bare = bare.difference(area.shape());
            }
        }
        Polygon largest = null;
        for (int i = 0; i < bare.getNumGeometries(); i++) {
            if (bare.getGeometryN(i) instanceof Polygon part
                    && part.getArea() > 25
                    && (largest == null || part.getArea() > largest.getArea())) {
                largest = part;
            }
        }
        return Optional.ofNullable(largest);
    }

    /** Names of the faces whose bare paper is reached with these joins made: "Back+" is its decorated side. */
    private static Set<String> reached(Folding card, Set<JoinId> made) {
        Set<String> reached = new TreeSet<>();
        Part whole = PartialAssembly.of(card, joins(card)).parts().get(0);
        for (Part part : PartialAssembly.of(card, made).parts()) {
            Reach reach = new Reach(part, whole, FINGER);
            for (int panel = 0; panel < part.graph().panels().size(); panel++) {
                for (Side side : Side.values()) {
                    Face here = new Face(panel, side);
                    bare(card, new Face(part.inCard(panel), side))
                            .flatMap(region -> reach.to(here, region))
                            .ifPresent(pose -> reached.add(name(card, part.inCard(here.panel()), here.side())));
                }
            }
        }
        return reached;
    }

    private static String name(Folding card, int panel, Side side) {
        return card.graph().name(panel) + (side == Side.FACE ? "+" : "-");
    }

    private static Set<String> reached(String structure, boolean isGlued) {
        Folding card = card(WORKSHOP.structure(structure));
        return reached(card, isGlued ? joins(card) : Set.of());
    }

    /** A pocket that is closed is closed; open its inside is two pages. */
    @Test
    void theInsideOfAPocketIsReachedWhileItIsOpen() {
        assertThat(reached("pocket", true)).doesNotContain("Pocket back+", "Pocket front+");
        assertThat(reached("pocket", true)).contains("Back-", "Cover+", "Cover-", "Pocket front-");
        assertThat(reached("pocket", false)).contains("Pocket back+", "Pocket front+");
    }

    /** The inside of a narrow tube, and what lies behind a band, are dressed first. */
    @Test
    void aTubeAndABandShutWhatIsBehind() {
        assertThat(reached("pillar-card", true))
                .doesNotContain("Left pillar 2-", "Left pillar 3-", "Right pillar 2-", "Right pillar 3-");
        assertThat(reached("pillar-card", false)).contains("Left pillar 2-", "Left pillar 3-");
        assertThat(reached("stage", true))
                .contains("Band+", "Left wall+", "Back-")
                .doesNotContain("Back+", "Band-");
        assertThat(reached("stage", false)).contains("Back+", "Band-");
    }

    /** What lies on a panel covers the side that it is glued to, and that side alone. */
    @Test
    void whatIsGluedOnOneSideLeavesTheOtherFree() {
        assertThat(reached("ring-lock", true)).contains("Left flap+", "Left half of ring+", "Right half of disc+");
        assertThat(reached("tucked-gatefold", true)).contains("Topper+", "Left front+");
    }

    /** Whatever the structure: all is reached on single pieces, and a join less never puts anything out of reach. */
    @TestFactory
    Stream<DynamicTest> joinsOnlyTakeReachAway() {
        return KiteCards.eachStructure(structure -> {
            Folding card = card(structure);
            Set<JoinId> all = joins(card);
            Set<String> whole = reached(card, all);
            Set<String> single = reached(card, Set.of());
            assertThat(single).containsAll(whole);
            List<String> faces = new ArrayList<>();
            for (int panel = 0; panel < card.graph().panels().size(); panel++) {
                for (Side side : Side.values()) {
                    if (bare(card, new Face(panel, side)).isPresent()) {
                        faces.add(name(card, panel, side));
                    }
                }
            }
            assertThat(single).containsExactlyInAnyOrderElementsOf(faces);
            for (JoinId join : all) {
                Set<JoinId> fewer = new LinkedHashSet<>(all);
                fewer.remove(join);
                assertThat(reached(card, fewer)).as(join.inWords()).containsAll(whole);
            }
        });
    }
}
