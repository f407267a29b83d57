package vantbreeze.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.plane.Rings;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;

/**
 * Where the two parts of a seam lie on one another.
 *
 * @param panel in which panel, by its place among those of its piece
 * @param shape on the sheet of the piece, millimetres
 * @param end where the first part ends: the line that is seen from the face
 * @param start where the second begins: the line that is seen from the back
 */
record SeamStrip(Seam seam, int panel, Polygon shape, LineString end, LineString start) {

    /** So far a seam keeps off folds and slits, mm: two thicknesses in a fold crack. Common practice, no source. */
    private static final double CLEAR = 3;

    static final GeometryFactory FACTORY = new GeometryFactory();

    /** Where a piece may have this seam: it lies in one panel, clear of every line; nothing where it may not. */
    static Optional<SeamStrip> of(Panels panels, Seam seam) {
        Piece piece = panels.piece();
        Extent extent = piece.extent();
        Length side = seam.upright() ? extent.size().width() : extent.size().height();
        if (!seam.at().isShorterThan(side)) {
            return Optional.empty();
        }
        Geometry strip = paper(piece).intersection(slab(extent, seam.upright(), seam.begins(), seam.at()));
        if (!(strip instanceof Polygon shape) || shape.getNumInteriorRing() > 0) {
            return Optional.empty();
        }
        boolean isClear = Stream.concat(piece.creases().stream().map(Crease::line), piece.slits().stream())
                .allMatch(line -> shape.distance(line(line)) >= CLEAR);
        if (!isClear) {
            return Optional.empty();
        }
        return panels.all().stream()
                .filter(panel -> shape.difference(panel.shape()).getArea() < Precision.NO_AREA)
                .findFirst()
                .flatMap(panel -> of(seam, panel, shape, extent));
    }

    private static Optional<SeamStrip> of(Seam seam, Panel panel, Polygon shape, Extent extent) {
        Geometry end = shape.intersection(across(extent, seam.upright(), seam.at()));
        Geometry start = shape.intersection(across(extent, seam.upright(), seam.begins()));
        return end instanceof LineString one && start instanceof LineString other
                ? Optional.of(new SeamStrip(seam, panel.index(), shape, one, other))
                : Optional.empty();
    }

    /**
     * The line that is seen on each face of its panel.
     *
     * @param first number of the piece's first panel among those of the card
     */
    List<OnFace> lines(int first) {
        return List.of(
                new OnFace(new Face(first + panel, Side.FACE), end),
                new OnFace(new Face(first + panel, Side.BACK), start));
    }

    /** A line of a seam that is seen on a face. */
    record OnFace(Face face, LineString line) {}

    /** The paper of a piece, its holes cut out. */
    static Polygon paper(Piece piece) {
        return FACTORY.createPolygon(
                ring(piece.outline()),
                piece.openings().stream().map(SeamStrip::ring).toArray(LinearRing[]::new));
    }

    private static LinearRing ring(List<Spot> corners) {
        return FACTORY.createLinearRing(Rings.closed(corners, Spot::millimetres));
    }

    /** All that lies between two distances from the left edge, or from the foot. */
    static Geometry slab(Extent extent, boolean upright, Length from, Length to) {
        double left = extent.left().millimetres();
        double foot = extent.foot().millimetres();
        return FACTORY.toGeometry(
                upright
                        ? new Envelope(
                                extent.left().plus(from).millimetres(),
                                extent.left().plus(to).millimetres(),
                                foot,
                                extent.head().millimetres())
                        : new Envelope(
                                left,
                                extent.right().millimetres(),
                                extent.foot().plus(from).millimetres(),
                                extent.foot().plus(to).millimetres()));
    }

    private static LineString across(Extent extent, boolean upright, Length at) {
        Geometry line = slab(extent, upright, at, at);
        return line instanceof LineString one ? one : FACTORY.createLineString(new Coordinate[0]);
    }

    static LineString line(Stretch stretch) {
        return FACTORY.createLineString(
                new Coordinate[] {stretch.from().millimetres(), stretch.to().millimetres()});
    }
}
