package vantbreeze.core.die;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** What a die or a punch cuts out. */
public enum DieShape {
    CIRCLE("circle", "circles", true),
    OVAL("oval", "ovals", false),
    SQUARE("square", "squares", true),
    RECTANGLE("rectangle", "rectangles", false),
    /** A rectangle whose corners are scooped out. */
    LABEL("label", "labels", false),
    /** A strip with a fancy edge and a straight back: its length by its depth. */
    EDGE("edge", "edges with a straight back", false);

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Corners of a round outline, a multiple of four: as round as the round pieces of a card. */
    private static final int CORNERS = 48;
    /** How much of the shorter side a scooped corner takes; our estimate. */
    private static final double SCOOP = 0.12;
    /** How much of its depth the fancy edge of a strip goes in and out; for drawing only. */
    private static final double WAVE = 0.2;
    /** Shapes that differ by less than this part of their area are one: round edges are drawn in straight ones. */
    private static final double ALIKE = 0.006;

    private final String label;
    private final String many;
    private final boolean even;

    DieShape(String label, String many, boolean even) {
        this.label = label;
        this.many = many;
        this.even = even;
    }

    /** How documents name it, and what makers call it. */
    public String label() {
        return label;
    }

    /** What makers call several. */
    public String many() {
        return many;
    }

    /** Whether it is as wide as high, so that one figure tells its size. */
    public boolean isEven() {
        return even;
    }

    /** The shape of that name. */
    public static Optional<DieShape> find(String name) {
        return Arrays.stream(values()).filter(one -> one.label.equals(name)).findFirst();
    }

    /** Whether one that is as wide as high would be the other. */
    public boolean isAkin(DieShape other) {
        return kin() == other.kin();
    }

    private DieShape kin() {
        return this == CIRCLE ? OVAL : this == SQUARE ? RECTANGLE : this;
    }

    /** The outline of one of a size, upright, its lower left corner at nil; millimetres. */
    public Polygon outline(Size size) {
        double wide = size.width().millimetres();
        double high = size.height().millimetres();
        List<Coordinate> ring =
                switch (this) {
                    case CIRCLE, OVAL -> arc(wide / 2, high / 2, wide / 2, high / 2, -90, 360, CORNERS);
                    case SQUARE, RECTANGLE -> List.of(at(0, 0), at(wide, 0), at(wide, high), at(0, high));
                    case LABEL -> scooped(wide, high, Math.min(wide, high) * SCOOP);
                    case EDGE -> waved(wide, high);
                };
        List<Coordinate> closed = new ArrayList<>(ring);
        closed.add(ring.get(0).copy());
        return FACTORY.createPolygon(closed.toArray(new Coordinate[0]));
    }

    /** What the outer edge of an upright shape is, if a die of any size cuts that. */
    public static Optional<DieShape> of(Polygon shape) {
        Polygon outer = FACTORY.createPolygon(shape.getExteriorRing().getCoordinates());
        Envelope box = outer.getEnvelopeInternal();
        Size size = new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
        boolean isEven = Math.abs(box.getWidth() - box.getHeight()) < ALIKE * box.getWidth();
        return Arrays.stream(values())
                .filter(one -> one != EDGE && (isEven || !one.even))
                .filter(one -> isAlike(one.outline(size), outer, box))
                .findFirst();
    }

    private static boolean isAlike(Polygon outline, Polygon outer, Envelope box) {
        // which tells most apart before they are laid on one another
        return Math.abs(outline.getArea() - outer.getArea()) < ALIKE * outer.getArea()
                && AffineTransformation.translationInstance(box.getMinX(), box.getMinY())
                                .transform(outline)
                                .symDifference(outer)
                                .getArea()
                        < ALIKE * outer.getArea();
    }

    private static Coordinate at(double x, double y) {
        return new Coordinate(x, y);
    }

    /** Corners on an arc, the end of it not among them. */
    private static List<Coordinate> arc(
            double x, double y, double across, double up, double from, double sweep, int corners) {
        List<Coordinate> arc = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = Math.toRadians(from + sweep * i / corners);
            arc.add(at(x + across * Math.cos(angle), y + up * Math.sin(angle)));
        }
        return arc;
    }

    private static List<Coordinate> scooped(double wide, double high, double scoop) {
        List<Coordinate> ring = new ArrayList<>();
        double[][] corners = {{0, 0, 90}, {wide, 0, 180}, {wide, high, 270}, {0, high, 360}};
        for (double[] corner : corners) {
            ring.addAll(arc(corner[0], corner[1], scoop, scoop, corner[2], -90, CORNERS / 4));
            double last = Math.toRadians(corner[2] - 90);
            ring.add(at(corner[0] + scoop * Math.cos(last), corner[1] + scoop * Math.sin(last)));
        }
        return ring;
    }

    private static List<Coordinate> waved(double wide, double high) {
        List<Coordinate> ring = new ArrayList<>(List.of(at(0, 0), at(wide, 0)));
        long waves = Math.max(1, Math.round(wide / high));
        double half = wide / waves / 2;
        for (long i = 0; i < waves; i++) {
            double middle = wide - half * (2 * i + 1);
            ring.addAll(arc(middle, high * (1 - WAVE), half, high * WAVE, 0, 180, CORNERS / 4));
        }
        ring.add(at(0, high * (1 - WAVE)));
        return ring;
    }
}
