package vantbreeze.core.layer;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.UnionFind;

/** Which panels stay flat with one another, and bear one layer together. */
final class FlatSheets {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final FoldGraph graph;
    private final Set<Integer> bent;
    /** For each panel, the one whose layers lie on it: itself, or the first of those it is flat with. */
    private final int[] carriers;

    /** @param bent the hinges that are not scored and bend in some pose, by index */
    FlatSheets(FoldGraph graph, Set<Integer> bent) {
        this.graph = graph;
        this.bent = bent;
        UnionFind flat = new UnionFind(graph.panels().size());
        graph.hinges().stream()
                .filter(link -> link.hinge().fold() == Fold.BEND && !bent.contains(link.index()))
                .forEach(link -> flat.unite(link.from(), link.to()));
        this.carriers = flat.all();
    }

    /** Whether layers can be laid on a panel itself: it bends nowhere, and no other of its sheet bears them. */
    boolean bears(int panel) {
        List<Integer> sheet = of(panel);
        boolean bends = bent.stream()
                .map(graph.hinges()::get)
                .anyMatch(link -> sheet.contains(link.from()) || sheet.contains(link.to()));
        return !bends && carriers[panel] == panel;
    }

    /** The panels that lie flat with this one, itself among them: one paper can be laid across them. */
    List<Integer> of(int panel) {
        return IntStream.range(0, carriers.length)
                .filter(other -> carriers[other] == carriers[panel])
                .boxed()
                .toList();
    }

    /** All of the paper that stays flat with a panel, on its sheet. */
    Geometry shape(int panel) {
        List<Integer> sheet = of(panel);
        return sheet.size() == 1
                ? graph.panels().get(panel).shape()
                : CoverageUnion.union(sheet.stream()
                        .map(one -> graph.panels().get(one).shape())
                        .toArray(Geometry[]::new));
    }

    /** The folds along a panel's edges. */
    List<LineString> folds(int panel) {
        List<Integer> sheet = of(panel);
        return graph.hinges().stream()
                .filter(link -> sheet.contains(link.from()) != sheet.contains(link.to()))
                .map(link -> line(link.hinge().line()))
                .toList();
    }

    private static LineString line(Stretch stretch) {
        return FACTORY.createLineString(
                new Coordinate[] {stretch.from().millimetres(), stretch.to().millimetres()});
    }
}
