package vantbreeze.core.structure;

import java.util.List;
import java.util.function.BiFunction;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * A structure that the house does not have: a card that stands like a tent. With {@link #built} it is whatever a test
 * builds from width and height instead.
 */
public final class Tent implements Structure {

    /** Puts a card together from its width and height. */
    public interface Built extends BiFunction<Length, Length, Assembly> {}

    private final Built built;
    private final Pose closed;

    public Tent() {
        this(
                (width, height) -> Assembly.of(Strip.ofHeight("Tent", width)
                                .panel("Back slope", height)
                                .fold(Fold.VALLEY)
                                .panel("Front slope", height)
                                .piece())
                        .turned(1),
                Pose.closed());
    }

    private Tent(Built built, Pose closed) {
        this.built = built;
        this.closed = closed;
    }

    public static Tent built(Built built) {
        return new Tent(built, Pose.closed());
    }

    /** A ring whose ends do not meet, of three panels. */
    public static Tent gaping() {
        return built((width, height) -> Assembly.of(
                Strip.ofHeight("Ring", height)
                        .panel("One", width)
                        .fold(Fold.VALLEY)
                        .panel("Two", Length.ofMillimetres(60))
                        .fold(Fold.VALLEY)
                        .panel("Three", Length.ofMillimetres(40))
                        .piece(),
                Join.of(
                        new PanelRef(0, "One"),
                        Side.FACE,
                        new PanelRef(0, "Three"),
                        Side.BACK,
                        Attachment.at(
                                new Spot(Length.ZERO, Length.ZERO),
                                new Spot(Length.ofMillimetres(200), Length.ZERO)))));
    }

    public static Tent built(Pose closed, Built built) {
        return new Tent(built, closed);
    }

    @Override
    public Title title() {
        return new Title("tent", "Tent fold", "Two slopes and a ridge.", "Place cards.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return new Bounds(Allowances.usual()).height();
    }

    @Override
    public Assembly assemble(Measures measures) {
        return built.apply(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
    }

    @Override
    public Pose closed(Measures measures) {
        return closed;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler);
    }
}
