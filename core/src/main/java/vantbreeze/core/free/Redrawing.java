package vantbreeze.core.free;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.plane.Rings;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;

/** What can be drawn, moved, taken away and glued on a free card; each gives a new one. */
public record Redrawing(FreeCard card) {

    private static final GeometryFactory MILLIMETRES = new GeometryFactory();

    /** Adds a score, cut off where it would run off the piece. */
    public FreeCard scored(int piece, Stretch line, Fold fold) {
        Piece old = piece(piece);
        List<Crease> creases = new ArrayList<>(old.creases());
        within(old, line).forEach(part -> creases.add(new Crease(part, fold)));
        return card.with(piece, drawn(old, old.outline(), creases, old.slits(), old.panelNames(), old.openings()));
    }

    /** Adds a slit, cut off where it would run off the piece. */
    public FreeCard slit(int piece, Stretch line) {
        Piece old = piece(piece);
        List<Stretch> slits = new ArrayList<>(old.slits());
        slits.addAll(within(old, line));
        return card.with(piece, drawn(old, old.outline(), old.creases(), slits, old.panelNames(), old.openings()));
    }

    /** Takes away the scores and slits that lie along {@code line}. */
    public FreeCard without(int piece, Stretch line) {
        Piece old = piece(piece);
        return card.with(
                piece,
                drawn(
                        old,
                        old.outline(),
                        old.creases().stream()
                                .filter(crease -> !along(crease.line(), line))
                                .toList(),
                        old.slits().stream().filter(slit -> !along(slit, line)).toList(),
                        old.panelNames(),
                        old.openings()));
    }

    /** Makes the scores along {@code line} fold this way; every pose that spoke of them is forgotten there. */
    public FreeCard folded(int piece, Stretch line, Fold fold) {
        Piece old = piece(piece);
        Piece refolded = drawn(
                old,
                old.outline(),
                old.creases().stream()
                        .map(crease -> along(crease.line(), line) ? new Crease(crease.line(), fold) : crease)
                        .toList(),
                old.slits(),
                old.panelNames(),
                old.openings());
        FreeCard after = card.with(piece, refolded);
        List<Stance> stances = new ArrayList<>(after.stances());
        Panels.of(refolded).hinges().stream()
                .filter(hinge -> along(hinge.line(), line))
                .forEach(hinge -> stances.replaceAll(stance ->
                        stance.without(hinge.left().name(), hinge.right().name())));
        return new FreeCard(after.assembly(), stances, after.showing(), after.lean(), after.lies());
    }

    /** Moves spots of a piece, and with them what is glued there; panels keep their names. */
    public FreeCard moved(int piece, UnaryOperator<Spot> move) {
        Piece old = piece(piece);
        UnaryOperator<Stretch> line = stretch -> new Stretch(move.apply(stretch.from()), move.apply(stretch.to()));
        Piece after = drawn(
                old,
                old.outline().stream().map(move).toList(),
                old.creases().stream()
                        .map(crease -> new Crease(line.apply(crease.line()), crease.fold()))
                        .toList(),
                old.slits().stream().map(line).toList(),
                old.panelNames().stream()
                        .map(name -> new PanelName(move.apply(name.within()), name.name()))
                        .toList(),
                old.openings().stream()
                        .map(opening -> opening.stream().map(move).toList())
                        .toList());
        List<Piece> pieces = new ArrayList<>(card.assembly().pieces());
        pieces.set(piece, Naming.carried(old, after));
        List<Join> joins = card.assembly().joins().stream()
                .map(join -> moved(join, piece, move))
                .toList();
        return card.with(assembly(pieces, joins, card.assembly().overs()));
    }

    private static Join moved(Join join, int piece, UnaryOperator<Spot> move) {
        Attachment at = new Attachment(
                join.on().piece() == piece
                        ? move.apply(join.at().on())
                        : join.at().on(),
                join.glued().piece() == piece
                        ? move.apply(join.at().glued())
                        : join.at().glued(),
                join.at().turnDegrees());
        List<Spot> area =
                join.on().piece() == piece ? join.area().stream().map(move).toList() : join.area();
        return new Join(join.on(), join.onSide(), join.glued(), join.gluedSide(), at, join.slides(), area, join.foam());
    }

    /**
     * Adds a piece and glues it at once: its first panel, by the back, on a panel's face.
     *
     * @param on what it is glued on
     * @param at where its lower left corner comes to lie on that sheet
     */
    public FreeCard withPiece(Piece piece, PanelRef on, Spot at) {
        List<Piece> pieces = new ArrayList<>(card.assembly().pieces());
        pieces.add(piece);
        Assembly named = Naming.all(
                assembly(pieces, card.assembly().joins(), card.assembly().overs()));
        int index = pieces.size() - 1;
        String panel = Panels.of(named.pieces().get(index)).base().name();
        return new Redrawing(card.with(named))
                .glued(Join.of(
                        on,
                        Side.FACE,
                        new PanelRef(index, panel),
                        Side.BACK,
                        Attachment.at(at, new Spot(Length.ZERO, Length.ZERO))));
    }

    /** Takes a piece away, and what was glued to it or from it. */
    public FreeCard withoutPiece(int piece) {
        List<Piece> pieces = new ArrayList<>(card.assembly().pieces());
        pieces.remove(piece);
        List<Join> joins = card.assembly().joins().stream()
                .filter(join -> join.on().piece() != piece && join.glued().piece() != piece)
                .map(join -> join.between(after(join.on(), piece), after(join.glued(), piece)))
                .toList();
        List<Over> overs = card.assembly().overs().stream()
                .filter(over -> over.above().piece() != piece && over.below().piece() != piece)
                .map(over -> new Over(after(over.above(), piece), after(over.below(), piece)))
                .toList();
        return card.with(assembly(pieces, joins, overs));
    }

    private static PanelRef after(PanelRef ref, int gone) {
        return ref.piece() > gone ? new PanelRef(ref.piece() - 1, ref.panel()) : ref;
    }

    /** Glues one panel on another. */
    public FreeCard glued(Join join) {
        List<Join> joins = new ArrayList<>(card.assembly().joins());
        joins.add(join);
        return card.with(
                assembly(card.assembly().pieces(), joins, card.assembly().overs()));
    }

    /** Takes a join apart. */
    public FreeCard unglued(int join) {
        List<Join> joins = new ArrayList<>(card.assembly().joins());
        joins.remove(join);
        return card.with(
                assembly(card.assembly().pieces(), joins, card.assembly().overs()));
    }

    /** Moves what is glued on, so far across and up on the sheet below; where glue was meant to end moves along. */
    public FreeCard glueMoved(int join, Length across, Length up) {
        UnaryOperator<Spot> shift =
                spot -> new Spot(spot.x().plus(across), spot.y().plus(up));
        List<Join> joins = new ArrayList<>(card.assembly().joins());
        Join old = joins.get(join);
        joins.set(join, moved(old, old.on().piece(), shift));
        return card.with(
                assembly(card.assembly().pieces(), joins, card.assembly().overs()));
    }

    private Assembly assembly(List<Piece> pieces, List<Join> joins, List<Over> overs) {
        return new Assembly(
                pieces,
                joins,
                overs,
                card.assembly().eighthTurns(),
                card.assembly().base());
    }

    private Piece piece(int index) {
        return card.assembly().pieces().get(index);
    }

    private static Piece drawn(
            Piece old,
            List<Spot> outline,
            List<Crease> creases,
            List<Stretch> slits,
            List<PanelName> names,
            List<List<Spot>> openings) {
        return new Piece(old.name(), outline, creases, slits, names, openings, old.material());
    }

    /** Whether {@code one} lies on the line of {@code other}, within it. */
    private static boolean along(Stretch one, Stretch other) {
        return line(other).buffer(Precision.ON_LINE).covers(line(one))
                || line(one).buffer(Precision.ON_LINE).covers(line(other));
    }

    private static Polygon polygon(List<Spot> corners) {
        return MILLIMETRES.createPolygon(Rings.closed(corners, Redrawing::at));
    }

    private static List<Stretch> within(Piece piece, Stretch line) {
        Geometry paper = polygon(piece.outline());
        for (List<Spot> opening : piece.openings()) {
            paper = paper.difference(polygon(opening));
        }
        Geometry inside = paper.intersection(line(line));
        List<Stretch> parts = new ArrayList<>();
        for (int i = 0; i < inside.getNumGeometries(); i++) {
            if (inside.getGeometryN(i) instanceof LineString part && part.getLength() > Precision.ALIKE) {
                Coordinate[] ends = part.getCoordinates();
                parts.add(new Stretch(
                        Spot.nearest(ends[0].x, ends[0].y),
                        Spot.nearest(ends[ends.length - 1].x, ends[ends.length - 1].y)));
            }
        }
        return parts;
    }

    private static LineString line(Stretch stretch) {
        return MILLIMETRES.createLineString(new Coordinate[] {at(stretch.from()), at(stretch.to())});
    }

    private static Coordinate at(Spot spot) {
        return new Coordinate(spot.x().millimetres(), spot.y().millimetres());
    }
}
