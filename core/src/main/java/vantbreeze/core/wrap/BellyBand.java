package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowances;

/**
 * Belly band: a strip about half as high as the card once round the closed stack, glued to itself; round a stack
 * thicker than about 4 mm scored at both of its edges (common practice, no source). It may have a window in its front,
 * and a label over its ends that closes it.
 */
public final class BellyBand extends Banded {

    /** Id of how wide its window is. */
    public static final String WINDOW = "window";
    /** Id of how wide the label over its ends is. */
    public static final String LABEL = "label";

    /** What is cut out of its front. */
    public static final Choice WINDOW_SHAPE = Choice.of(
            "window-shape",
            "Window",
            "what is cut out of its front",
            new Choice.Alternative("none", "none"),
            new Choice.Alternative("round", "round"),
            new Choice.Alternative("square", "square"),
            new Choice.Alternative("kite", "a square on its corner"));

    /** What closes it. */
    public static final Choice CLOSING = Choice.of(
            "closing",
            "Closed by",
            "what holds its ends",
            new Choice.Alternative("overlap", "its overlap"),
            new Choice.Alternative("label", "a label over its ends"));

    /** With a maker's allowances. */
    public BellyBand(Allowances allowances) {
        super("Band", allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "belly-band",
                "Belly band",
                "A strip once round the closed card, glued to itself; it slides off.",
                "Cards that spring open, and sets of them.");
    }

    @Override
    public Rank rank() {
        return Rank.BAND;
    }

    @Override
    List<Parameter> own() {
        return Stream.concat(
                        super.own().stream(),
                        Stream.of(
                                Parameter.of(WINDOW, "Window", "across the window in its front")
                                        .following()
                                        .when(WINDOW_SHAPE, "round", "square", "kite"),
                                Parameter.of(LABEL, "Label", "across the label over its ends")
                                        .following()
                                        .when(CLOSING, "label")))
                .toList();
    }

    @Override
    public List<Choice> choices() {
        return List.of(WINDOW_SHAPE, CLOSING);
    }

    @Override
    Length usualStrip(Measures measures) {
        return measures.marked(measures.get(Parameter.HEIGHT).dividedBy(2)).max(bounds.narrowest());
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case WINDOW ->
                measures.marked(of(FRONT, measures).min(of(STRIP, measures)).dividedBy(2));
            case LABEL -> measures.markedBelow(of(STRIP, measures).dividedBy(2).min(widestLabel(measures)));
            default -> super.ownUsual(parameter, measures);
        };
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        return switch (parameter) {
            case WINDOW ->
                new Limits(
                        Length.ofMillimetres(2),
                        "no window is smaller",
                        of(FRONT, measures).min(of(STRIP, measures)).times(3).dividedBy(4),
                        "the strip would tear beside it");
            case LABEL ->
                new Limits(
                        Length.ofMillimetres(2),
                        "it would hold nothing",
                        widestLabel(measures),
                        "it would reach round the edge");
            default -> super.ownLimits(parameter, measures);
        };
    }

    /** Half of it lies on each end. */
    private Length widestLabel(Measures measures) {
        Length overlap = of(OVERLAP, measures);
        Length inner = of(INNER, measures);
        Length onOuter = of(FRONT, measures).minus(inner).plus(overlap);
        return inner.minus(overlap).min(onOuter).times(2).min(of(STRIP, measures));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Loop loop = loop(measures);
        Assembly strip = super.assemble(measures);
        List<Piece> pieces = new ArrayList<>(strip.pieces());
        List<Join> joins = new ArrayList<>(strip.joins());
        if (!measures.isChosen(WINDOW_SHAPE, "none")) {
            Spot middle = new Spot(
                    loop.begins().plus(loop.front().dividedBy(2)), loop.height().dividedBy(2));
            pieces.set(
                    0,
                    pieces.get(0)
                            .withOpening(window(middle, of(WINDOW, measures).dividedBy(2), measures)));
        }
        if (measures.isChosen(CLOSING, "label")) {
            pieces.add(label(of(LABEL, measures)));
            joins.addAll(closing(loop, of(LABEL, measures)));
        }
        return new Assembly(pieces, joins);
    }

    private static List<Spot> window(Spot middle, Length half, Measures measures) {
        if (measures.isChosen(WINDOW_SHAPE, "round")) {
            return Circle.corners(middle, half);
        }
        return measures.isChosen(WINDOW_SHAPE, "kite")
                ? List.of(
                        new Spot(middle.x(), middle.y().minus(half)),
                        new Spot(middle.x().plus(half), middle.y()),
                        new Spot(middle.x(), middle.y().plus(half)),
                        new Spot(middle.x().minus(half), middle.y()))
                : List.of(
                        new Spot(middle.x().minus(half), middle.y().minus(half)),
                        new Spot(middle.x().plus(half), middle.y().minus(half)),
                        new Spot(middle.x().plus(half), middle.y().plus(half)),
                        new Spot(middle.x().minus(half), middle.y().plus(half)));
    }

    private static Piece label(Length across) {
        Length half = across.dividedBy(2);
        return new Piece(
                "Label",
                List.of(
                        new Spot(Length.ZERO, Length.ZERO),
                        new Spot(across, Length.ZERO),
                        new Spot(across, across),
                        new Spot(Length.ZERO, across)),
                List.of(),
                List.of(),
                List.of(new PanelName(new Spot(half, half), "Label")));
    }

    /** Half of the label on the end that lies on top, half on what that leaves free of the other. */
    private static List<Join> closing(Loop loop, Length across) {
        Length half = across.dividedBy(2);
        Length low = loop.height().dividedBy(2).minus(half);
        Length seam = loop.overlap();
        PanelRef label = new PanelRef(1, "Label");
        return List.of(
                Join.of(
                        new PanelRef(0, Loop.OUTER),
                        Side.FACE,
                        label,
                        Side.BACK,
                        Attachment.at(
                                new Spot(loop.round().plus(seam).minus(half), low),
                                new Spot(Length.ZERO, Length.ZERO))),
                Join.of(
                                new PanelRef(0, Loop.INNER),
                                Side.FACE,
                                label,
                                Side.BACK,
                                Attachment.at(new Spot(seam.minus(half), low), new Spot(Length.ZERO, Length.ZERO)))
                        .onlyOn(List.of(
                                new Spot(seam, low),
                                new Spot(seam.plus(half), low),
                                new Spot(seam.plus(half), low.plus(across)),
                                new Spot(seam, low.plus(across)))));
    }
}
