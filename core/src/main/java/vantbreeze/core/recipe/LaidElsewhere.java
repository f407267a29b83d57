package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Ruler;

/**
 * Where else a piece may be glued of which a recipe does not say it: on the middle of another panel, or by both ends.
 *
 * @param recipe that leaves it open
 * @param under the piece it lies on, from 0
 * @param laid the piece, from 0
 * @param pieces all, as drawn
 */
record LaidElsewhere(Recipe recipe, int under, int laid, List<Piece> pieces) {

    /** So many panels are offered; more are chosen on the bench. */
    private static final int MOST = 6;

    /**
     * The recipe saying so, each way there is.
     *
     * @param at where its corner lies as it is taken
     * @param ends whether it is taken to be glued by both ends
     * @param told the piece as the recipe tells it
     */
    List<Rewording> rewordings(Spot at, boolean ends, WrittenPiece told) {
        if (told.count > 1) {
            // copies lie in a pile, and where each goes is chosen on the bench
            return List.of();
        }
        List<Rewording> others = new ArrayList<>();
        int end = Math.max(told.end, told.sizeEnd);
        Panels own = Panels.of(pieces.get(laid));
        if (!ends && own.all().size() > 1 && end >= 0) {
            others.add(Rewording.with("Glued by its first and last panel", recipe.text(), end, ", glue its ends"));
        }
        Panel first = own.all().get(0);
        List<Panel> panels = Panels.of(pieces.get(under)).all();
        for (int i = 0; i < Math.min(panels.size(), MOST); i++) {
            Panel panel = panels.get(i);
            boolean isThere =
                    !ends && panel.left().compareTo(at.x()) <= 0 && at.x().isShorterThan(panel.right());
            if (!isThere && !first.width().isLongerThan(panel.width())) {
                others.add(on(panel, i, panels.size() == 1, first, at.y()));
            }
        }
        return others;
    }

    private Rewording on(Panel panel, int number, boolean isWhole, Panel first, Length foot) {
        Length left = panel.left().plus(panel.width().minus(first.width()).dividedBy(2));
        String name = pieces.get(under).name();
        String where = isWhole ? name : String.format(Locale.ROOT, "panel %d of %s", number + 1, name);
        return Rewording.closing(
                "Glued by its first panel, on " + where,
                recipe.text(),
                String.format(
                        Locale.ROOT,
                        "Glue panel 1 of piece %d to panel %d of piece %d at %s from left and %s from foot.",
                        laid + 1,
                        number + 1,
                        under + 1,
                        write(left),
                        write(foot)));
    }

    /** On a mark of the ruler: where the middle is hangs on no figure of the recipe. */
    private String write(Length length) {
        boolean inches = recipe.figures().stream().anyMatch(figure -> requireNonNull(figure.unit()) == LengthUnit.INCH);
        Ruler ruler = inches ? Ruler.SIXTEENTHS : Ruler.MM_1;
        long division = ruler.division().units();
        Length marked = Length.ofUnits(Math.floorDiv(length.units(), division) * division);
        return (marked.isNegative() ? "minus " : "")
                + Figure.of(marked.abs(), ruler).text();
    }
}
