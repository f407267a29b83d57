package vantbreeze.core.hand;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Redrawing;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** Moves lines of a free card: the line itself, and with it all that ends on it. */
record FreeHand(Workshop workshop, Plan plan) {

    Edited moved(Move move) {
        List<Piece> pieces = plan.drawn().assembly().pieces();
        Stretch line = move.handle().line(pieces);
        Handle handle = move.handle();
        if (handle.kind() == Handle.Kind.MARK) {
            return done(handle, mark(move, line));
        }
        boolean across = handle.movesAcross(line);
        Length place = handle.place(line);
        Length wanted = Hand.target(move, line, plan, workshop);
        Length to = between(pieces.get(handle.piece()), across, place, wanted, move.pushes());
        Length way = to.minus(place);
        boolean pushes = move.pushes() && handle.kind() != Handle.Kind.EDGE;
        UnaryOperator<Spot> shift = spot -> {
            Length at = across ? spot.x() : spot.y();
            Length along = across ? spot.y() : spot.x();
            boolean on = at.equals(place) && (handle.kind() == Handle.Kind.EDGE || within(along, line, across));
            return on || (pushes && at.isLongerThan(place))
                    ? new Spot(
                            across ? spot.x().plus(way) : spot.x(),
                            across ? spot.y() : spot.y().plus(way))
                    : spot;
        };
        Edited moved = done(handle, shift);
        return to.equals(wanted)
                ? moved
                : new Edited(
                        moved.plan(),
                        (moved.words().isEmpty() ? "As far as it goes" : moved.words() + ", as far as it goes")
                                + ": the next line is there");
    }

    /** The panel's right edge, moved so that the panel gets this wide; everything beyond moves along. */
    Edited widened(String name, Length width) {
        int piece = piece(name);
        Panel panel = Panels.of(plan.drawn().assembly().pieces().get(piece))
                .named(name)
                .orElseThrow();
        if (plan.locked().contains(name)) {
            throw new ValidationException("hand", "%s is locked. Unlock it to change it.".formatted(name));
        }
        if (width.isShorterThan(plan.ruler().division())) {
            throw new ValidationException(
                    "hand",
                    "A panel can't be under %s. Take its score away instead."
                            .formatted(Figure.of(plan.ruler().division(), plan.ruler())
                                    .inWords()));
        }
        return new Edited(
                checked(widening(piece, panel, width)),
                "%s %s".formatted(name, Figure.of(width, plan.ruler()).inWords()));
    }

    /** The drawing with a panel this wide, whether or not anything can come of it. */
    FreeCard widening(int piece, Panel panel, Length width) {
        Length way = width.minus(panel.width());
        Length right = panel.right();
        UnaryOperator<Spot> shift =
                spot -> spot.x().isShorterThan(right) ? spot : new Spot(spot.x().plus(way), spot.y());
        return new Redrawing(plan.drawn()).moved(piece, shift);
    }

    /** The piece that has a panel of this name. */
    int piece(String name) {
        List<Piece> pieces = plan.drawn().assembly().pieces();
        for (int i = 0; i < pieces.size(); i++) {
            if (Panels.of(pieces.get(i)).named(name).isPresent()) {
                return i;
            }
        }
        throw new ValidationException("hand", "There is no panel \"%s\" here any more.".formatted(name));
    }

    private static boolean within(Length along, Stretch line, boolean across) {
        Length from = across ? line.foot() : line.from().x().min(line.to().x());
        Length to = across ? line.head() : line.from().x().max(line.to().x());
        return !along.isShorterThan(from) && !along.isLongerThan(to);
    }

    /** A slit or slanted score goes wherever it is taken; one that is straight stays so when it is moved by marks. */
    private UnaryOperator<Spot> mark(Move move, Stretch line) {
        Spot held = move.handle().end() == Handle.End.TO ? line.to() : line.from();
        Length place = Hand.target(move, line, plan, workshop);
        boolean across = move.handle().movesAcross(line);
        Spot to = new Spot(across ? place : held.x(), across ? held.y() : place);
        if (move.divisions() == null) {
            var board = workshop.tools().board(plan.ruler());
            to = new Spot(
                    move.snap().of(move.across(), plan.ruler(), board),
                    move.snap().of(move.up(), plan.ruler(), board));
        }
        Length right = to.x().minus(held.x());
        Length up = to.y().minus(held.y());
        return spot -> {
            boolean moves = move.handle().end() == Handle.End.WHOLE
                    ? spot.equals(line.from()) || spot.equals(line.to())
                    : spot.equals(held);
            return moves ? new Spot(spot.x().plus(right), spot.y().plus(up)) : spot;
        };
    }

    /** As far towards {@code wanted} as the lines on either side let it: one mark of the ruler is left between. */
    private Length between(Piece piece, boolean across, Length place, Length wanted, boolean pushes) {
        List<Length> places = spots(piece)
                .map(spot -> across ? spot.x() : spot.y())
                .distinct()
                .toList();
        Length gap = plan.ruler().division();
        Length least = places.stream()
                .filter(at -> at.isShorterThan(place))
                .reduce(Length::max)
                .map(at -> at.plus(gap))
                .orElse(wanted);
        Length most = places.stream()
                .filter(at -> at.isLongerThan(place))
                .reduce(Length::min)
                .map(at -> at.minus(gap))
                .orElse(wanted);
        Length kept = pushes ? wanted : wanted.min(most.max(place));
        return kept.max(least.min(place));
    }

    private static Stream<Spot> spots(Piece piece) {
        return Stream.concat(
                piece.outline().stream(),
                Stream.concat(piece.slits().stream(), piece.creases().stream().map(crease -> crease.line()))
                        .flatMap(line -> Stream.of(line.from(), line.to())));
    }

    private Edited done(Handle handle, UnaryOperator<Spot> shift) {
        FreeCard after = new Redrawing(plan.drawn()).moved(handle.piece(), shift);
        Plan drawn = checked(after);
        Ruler ruler = plan.ruler();
        Stretch line;
        try {
            line = handle.line(after.assembly().pieces());
        } catch (ValidationException gone) {
            return new Edited(drawn, "");
        }
        String where = handle.kind() == Handle.Kind.MARK
                ? "%s from left, %s from foot"
                        .formatted(
                                Figure.of(line.from().x(), ruler).inWords(),
                                Figure.of(line.from().y(), ruler).inWords())
                : Figure.of(handle.place(line), ruler).inWords();
        return new Edited(drawn, where);
    }

    /** @throws ValidationException when it can't be worked out, or a locked panel would change its width */
    Plan checked(FreeCard after) {
        after.impossible().ifPresent(words -> {
            throw new ValidationException("drawing", words);
        });
        for (String name : plan.locked()) {
            Length was = width(plan.drawn(), name);
            if (was != null && !was.equals(width(after, name))) {
                throw new ValidationException(
                        "hand",
                        "%s is locked at %s. Unlock it, or move another line."
                                .formatted(name, Figure.of(was, plan.ruler()).inWords()));
            }
        }
        return plan.withDrawing(after);
    }

    private static @Nullable Length width(FreeCard card, String panel) {
        return card.assembly().pieces().stream()
                .flatMap(piece -> Panels.of(piece).all().stream())
                .filter(one -> one.name().equals(panel))
                .findFirst()
                .map(Panel::width)
                .orElse(null);
    }
}
