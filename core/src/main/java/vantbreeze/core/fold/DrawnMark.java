package vantbreeze.core.fold;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A line that no single distance along the board tells: a slit, or a score that runs aslant. It is marked from one spot
 * to another.
 *
 * @param from its left end, the lower of two ends straight above one another
 * @param to its other end
 * @param fold which way it folds, or null for a slit
 */
public record DrawnMark(Spot from, Spot to, @Nullable Fold fold) {

    private static final Comparator<Spot> LEFT_TO_RIGHT =
            Comparator.comparing(Spot::x).thenComparing(Spot::y);

    /** The marks of {@code piece}, as they were drawn: slits first, then slanted scores. */
    public static List<DrawnMark> of(Piece piece) {
        return Stream.concat(
                        piece.slits().stream().map(slit -> of(slit, null)),
                        piece.creases().stream()
                                .filter(crease -> !crease.line().isUpright()
                                        && !crease.line().isLevel()
                                        && crease.fold() != Fold.BEND)
                                .map(crease -> of(crease.line(), crease.fold())))
                .toList();
    }

    private static DrawnMark of(Stretch line, @Nullable Fold fold) {
        boolean inOrder = LEFT_TO_RIGHT.compare(line.from(), line.to()) <= 0;
        return new DrawnMark(inOrder ? line.from() : line.to(), inOrder ? line.to() : line.from(), fold);
    }
}
