package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;

/**
 * A piece as it is cut: whole, or in parts that overlap at seams.
 *
 * @param strips where the parts overlap, from the left or from the foot; none for a piece that is whole
 * @param parts from the left or from the foot, each where it lies on the sheet of the piece
 */
public record PieceParts(Piece piece, List<SeamStrip> strips, List<Piece> parts) {

    /** A seam of which this share is covered shows no more than the border of a mat lets through. */
    private static final double HIDDEN = 0.8;

    public PieceParts {
        strips = List.copyOf(strips);
        parts = List.copyOf(parts);
    }

    /**
     * A piece with those of some seams that are its own. Where one of them crosses a line by now, or runs off it, the
     * piece is whole: half a seam helps nobody.
     */
    public static PieceParts of(Panels panels, PieceId id, List<Seam> seams) {
        Piece piece = panels.piece();
        List<Seam> own = seams.stream()
                .filter(seam -> seam.piece().equals(id))
                .sorted(Comparator.comparing(Seam::at))
                .toList();
        List<SeamStrip> strips = new ArrayList<>();
        own.forEach(seam -> SeamStrip.of(panels, seam).ifPresent(strips::add));
        boolean isOneWay = own.stream().map(Seam::upright).distinct().count() <= 1;
        if (own.isEmpty() || strips.size() < own.size() || !isOneWay) {
            return whole(piece);
        }
        return cut(piece, own)
                .map(parts -> new PieceParts(piece, strips, parts))
                .orElse(whole(piece));
    }

    private static PieceParts whole(Piece piece) {
        return new PieceParts(piece, List.of(), List.of(piece));
    }

    private static Optional<List<Piece>> cut(Piece piece, List<Seam> seams) {
        boolean upright = seams.get(0).upright();
        Extent extent = piece.extent();
        Length end = upright ? extent.size().width() : extent.size().height();
        List<Piece> parts = new ArrayList<>();
        Length from = Length.ZERO;
        for (int i = 0; i <= seams.size(); i++) {
            Length to = i < seams.size() ? seams.get(i).at() : end;
            if (!to.isLongerThan(from)) {
                return Optional.empty();
            }
            Geometry slab = SeamStrip.slab(extent, upright, from, to);
            if (!(SeamStrip.paper(piece).intersection(slab) instanceof Polygon paper)) {
                return Optional.empty();
            }
            parts.add(part(piece, paper));
            from = i < seams.size() ? seams.get(i).begins() : end;
        }
        return Optional.of(parts);
    }

    /** Lines keep clear of seams, so each lies on one part or on the next. */
    private static Piece part(Piece piece, Polygon paper) {
        List<Crease> creases = piece.creases().stream()
                .filter(crease -> isOn(paper, crease.line()))
                .toList();
        List<Stretch> slits =
                piece.slits().stream().filter(slit -> isOn(paper, slit)).toList();
        List<List<Spot>> holes = new ArrayList<>();
        for (int i = 0; i < paper.getNumInteriorRing(); i++) {
            holes.add(spots(paper.getInteriorRingN(i)));
        }
        return new Piece(
                piece.name(), spots(paper.getExteriorRing()), creases, slits, List.of(), holes, piece.material());
    }

    private static boolean isOn(Polygon paper, Stretch line) {
        return paper.intersects(SeamStrip.line(line).getCentroid());
    }

    private static List<Spot> spots(LinearRing ring) {
        List<Spot> spots = new ArrayList<>();
        for (Coordinate corner : ring.getCoordinates()) {
            spots.add(Spot.nearest(corner.x, corner.y));
        }
        spots.remove(spots.size() - 1);
        return spots;
    }

    /** Where the parts are joined. */
    public List<Seam> seams() {
        return strips.stream().map(SeamStrip::seam).toList();
    }

    /** Whether it is joined from parts. */
    public boolean isSeamed() {
        return !strips.isEmpty();
    }

    /**
     * The faces on which a seam shows.
     *
     * @param first number of the piece's first panel among those of the card
     */
    public List<Face> shown(int first, SeamCovers covers) {
        return strips.stream()
                .flatMap(strip -> strip.lines(first).stream())
                .filter(one -> covers.hidden(one.face(), one.line()) < HIDDEN)
                .map(SeamStrip.OnFace::face)
                .distinct()
                .toList();
    }

    /** How a part reaches under the one before it; null where it does not. */
    Blank.@Nullable Under under(int part) {
        if (part == 0) {
            return null;
        }
        Seam seam = strips.get(part - 1).seam();
        return new Blank.Under(seam.overlap(), seam.upright());
    }

    /**
     * What the overlaps add to the closed stack.
     *
     * @param first number of the piece's first panel among those of the card
     */
    public List<Added> added(int first, Cardstock stock) {
        return strips.stream()
                .map(strip -> new Added(
                        "seam",
                        first + strip.panel(),
                        Side.BACK,
                        strip.shape(),
                        stock.caliper(),
                        stock.grams(strip.shape().getArea())))
                .toList();
    }
}
