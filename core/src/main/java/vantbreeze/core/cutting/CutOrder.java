package vantbreeze.core.cutting;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Tools;

/**
 * What is to be cut, from what, with what.
 *
 * @param sheets those at hand, and the published ones
 * @param chosen the sheet that the card shall be cut from where none of a paper is listed; null for the usual one
 * @param ruler whose school says what the usual sheet is
 */
public record CutOrder(
        Blanks blanks, Sheets sheets, @Nullable StockSheet chosen, Ruler ruler, Tools tools, CutChoices choices) {

    /** The same with other choices. */
    public CutOrder with(CutChoices other) {
        return new CutOrder(blanks, sheets, chosen, ruler, tools, other);
    }
}
