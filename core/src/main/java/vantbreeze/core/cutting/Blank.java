package vantbreeze.core.cutting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.plane.Rings;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * Something to be cut from a sheet, whatever it becomes: a piece of a card, a layer. Cutting, shopping and kits know
 * nothing else of a card.
 */
public final class Blank {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final String stockId;
    private final Cardstock stock;
    private final boolean otherSide;
    private final Size size;
    private final Lazy<Polygon> outline;
    private final Lie lie;
    private final Folds folds;
    private final List<Use> uses;
    private final int number;
    private final int mirror;
    private final List<DrawnMark> slits;
    private final @Nullable Under under;

    /**
     * How far a part of a piece reaches under the part before it.
     *
     * @param upright whether it does so with its left edge; else with its foot
     */
    public record Under(Length overlap, boolean upright) {}

    /** Which way round it may lie on its sheet, the sheet standing upright. */
    public enum Lie {
        /** Any way. */
        ANY,
        /** As it stands: the pattern has an upper end. */
        UPRIGHT
    }

    /** Which way its folds run, as it stands: the grain wants to run along them. */
    public enum Folds {
        NONE,
        UPRIGHT,
        LEVEL,
        /** Some each way, or on a slant. */
        MIXED
    }

    /** What it becomes. */
    public sealed interface Use {}

    /** A piece of the card. */
    public record OfPiece(PieceId piece) implements Use {}

    /**
     * A part of a piece of the card that is joined from several.
     *
     * @param part the how-manieth from the left or from the foot, from 1
     */
    public record OfPart(PieceId piece, int part) implements Use {}

    /**
     * A layer.
     *
     * @param level how many layers lie beneath it
     */
    public record OfLayer(FaceName face, int level) implements Use {}

    /**
     * One paper across several panels, cut apart once it is cut out.
     *
     * @param sizes of the parts, from left to right
     */
    public record OfRun(List<Use> parts, List<Size> sizes) implements Use {}

    private Blank(
            String stockId,
            Cardstock stock,
            boolean otherSide,
            Size size,
            Supplier<Polygon> outline,
            Folds folds,
            List<Use> uses,
            int number,
            int mirror,
            List<DrawnMark> slits,
            @Nullable Under under) {
        this.stockId = stockId;
        this.stock = stock;
        this.otherSide = otherSide;
        this.size = size;
        this.outline = new Lazy<>(outline);
        this.lie = stock.pattern() == Cardstock.Pattern.DIRECTIONAL ? Lie.UPRIGHT : Lie.ANY;
        this.folds = folds;
        this.uses = List.copyOf(uses);
        this.number = number;
        this.mirror = mirror;
        this.slits = List.copyOf(slits);
        this.under = under;
    }

    /**
     * Pieces of a card that are cut alike.
     *
     * @param folds which way those of the piece run, where this is a part of it
     * @param under how it reaches under the part before it, if it is such a part
     * @param stockId what they are made of, as plans name it
     * @param uses one for each of them
     */
    static Blank of(Piece piece, Folds folds, @Nullable Under under, String stockId, Cardstock stock, List<Use> uses) {
        return new Blank(
                stockId, stock, false, piece.cutSize(), () -> polygon(piece), folds, uses, 0, 0, slits(piece), under);
    }

    /** Layers that are cut alike; one paper across several panels as it is cut first. */
    static Blank of(Cut cut, List<Use> uses) {
        return new Blank(
                cut.paperId(),
                cut.paper(),
                cut.otherSide(),
                cut.size(),
                () -> cut.shape().polygon(),
                Folds.NONE,
                uses,
                cut.number(),
                cut.mirror(),
                List.of(),
                null);
    }

    private static Polygon polygon(Piece piece) {
        Extent extent = piece.extent();
        return FACTORY.createPolygon(
                ring(piece.outline(), extent),
                piece.openings().stream().map(hole -> ring(hole, extent)).toArray(LinearRing[]::new));
    }

    private static LinearRing ring(List<Spot> corners, Extent extent) {
        return FACTORY.createLinearRing(
                Rings.closed(corners, corner -> extent.fromCorner(corner).millimetres()));
    }

    private static List<DrawnMark> slits(Piece piece) {
        Extent extent = piece.extent();
        return DrawnMark.of(piece).stream()
                .filter(mark -> mark.fold() == null)
                .map(mark -> new DrawnMark(extent.fromCorner(mark.from()), extent.fromCorner(mark.to()), null))
                .toList();
    }

    /** Which way the folds of a piece run. */
    static Folds folds(Piece piece) {
        List<Crease> folds = piece.creases().stream()
                .filter(crease -> crease.fold() != Fold.BEND)
                .toList();
        if (folds.isEmpty()) {
            return Folds.NONE;
        }
        if (folds.stream().allMatch(crease -> crease.line().isUpright())) {
            return Folds.UPRIGHT;
        }
        return folds.stream().allMatch(crease -> crease.line().isLevel()) ? Folds.LEVEL : Folds.MIXED;
    }

    /** Id of the cardstock or paper, as plans name it. */
    public String stockId() {
        return stockId;
    }

    /** What it is cut from. */
    public Cardstock stock() {
        return stock;
    }

    /** Whether the other side of the paper is to show. */
    public boolean otherSide() {
        return otherSide;
    }

    /** The rectangle it is cut as, standing as it shall lie. */
    public Size size() {
        return size;
    }

    /** As each is cut, holes too, its lower left corner at nil; millimetres. */
    public Polygon outline() {
        return outline.get();
    }

    /** How many. */
    public int count() {
        return uses.size();
    }

    /** Whether it becomes a piece of the card, or a part of one. */
    public boolean isOfPiece() {
        return uses.get(0) instanceof OfPiece || uses.get(0) instanceof OfPart;
    }

    /** Which way round it may lie on its sheet. */
    public Lie lie() {
        return lie;
    }

    /** Which way its folds run. */
    public Folds folds() {
        return folds;
    }

    /** What it is called in a sentence: its number on the list of layers, or its piece. */
    public String name() {
        if (number > 0) {
            return String.format(Locale.ROOT, "number %d", number);
        }
        Use use = uses.get(0);
        if (use instanceof OfPart part) {
            return String.format(
                    Locale.ROOT, "part %d of %s", part.part(), part.piece().name());
        }
        return use instanceof OfPiece piece ? piece.piece().name() : "a layer";
    }

    /** Its number on the list and the map of layers; 0 for a piece. */
    public int number() {
        return number;
    }

    /** Number of the one that is its mirror image, 0 for none. */
    public int mirror() {
        return mirror;
    }

    /** Slits inside it, from its lower left corner. */
    public List<DrawnMark> slits() {
        return slits;
    }

    /** How it reaches under the part before it; nothing where it is no such part. */
    public Optional<Under> under() {
        return Optional.ofNullable(under);
    }

    /** What each of them becomes. */
    public List<Use> uses() {
        return uses;
    }
}
