package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.UnionFind;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.fold.plane.Rings;

/**
 * A card in a flat pose: its facets where they lie, its folded creases, and its glued pairs.
 *
 * @param facetOf for each panel, its facet
 * @param placed where each panel lies
 */
@SuppressWarnings("ArrayRecordComponent") // asked a million times in a search, and never compared
record FlatLayout(
        FoldGraph graph,
        List<Facet> facets,
        int[] facetOf,
        List<FlatCrease> creases,
        List<FlatBend> bends,
        List<FlatJoin> joins,
        List<PlacedPanel> placed) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** The facets that are laid over others by hand, as pairs with the lower one first. */
    List<int[]> laid() {
        return graph.overs().stream()
                .filter(over -> facetOf[over[0]] != facetOf[over[1]]
                        && Flat.overlap(
                                placed.get(over[0]).shadow(),
                                placed.get(over[1]).shadow()))
                .map(over -> new int[] {facetOf[over[1]], facetOf[over[0]]})
                .toList();
    }

    /**
     * Two facets of one flat sheet, left and right of where it may give way a little, so that they lie over others
     * apart.
     */
    record FlatBend(int left, int right, Coordinate from, Coordinate to) {}

    /** Two facets glued on each other, the first below, where their glued panels overlap. */
    record FlatJoin(int below, int above, Geometry glue) {}

    static FlatLayout of(FoldGraph graph, FoldedForm form, Pose pose) {
        int[] facetOf = merged(graph, pose);
        List<Facet> facets = facets(form, facetOf);
        List<FlatCrease> creases = new ArrayList<>();
        List<FlatBend> bends = new ArrayList<>();
        for (Link.Folded link : graph.hinges()) {
            Facet a = facets.get(facetOf[link.from()]);
            Facet b = facets.get(facetOf[link.to()]);
            if (a.index() != b.index()) {
                Rigid motion = form.placed().get(link.from()).motion();
                Coordinate from = flat(motion.apply(link.hinge().line().from()));
                Coordinate to = flat(motion.apply(link.hinge().line().to()));
                if (pose.degreesAt(link) == 0) {
                    bends.add(new FlatBend(a.index(), b.index(), a.faceUp() ? from : to, a.faceUp() ? to : from));
                } else {
                    creases.add(FlatCrease.of(a, b, fold(link, pose), a.faceUp() ? from : to, a.faceUp() ? to : from));
                }
            }
        }
        List<FlatJoin> joins = graph.joins().stream()
                .map(link -> {
                    Facet on = facets.get(facetOf[link.from()]);
                    Facet glued = facets.get(facetOf[link.to()]);
                    boolean above = (link.join().onSide() == Side.FACE) == on.faceUp();
                    Geometry glue = glue(form, link);
                    return above
                            ? new FlatJoin(on.index(), glued.index(), glue)
                            : new FlatJoin(glued.index(), on.index(), glue);
                })
                .toList();
        return new FlatLayout(graph, facets, facetOf, creases, bends, joins, form.placed());
    }

    private static Geometry glue(FoldedForm form, Link.Glued link) {
        PlacedPanel on = form.placed().get(link.from());
        Geometry overlap = Flat.common(on.shadow(), form.placed().get(link.to()).shadow());
        List<Vector3D> area =
                link.join().area().stream().map(on.motion()::apply).toList();
        return area.isEmpty() ? overlap : Flat.common(overlap, shape(area));
    }

    /** Which way a crease is folded in the pose; a crease that may go either way stays so. */
    private static Fold fold(Link.Folded link, Pose pose) {
        return link.hinge().fold() == Fold.UNASSIGNED
                ? Fold.UNASSIGNED
                : pose.degreesAt(link) > 0 ? Fold.VALLEY : Fold.MOUNTAIN;
    }

    /** Panels joined by open creases, as one number each. */
    private static int[] merged(FoldGraph graph, Pose pose) {
        UnionFind groups = new UnionFind(graph.panels().size());
        for (Link.Folded link : graph.hinges()) {
            if (pose.degreesAt(link) == 0 && link.hinge().fold() != Fold.BEND) {
                groups.unite(link.from(), link.to());
            }
        }
        Map<Integer, Integer> numbers = new LinkedHashMap<>();
        int[] facetOf = new int[graph.panels().size()];
        for (int i = 0; i < facetOf.length; i++) {
            facetOf[i] = numbers.computeIfAbsent(groups.of(i), key -> numbers.size());
        }
        return facetOf;
    }

    private static List<Facet> facets(FoldedForm form, int[] facetOf) {
        List<List<Integer>> members = new ArrayList<>();
        for (int panel = 0; panel < facetOf.length; panel++) {
            if (facetOf[panel] == members.size()) {
                members.add(new ArrayList<>());
            }
            members.get(facetOf[panel]).add(panel);
        }
        List<Facet> facets = new ArrayList<>();
        for (List<Integer> panels : members) {
            facets.add(new Facet(
                    facets.size(),
                    panels,
                    shape(form, panels),
                    form.placed().get(panels.get(0)).motion().showsFace()));
        }
        return facets;
    }

    /**
     * Panels that lie flat with one another meet along whole edges on their sheet, so they are joined there, and then
     * laid.
     */
    private static Geometry shape(FoldedForm form, List<Integer> panels) {
        PlacedPanel first = form.placed().get(panels.get(0));
        if (panels.size() == 1) {
            return first.shadow();
        }
        return first.motion()
                .shadow(CoverageUnion.union(panels.stream()
                        .map(panel -> form.placed().get(panel).panel().shape())
                        .toArray(Geometry[]::new)));
    }

    private static Geometry shape(List<Vector3D> corners) {
        return FACTORY.createPolygon(Rings.closed(corners, FlatLayout::flat));
    }

    private static Coordinate flat(Vector3D point) {
        return new Coordinate(point.getX(), point.getY());
    }
}
