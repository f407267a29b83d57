package vantbreeze.core.fold;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import vantbreeze.core.fold.plane.Rings;

/** All that is wrong with a piece, reported and never guessed away. */
public record Faults(List<Fault> all) {

    /** No card has more scores and slits than this; beyond it a piece is refused at once. */
    public static final int MOST_LINES = 4_000;

    private static final GeometryFactory GRID = new GeometryFactory();

    public Faults {
        all = List.copyOf(all);
    }

    /** Whether there are none. */
    public boolean isEmpty() {
        return all.isEmpty();
    }

    /** Whether one of this kind is among them. */
    public boolean has(Fault.Kind kind) {
        return all.stream().anyMatch(fault -> fault.kind() == kind);
    }

    /** Looks {@code piece} over. */
    public static Faults of(Piece piece) {
        List<Fault> faults = new ArrayList<>();
        outline(piece, faults);
        int lines = piece.creases().size() + piece.slits().size();
        if (lines + piece.outline().size() > MOST_LINES) {
            faults.add(new Fault(
                    Fault.Kind.TOO_MANY_LINES,
                    String.format(
                            Locale.ROOT,
                            "%d scores and slits are more than the %d that a card can have. Leave some out.",
                            lines,
                            MOST_LINES),
                    List.of()));
        }
        if (faults.isEmpty()) {
            lines(piece, faults);
        }
        if (faults.isEmpty()) {
            Panels panels = Panels.of(piece);
            if (panels.all().isEmpty()) {
                faults.add(new Fault(
                        Fault.Kind.NO_OUTLINE,
                        "Nothing is left of the piece: what is cut out of it takes all. Make a hole smaller.",
                        piece.outline()));
            } else {
                panels(panels, faults);
            }
        }
        return new Faults(faults);
    }

    private static void outline(Piece piece, List<Fault> faults) {
        Polygon outline = polygon(piece.outline());
        if (outline == null || outline.convexHull().getArea() < 1) {
            faults.add(new Fault(
                    Fault.Kind.NO_OUTLINE,
                    "The piece has no outline to cut. Give it three corners or more.",
                    piece.outline()));
            return;
        }
        TopologyValidationError error = new IsValidOp(outline).getValidationError();
        if (error != null) {
            Spot at = Spot.ofUnits(error.getCoordinate());
            faults.add(new Fault(
                    Fault.Kind.OUTLINE_CROSSES_ITSELF,
                    "The outline crosses itself at %s from the left, %s from the foot. Move one of the corners there."
                            .formatted(at.x(), at.y()),
                    List.of(at)));
        }
    }

    private static void lines(Piece piece, List<Fault> faults) {
        Geometry within = requireNonNull(polygon(piece.outline())).buffer(1);
        List<Stretch> lines = new ArrayList<>(piece.slits());
        piece.creases().forEach(crease -> lines.add(crease.line()));
        for (Stretch line : lines) {
            if (line.isNothing()) {
                faults.add(new Fault(
                        Fault.Kind.NO_LENGTH,
                        "A score or slit begins and ends at the same spot. Draw it longer or leave it out.",
                        List.of(line.from())));
            } else if (!within.covers(line(line))) {
                faults.add(new Fault(
                        Fault.Kind.OUTSIDE,
                        "A score or slit runs off the piece. End it on the edge.",
                        List.of(line.from(), line.to())));
            }
        }
        for (int i = 0; i < piece.creases().size(); i++) {
            for (int j = i + 1; j < piece.creases().size(); j++) {
                contradiction(piece.creases().get(i), piece.creases().get(j), faults);
            }
        }
    }

    private static void contradiction(Crease one, Crease other, List<Fault> faults) {
        boolean differ = one.fold().sign() * other.fold().sign() < 0;
        if (differ
                && line(one.line())
                        .getEnvelopeInternal()
                        .intersects(line(other.line()).getEnvelopeInternal())
                && line(one.line()).intersection(line(other.line())).getLength() > 0) {
            faults.add(new Fault(
                    Fault.Kind.CONTRADICTORY_FOLDS,
                    "One score is to fold both ways. Leave one of the two folds out.",
                    List.of(one.line().from(), one.line().to())));
        }
    }

    private static void panels(Panels panels, List<Fault> faults) {
        panels.looseCreases()
                .forEach(loose -> faults.add(new Fault(
                        Fault.Kind.LOOSE_CREASE,
                        "A score ends inside a panel. Run it on to an edge, a slit or another score.",
                        List.of(loose.from(), loose.to()))));
        panels.looseSlits()
                .forEach(loose -> faults.add(new Fault(
                        Fault.Kind.LOOSE_SLIT,
                        "A slit ends inside a panel. Let it start and end on a score.",
                        List.of(loose.from(), loose.to()))));
        boolean[] held = held(panels);
        for (Panel panel : panels.all()) {
            if (!held[panel.index()]) {
                faults.add(new Fault(
                        Fault.Kind.CUT_FREE,
                        "%s is cut free: nothing holds it. Shorten a slit beside it or score it instead."
                                .formatted(panel.name()),
                        panel.corners()));
            }
        }
    }

    private static boolean[] held(Panels panels) {
        boolean[] held = new boolean[panels.all().size()];
        List<Integer> reached = new ArrayList<>(List.of(panels.base().index()));
        held[panels.base().index()] = true;
        while (!reached.isEmpty()) {
            int at = reached.remove(reached.size() - 1);
            for (Hinge hinge : panels.hinges()) {
                if (hinge.left().index() == at || hinge.right().index() == at) {
                    int to = hinge.left().index() == at
                            ? hinge.right().index()
                            : hinge.left().index();
                    if (!held[to]) {
                        held[to] = true;
                        reached.add(to);
                    }
                }
            }
        }
        return held;
    }

    private static @Nullable Polygon polygon(List<Spot> outline) {
        if (outline.size() < 3) {
            return null;
        }
        return GRID.createPolygon(Rings.closed(outline, Spot::units));
    }

    private static LineString line(Stretch stretch) {
        return GRID.createLineString(
                new Coordinate[] {stretch.from().units(), stretch.to().units()});
    }
}
