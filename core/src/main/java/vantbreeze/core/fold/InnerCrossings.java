package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** The spots inside a piece where creases meet. */
public record InnerCrossings(List<InnerCrossing> all) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    public InnerCrossings {
        all = List.copyOf(all);
    }

    /** Those of {@code panels}; spots on the edge or on a slit are none, since the paper does not go all round them. */
    public static InnerCrossings of(Panels panels) {
        Map<Spot, Map<Double, Fold>> creases = new LinkedHashMap<>();
        Map<Spot, Double> paper = new LinkedHashMap<>();
        for (Hinge hinge : panels.hinges()) {
            Stretch line = hinge.line();
            creases.computeIfAbsent(line.from(), spot -> new TreeMap<>())
                    .put(direction(line.from(), line.to()), hinge.fold());
            creases.computeIfAbsent(line.to(), spot -> new TreeMap<>())
                    .put(direction(line.to(), line.from()), hinge.fold());
        }
        for (Panel panel : panels.all()) {
            panel.rings().forEach(ring -> paperRound(ring, paper));
        }
        // on the edge the paper does not reach all round; on a slit a side that no crease bounds is cut
        List<InnerCrossing> found = new ArrayList<>();
        creases.forEach((spot, directions) -> {
            if (Math.abs(paper.getOrDefault(spot, 0.0) - 360) < 1e-6
                    && directions.size() > 1
                    && !isCut(panels.piece(), spot)) {
                found.add(crossing(spot, directions));
            }
        });
        return new InnerCrossings(found);
    }

    /** Adds how far round each corner of a ring the paper reaches, degrees; it lies on the ring's left. */
    private static void paperRound(List<Spot> ring, Map<Spot, Double> paper) {
        for (int i = 0; i < ring.size(); i++) {
            Spot before = ring.get((i + ring.size() - 1) % ring.size());
            Spot after = ring.get((i + 1) % ring.size());
            double angle = turn(direction(ring.get(i), before) - direction(ring.get(i), after));
            paper.merge(ring.get(i), angle, Double::sum);
        }
    }

    private static boolean isCut(Piece piece, Spot spot) {
        return piece.slits().stream()
                .anyMatch(slit -> FACTORY.createLineString(new Coordinate[] {
                                    slit.from().units(), slit.to().units()
                                })
                                .distance(FACTORY.createPoint(spot.units()))
                        < 1);
    }

    private static InnerCrossing crossing(Spot spot, Map<Double, Fold> directions) {
        List<Double> angles = new ArrayList<>(directions.keySet());
        double alternate = 0;
        for (int i = 0; i < angles.size(); i += 2) {
            alternate += turn(angles.get((i + 1) % angles.size()) - angles.get(i));
        }
        return new InnerCrossing(
                spot,
                count(directions, Fold.MOUNTAIN),
                count(directions, Fold.VALLEY),
                count(directions, Fold.UNASSIGNED),
                Math.abs(alternate - 180));
    }

    private static int count(Map<Double, Fold> directions, Fold fold) {
        return (int) directions.values().stream().filter(fold::equals).count();
    }

    private static double direction(Spot from, Spot to) {
        return Math.toDegrees(Math.atan2(
                to.y().millimetres() - from.y().millimetres(),
                to.x().millimetres() - from.x().millimetres()));
    }

    private static double turn(double degrees) {
        double turned = degrees % 360;
        return turned < 0 ? turned + 360 : turned;
    }
}
