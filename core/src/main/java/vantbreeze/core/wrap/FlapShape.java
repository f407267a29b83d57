package vantbreeze.core.wrap;

import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;

/** How the flap of an envelope is cut. */
enum FlapShape {
    STRAIGHT("straight"),
    POINTED("pointed"),
    ROUNDED("rounded");

    /** The maker's choice among them. */
    static final Choice CHOICE = Choice.of(
            "flap-shape",
            "Flap",
            "how its edge is cut",
            new Choice.Alternative("straight", "straight"),
            new Choice.Alternative("pointed", "pointed"),
            new Choice.Alternative("rounded", "rounded"));

    /** Edges of a round flap: straight ones so short that no knife tells them from an arc. */
    private static final int ARC = 24;

    private final String id;

    FlapShape(String id) {
        this.id = id;
    }

    static FlapShape of(String id) {
        return IntStream.range(0, values().length)
                .mapToObj(i -> values()[i])
                .filter(shape -> shape.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no flap \"%s\".".formatted(id)));
    }

    /**
     * Its corners between its two ends, anticlockwise.
     *
     * @param right where its fold ends on the right
     * @param left where its fold ends on the left, as far up
     * @param reach how far it reaches
     * @param slant how far a straight flap draws in at each end
     */
    List<Spot> corners(Spot right, Spot left, Length reach, Length slant) {
        Length top = right.y().plus(reach);
        return switch (this) {
            case STRAIGHT ->
                List.of(new Spot(right.x().minus(slant), top), new Spot(left.x().plus(slant), top));
            case POINTED -> List.of(new Spot(middle(right, left), top));
            case ROUNDED ->
                IntStream.range(1, ARC)
                        .mapToDouble(i -> Math.PI * i / ARC)
                        .mapToObj(angle -> new Spot(
                                middle(right, left)
                                        .plus(Length.nearest(Math.cos(angle)
                                                * right.x().minus(left.x()).millimetres()
                                                / 2)),
                                right.y().plus(Length.nearest(Math.sin(angle) * reach.millimetres()))))
                        .toList();
        };
    }

    private static Length middle(Spot right, Spot left) {
        return right.x().plus(left.x()).dividedBy(2);
    }
}
