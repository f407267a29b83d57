package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.edit.ChooseCuts;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowances;

/**
 * Something decided about how a card is cut.
 *
 * @param paper id of the paper that it is about
 * @param blank number of the blank among those of the paper
 * @param copy which of those alike
 * @param sheet id of the sheet
 * @param nth on the how-manieth of these sheets with anything pinned; 0 for one more
 * @param x its lower left corner from the left of the sheet, millimetres
 * @param y the same from the foot
 * @param use what the sheet is used as; left out for as it comes
 * @param squared what is trimmed off every edge of a whole sheet, as typed
 * @param piece name of a piece that is joined from parts; {@code nth} of that name, from 1
 * @param seam which of its seams, from 0
 * @param at where its first part shall end, as typed; left out to move it by some marks
 * @param divisions by so many marks of the ruler
 */
public record CutCommand(
        int revision,
        @NotNull What what,
        @Nullable @MaybeText String paper,
        @Nullable Integer blank,
        @Nullable Integer copy,
        @Nullable @MaybeText String sheet,
        @Nullable Integer nth,
        @Nullable Double x,
        @Nullable Double y,
        @Nullable Boolean turned,
        @Nullable SheetUse use,
        @Nullable Boolean offcutsFirst,
        CutWishes.@Nullable Grain grain,
        @Nullable @MaybeText String squared,
        @Nullable @MaybeText String piece,
        @Nullable Integer seam,
        @Nullable @MaybeText String at,
        @Nullable Integer divisions)
        implements EditRequest {

    /** What is decided. */
    public enum What {
        /** Where a blank lies. */
        PUT,
        /** A blank is held no more. */
        LET_GO,
        /** None is. */
        LET_ALL_GO,
        /** How a sheet is used. */
        SHEET,
        /** What is wished of the whole plan. */
        WISH,
        /** A piece larger than every sheet is joined from parts. */
        JOIN,
        /** Where it is joined. */
        SEAM,
        /** It is cut whole again. */
        WHOLE
    }

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        return switch (what) {
            case PUT -> new ChooseCuts.Put(spot());
            case LET_GO -> new ChooseCuts.LetGo(text(paper), number(blank), number(copy));
            case LET_ALL_GO -> new ChooseCuts.LetAllGo();
            case SHEET -> new ChooseCuts.UseSheet(new CutChoices.SheetOf(text(paper), text(sheet)), use);
            case WISH -> new ChooseCuts.Wish(wishes(ruler));
            case JOIN -> new ChooseCuts.Join(text(paper), number(blank));
            case SEAM ->
                new ChooseCuts.MoveSeam(
                        id(),
                        number(seam),
                        at == null ? null : new Written(ruler).measure("at", at),
                        number(divisions));
            case WHOLE -> new ChooseCuts.Whole(id());
        };
    }

    private PieceId id() {
        return new PieceId(text(piece), Math.max(1, number(nth)));
    }

    /** Where a blank is put. */
    ChooseCuts.BlankSpot spot() {
        return new ChooseCuts.BlankSpot(
                text(paper),
                number(blank),
                number(copy),
                text(sheet),
                number(nth),
                place(x),
                place(y),
                Boolean.TRUE.equals(turned));
    }

    private CutWishes wishes(Ruler ruler) {
        Length trim =
                squared == null || squared.isBlank() ? Length.ZERO : new Written(ruler).measure("squared", squared);
        try {
            return new CutWishes(
                    !Boolean.FALSE.equals(offcutsFirst), grain == null ? CutWishes.Grain.WISH : grain, trim);
        } catch (IllegalArgumentException unfit) {
            throw new ValidationException("squared", String.valueOf(unfit.getMessage()));
        }
    }

    private static String text(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static int number(@Nullable Integer number) {
        return number == null ? 0 : number;
    }

    private static double place(@Nullable Double place) {
        return place == null || !Double.isFinite(place) ? 0 : place;
    }
}
