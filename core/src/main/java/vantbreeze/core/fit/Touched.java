package vantbreeze.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/**
 * Which panels a measure is about. No structure says so of a place, a gap or a step: the measure is changed a little,
 * and it is looked which panels become others, or where something is glued elsewhere.
 */
public final class Touched {

    private Touched() {}

    /**
     * The panels, by index; those that only move along on their sheet are not among them.
     *
     * @param measures within the limits of {@code structure}
     * @param id of a measure that is asked
     * @param before what {@code structure} builds of them
     */
    public static Set<Integer> by(String id, Structure structure, Measures measures, Assembly before) {
        Length now = structure.measure(id, measures);
        // beyond what the others allow there may be nothing that can be built
        return Stream.of(now.plus(Course.TRIED), now.minus(Course.TRIED))
                .map(other -> measures.with(id, other))
                .filter(structure::allows)
                .findFirst()
                .map(other -> between(before, structure.assemble(other)))
                .orElse(Set.of());
    }

    private static Set<Integer> between(Assembly before, Assembly after) {
        if (before.pieces().size() != after.pieces().size()
                || before.joins().size() != after.joins().size()) {
            return Set.of();
        }
        Set<Integer> touched = new LinkedHashSet<>();
        List<Integer> first = new ArrayList<>();
        int panels = 0;
        for (int piece = 0; piece < before.pieces().size(); piece++) {
            first.add(panels);
            Panels was = Panels.of(before.pieces().get(piece));
            if (!before.pieces().get(piece).equals(after.pieces().get(piece))) {
                Panels is = Panels.of(after.pieces().get(piece));
                for (Panel panel : was.all()) {
                    if (is.named(panel.name())
                            .filter(one -> Math.abs(one.area() - panel.area()) < 1)
                            .isEmpty()) {
                        touched.add(panels + panel.index());
                    }
                }
                if (touched.isEmpty()) {
                    touched.addAll(besideSlits(was, after.pieces().get(piece).slits(), panels));
                }
            }
            panels += was.all().size();
        }
        if (touched.isEmpty()) {
            for (int i = 0; i < before.joins().size(); i++) {
                Join join = before.joins().get(i);
                if (!join.at().equals(after.joins().get(i).at())
                        || !join.area().equals(after.joins().get(i).area())
                        || !join.foam().equals(after.joins().get(i).foam())) {
                    Panels.of(before.pieces().get(join.glued().piece()))
                            .named(join.glued().panel())
                            .ifPresent(
                                    panel -> touched.add(first.get(join.glued().piece()) + panel.index()));
                }
            }
        }
        return touched;
    }

    /** Panels along slits that are not among these. */
    private static Set<Integer> besideSlits(Panels was, List<Stretch> slits, int first) {
        return was.piece().slits().stream()
                .filter(slit -> !slits.contains(slit))
                .map(slit -> new GeometryFactory().createLineString(new Coordinate[] {
                    slit.from().millimetres(), slit.to().millimetres()
                }))
                .flatMap(slit -> was.all().stream()
                        .filter(panel -> panel.shape().isWithinDistance(slit, Precision.ON_LINE))
                        .map(panel -> first + panel.index()))
                .collect(Collectors.toSet());
    }
}
