package vantbreeze.core.plan;

import java.util.List;
import vantbreeze.core.fit.SheetYield;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.paper.Size;

/**
 * All that follows about one piece of a plan.
 *
 * @param panels its panels and hinges
 * @param cut the rectangle it is cut as
 * @param scores as read off a board
 * @param closed folded flat
 * @param motion from flat (first) to closed (last)
 * @param fromBelow its panels when closed, the lowest first
 * @param yield how many come out of the sheet in hand, or null when no sheet is chosen
 */
public record WorkedPiece(Panels panels, Size cut, List<BoardScore> scores, FoldedForm closed,
                          List<FoldedForm> motion, List<Panel> fromBelow, SheetYield yield) { }
