package vantbreeze.core.fold.bulk;

import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** A card folded flat with all that lies on it: what envelopes, wraps and the post know of it. */
public final class ClosedCard {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Size footprint;
    private final Lazy<Geometry> outline;
    private final @Nullable BulkMap bulk;
    private final Weight weight;

    private ClosedCard(Size footprint, Supplier<Geometry> outline, @Nullable BulkMap bulk, Weight weight) {
        this.footprint = footprint;
        this.outline = new Lazy<>(outline);
        this.bulk = bulk;
        this.weight = weight;
    }

    /**
     * A card in its closed form.
     *
     * @param bulk how thick it is where; null when its panels can't lie on one another
     */
    public static ClosedCard of(FoldedForm closed, @Nullable BulkMap bulk, Weight weight) {
        return new ClosedCard(closed.footprint(), closed::outline, bulk, weight);
    }

    /** A rectangle that is as good as flat, of a card of which nothing more is known. */
    public static ClosedCard flat(Size footprint) {
        return new ClosedCard(
                footprint,
                () -> FACTORY.toGeometry(new Envelope(
                        0,
                        footprint.width().millimetres(),
                        0,
                        footprint.height().millimetres())),
                null,
                new Weight(List.of(), 0));
    }

    /**
     * A rectangle that is equally thick all over.
     *
     * @param width millimetres
     * @param height millimetres
     * @param thickness millimetres
     * @param grams what it weighs
     */
    public static ClosedCard sheet(double width, double height, double thickness, double grams) {
        Polygon shape = (Polygon) FACTORY.toGeometry(new Envelope(0, width, 0, height));
        return new ClosedCard(
                new Size(Length.nearest(width), Length.nearest(height)),
                () -> shape,
                new BulkMap(List.of(new BulkCell(shape, List.of(0), List.of(thickness)))),
                new Weight(List.of(grams), 0));
    }

    /**
     * This in a wrap that is folded flat, as one stack: as large as the larger of them, as thick and as heavy as both.
     * The wrap lies round its middle.
     */
    public ClosedCard in(ClosedCard wrap) {
        Size larger = new Size(
                footprint.width().max(wrap.footprint.width()),
                footprint.height().max(wrap.footprint.height()));
        Coordinate here = outline().getEnvelopeInternal().centre();
        Coordinate there = wrap.outline().getEnvelopeInternal().centre();
        double x = here.x - there.x;
        double y = here.y - there.y;
        return new ClosedCard(
                larger,
                () -> outline()
                        .union(AffineTransformation.translationInstance(x, y).transform(wrap.outline())),
                bulk == null || wrap.bulk == null ? bulk : bulk.with(wrap.bulk, x, y),
                weight.and(wrap.weight));
    }

    /** This in wraps, the innermost first, as one stack. */
    public ClosedCard in(List<ClosedCard> wraps) {
        ClosedCard whole = this;
        for (ClosedCard wrap : wraps) {
            whole = whole.in(wrap);
        }
        return whole;
    }

    /** Its width and height. */
    public Size footprint() {
        return footprint;
    }

    /** All that it covers, millimetres, where the closed form lies. */
    public Geometry outline() {
        return outline.get();
    }

    /** How thick it is where; null when its panels can't lie on one another. */
    public @Nullable BulkMap bulk() {
        return bulk;
    }

    /** What it weighs, piece by piece and in all. */
    public Weight weight() {
        return weight;
    }

    /** At its thickest, millimetres; nil when its panels can't lie on one another. */
    public double thickness() {
        return bulk == null ? 0 : bulk.worst().thickness();
    }

    /** The closed stack from its end; null when its panels can't lie on one another. */
    public @Nullable EndView endView() {
        return bulk == null ? null : EndView.of(bulk);
    }
}
