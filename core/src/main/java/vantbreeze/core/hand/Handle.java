package vantbreeze.core.hand;

import java.util.List;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;

/**
 * What the maker takes hold of.
 *
 * @param kind what kind of line
 * @param piece which piece of the card, from 0
 * @param index which of its lines of that kind, as they are listed
 * @param end which end of it
 */
public record Handle(Kind kind, int piece, int index, End end) {

    /** Kinds of lines. */
    public enum Kind {
        /** An upright score. */
        SCORE,
        /** A level score. */
        LEVEL,
        /** A slit or slanted score. */
        MARK,
        /** The right edge (0) or the upper edge (1). */
        EDGE
    }

    /** Which part of a line moves. */
    public enum End {
        WHOLE,
        FROM,
        TO
    }

    /** The line it is, on the sheet of its piece. */
    Stretch line(List<Piece> pieces) {
        Piece held = require(pieces, piece);
        return switch (kind) {
            case SCORE -> {
                BoardScore score = require(BoardScore.of(Panels.of(held)), index);
                Length x = score.fromLeft().plus(left(held));
                yield new Stretch(new Spot(x, score.start()), new Spot(x, score.stop()));
            }
            case LEVEL -> {
                BoardScore score = require(BoardScore.turned(Panels.of(held)), index);
                Length y = score.fromLeft().plus(foot(held));
                yield new Stretch(new Spot(score.start(), y), new Spot(score.stop(), y));
            }
            case MARK -> {
                DrawnMark mark = require(DrawnMark.of(held), index);
                yield new Stretch(mark.from(), mark.to());
            }
            case EDGE -> {
                Spot corner = new Spot(
                        left(held).plus(held.cutSize().width()),
                        foot(held).plus(held.cutSize().height()));
                yield index == 0
                        ? new Stretch(new Spot(corner.x(), foot(held)), corner)
                        : new Stretch(new Spot(left(held), corner.y()), corner);
            }
        };
    }

    /** Whether it moves left and right when it is moved as a whole; otherwise up and down. */
    boolean movesAcross(Stretch line) {
        boolean across = !line.isLevel();
        return end == End.WHOLE ? across : !across || !line.isUpright();
    }

    /** Where it is, along the way it moves. */
    Length place(Stretch line) {
        Spot spot = end == End.TO ? line.to() : line.from();
        return movesAcross(line) ? spot.x() : spot.y();
    }

    private static Length left(Piece piece) {
        return piece.extent().left();
    }

    private static Length foot(Piece piece) {
        return piece.extent().foot();
    }

    private static <T> T require(List<T> all, int index) {
        if (index < 0 || index >= all.size()) {
            throw new ValidationException(
                    "hand", "What you took hold of is not there any more. Take hold of it again.");
        }
        return all.get(index);
    }
}
