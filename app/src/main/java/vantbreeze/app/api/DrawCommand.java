package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Draw;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.tool.Allowances;

/**
 * Something drawn on a free card, or taken from it.
 *
 * @param what what is done
 * @param from where a line begins, in millimetres on its sheet when it was drawn with the pointer
 * @param to where it ends
 * @param acrossFrom how far across its first end is, as typed; of a score alone: it runs straight up there from edge to
 *     edge
 * @param upFrom how far up its first end is, as typed; of a score alone: it runs level there from edge to edge
 * @param acrossTo how far across its other end is, as typed
 * @param upTo how far up its other end is, as typed
 * @param kind with {@code index}: which line, for those that change one; for those that change a join {@code index} is
 *     which
 * @param divisions of what is glued: so many marks of the ruler to the right of that place
 * @param divisionsUp so many above it
 * @param panel the panel that is glued on, or that a piece is laid on
 * @param glued the panel that is glued
 * @param structure the structure that the card is taken as
 */
public record DrawCommand(
        int revision,
        @NotNull What what,
        int piece,
        @Nullable PointView from,
        @Nullable PointView to,
        @Nullable @MaybeText String acrossFrom,
        @Nullable @MaybeText String upFrom,
        @Nullable @MaybeText String acrossTo,
        @Nullable @MaybeText String upTo,
        @Nullable Fold fold,
        Handle.@Nullable Kind kind,
        @Nullable Integer index,
        @Nullable Integer divisions,
        @Nullable Integer divisionsUp,
        @Nullable @MaybeText String name,
        @Nullable @MaybeText String width,
        @Nullable @MaybeText String height,
        @Nullable @MaybeText String panel,
        @Nullable @MaybeText String glued,
        @Nullable @MaybeText String structure,
        @Nullable Boolean byItsFace,
        @Nullable Boolean toTheBack)
        implements EditRequest {

    /** What can be done. */
    public enum What {
        LOOSEN,
        TAKE_AS,
        SCORE,
        SLIT,
        ERASE,
        FLIP,
        PIECE,
        TAKE_AWAY,
        GLUE,
        MOVE_GLUED,
        UNGLUE,
        LIE,
        STAND
    }

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        return switch (what) {
            case LOOSEN -> new Draw.Loosen();
            case TAKE_AS -> new Draw.TakeAs(structure == null ? "" : structure);
            case SCORE -> score(ruler, fold == null ? Fold.VALLEY : fold);
            case SLIT -> new Draw.Slit(piece, line(ruler));
            case ERASE -> new Draw.Erase(handle());
            case FLIP -> new Draw.Flip(handle());
            case PIECE -> new Draw.AddPiece(named(), size(ruler), required(panel));
            case TAKE_AWAY -> new Draw.RemovePiece(piece);
            case GLUE ->
                new Draw.Glue(
                        required(glued),
                        Boolean.TRUE.equals(byItsFace) ? Side.FACE : Side.BACK,
                        required(panel),
                        Boolean.TRUE.equals(toTheBack) ? Side.BACK : Side.FACE,
                        spot(acrossFrom, upFrom, ruler));
            case MOVE_GLUED -> new Draw.MoveGlued(index == null ? -1 : index, corner(ruler));
            case UNGLUE -> new Draw.Unglue(index == null ? -1 : index);
            case LIE -> new Draw.Lie(true);
            case STAND -> new Draw.Lie(false);
        };
    }

    private Handle handle() {
        if (kind == null || index == null) {
            throw new ValidationException("drawing", "Take hold of a line first.");
        }
        return new Handle(kind, piece, index, Handle.End.WHOLE);
    }

    /** Where the corner of what is glued shall lie: as typed, and so many marks on. */
    private Spot corner(Ruler ruler) {
        Spot typed = spot(acrossFrom, upFrom, ruler);
        return new Spot(
                divisions == null ? typed.x() : ruler.moved(typed.x(), Entry.within(divisions)),
                divisionsUp == null ? typed.y() : ruler.moved(typed.y(), Entry.within(divisionsUp)));
    }

    /** From end to end or, where one figure is typed, from edge to edge. */
    private Draw score(Ruler ruler, Fold folded) {
        boolean isOne = from == null
                && to == null
                && isEmpty(acrossTo)
                && isEmpty(upTo)
                && isEmpty(acrossFrom) != isEmpty(upFrom);
        if (!isOne) {
            return new Draw.Score(piece, line(ruler), folded);
        }
        boolean isLevel = isEmpty(acrossFrom);
        Length at = new Written(ruler).measure("across", isLevel ? upFrom : acrossFrom);
        return new Draw.ScoreThrough(piece, at, isLevel, folded);
    }

    private static boolean isEmpty(@Nullable String text) {
        return text == null || text.isBlank();
    }

    /** From the pointer's ends, brought to marks of the ruler, or from typed ones. */
    private Stretch line(Ruler ruler) {
        if (from != null && to != null) {
            return new Stretch(mark(from, ruler), mark(to, ruler));
        }
        return new Stretch(spot(acrossFrom, upFrom, ruler), spot(acrossTo, upTo, ruler));
    }

    private static Spot mark(PointView point, Ruler ruler) {
        return new Spot(
                ruler.nearest(Length.nearest(point.x())).length(),
                ruler.nearest(Length.nearest(point.y())).length());
    }

    private static Spot spot(@Nullable String across, @Nullable String up, Ruler ruler) {
        Written written = new Written(ruler);
        return new Spot(written.measure("across", across), written.measure("up", up));
    }

    private Size size(Ruler ruler) {
        Written written = new Written(ruler);
        Size size = new Size(written.measure("width", width), written.measure("height", height));
        if (!size.width().isPositive() || !size.height().isPositive()) {
            throw new ValidationException("width", "A piece has a width and a height. Type both.");
        }
        return size;
    }

    private String named() {
        String plain = name == null ? "" : name.strip();
        if (plain.length() > Plan.LONGEST_NAME) {
            throw new ValidationException("name", "That name is too long. Take a shorter one.");
        }
        return plain.isEmpty() ? "Piece" : plain;
    }

    private static String required(@Nullable String panel) {
        if (panel == null || panel.isBlank()) {
            throw new ValidationException("panel", "Choose a panel.");
        }
        return panel;
    }
}
