package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
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
    private final Lazy<List<LooseEdge>> loose;
    private final Weight weight;

    private ClosedCard(
            Size footprint,
            Supplier<Geometry> outline,
            @Nullable BulkMap bulk,
            Supplier<List<LooseEdge>> loose,
            Weight weight) {
        this.footprint = footprint;
        this.outline = new Lazy<>(outline);
        this.bulk = bulk;
        this.loose = new Lazy<>(loose);
        this.weight = weight;
    }

    /**
     * A card in its closed form.
     *
     * @param bulk how thick it is where; null when its panels can't lie on one another
     */
    public static ClosedCard of(FoldedForm closed, @Nullable BulkMap bulk, Weight weight) {
        return new ClosedCard(
                closed.footprint(),
                closed::outline,
                bulk,
                () -> bulk == null ? List.of() : LooseEdges.of(closed, bulk),
                weight);
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
                List::of,
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
                List::of,
                new Weight(List.of(grams), 0));
    }

    /**
     * This in a wrap that is folded flat, as one stack: as large as the larger of them, as thick and as heavy as both.
     * The wrap lies round its middle.
     */
    public ClosedCard in(ClosedCard wrap) {
        return in(List.of(wrap));
    }

    /** This in wraps, the innermost first, as one stack; each lies round the middle of all that is in it. */
    public ClosedCard in(List<ClosedCard> wraps) {
        if (wraps.isEmpty()) {
            return this;
        }
        Envelope box = new Envelope(outline().getEnvelopeInternal());
        Length width = footprint.width();
        Length height = footprint.height();
        Weight all = weight;
        List<Round> round = new ArrayList<>();
        for (ClosedCard wrap : wraps) {
            Envelope its = wrap.outline().getEnvelopeInternal();
            Coordinate here = box.centre();
            Coordinate there = its.centre();
            Round one = new Round(wrap, here.x - there.x, here.y - there.y);
            round.add(one);
            box.expandToInclude(new Envelope(
                    its.getMinX() + one.x, its.getMaxX() + one.x, its.getMinY() + one.y, its.getMaxY() + one.y));
            width = width.max(wrap.footprint.width());
            height = height.max(wrap.footprint.height());
            all = all.and(wrap.weight);
        }
        return new ClosedCard(
                new Size(width, height),
                () -> outlineIn(round),
                bulk == null ? null : bulkIn(bulk, round),
                () -> loose().stream()
                        .filter(edge -> round.stream().noneMatch(wrap -> wrap.holds(edge.middle())))
                        .toList(),
                all);
    }

    /** A wrap, moved to its place round a card: so far across and up, millimetres. */
    private record Round(ClosedCard wrap, double x, double y) {

        boolean holds(Coordinate edge) {
            return wrap.goesRound(edge.x - x, edge.y - y);
        }
    }

    private Geometry outlineIn(List<Round> round) {
        List<Geometry> outlines = new ArrayList<>(List.of(outline()));
        round.forEach(one -> outlines.add(
                AffineTransformation.translationInstance(one.x, one.y).transform(one.wrap.outline())));
        return UnaryUnionOp.union(outlines);
    }

    private static BulkMap bulkIn(BulkMap bulk, List<Round> round) {
        List<BulkMap> stack = new ArrayList<>(List.of(bulk));
        for (Round one : round) {
            if (one.wrap.bulk != null) {
                stack.add(one.wrap.bulk.moved(one.x, one.y));
            }
        }
        return BulkMap.stacked(stack);
    }

    /** Whether it has a front and a back there, so that it holds shut what lies between them. */
    private boolean goesRound(double x, double y) {
        Coordinate there = new Coordinate(x, y);
        return bulk != null
                && bulk.cells().stream()
                        .filter(cell -> cell.panels().size() > 1)
                        .anyMatch(cell -> SimplePointInAreaLocator.isContained(there, cell.shape()));
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

    /** The edges of panels in sight that swing open when something pushes against them. */
    public List<LooseEdge> loose() {
        return loose.get();
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
