package vantbreeze.core.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Tools;

/** What the tests of plans of cuts are about: pieces of a paper called "kite", and sheets of it. */
final class CutCases {

    static final Ruler MM = Ruler.MM_1;
    static final Cardstock PLAIN = stock(Cardstock.Pattern.PLAIN);
    static final Cardstock PRINTED = stock(Cardstock.Pattern.DIRECTIONAL);

    private CutCases() {}

    private static Cardstock stock(Cardstock.Pattern pattern) {
        return new Cardstock("Kite card", 160, Length.ofMicrometres(200), Cardstock.Grain.LONG, pattern, "#aa3311");
    }

    /** So many pieces alike with these corners, x and y in tenths of a millimetre. */
    static Blanks outlined(String name, int count, Cardstock stock, int... corners) {
        List<Spot> outline = IntStream.range(0, corners.length / 2)
                .mapToObj(i -> new Spot(
                        Length.ofMicrometres(100L * corners[2 * i]), Length.ofMicrometres(100L * corners[2 * i + 1])))
                .toList();
        Piece piece = new Piece(name, outline, List.of(), List.of(), List.of());
        List<Piece> pieces = IntStream.range(0, count).mapToObj(i -> piece).toList();
        return Blanks.ofPieces(
                pieces,
                PieceId.all(pieces).stream()
                        .map(id -> new PieceStock(id, "kite", stock))
                        .toList());
    }

    static Blanks rectangles(String name, int count, int width, int height) {
        return outlined(name, count, PLAIN, 0, 0, 10 * width, 0, 10 * width, 10 * height, 0, 10 * height);
    }

    /** A piece of heavy card of long grain, scored up its middle. */
    static Blanks across(String name, int width, int height) {
        Size size = Size.ofMillimetres(width, height);
        Spot foot = new Spot(size.width().dividedBy(2), Length.ZERO);
        Crease score = new Crease(new Stretch(foot, new Spot(foot.x(), size.height())), Fold.VALLEY);
        Piece piece = new Piece(name, FreeCard.sheet("", size).outline(), List.of(score), List.of(), List.of());
        Cardstock heavy = new Cardstock(
                "Kite card", 300, Length.ofMicrometres(400), Cardstock.Grain.LONG, Cardstock.Pattern.PLAIN, "#aa3311");
        return Blanks.ofPieces(List.of(piece), List.of(new PieceStock(new PieceId(name, 1), "kite", heavy)));
    }

    static StockSheet sheet(String id, int width, int height, int count) {
        return new StockSheet(id, id, Size.ofMillimetres(width, height), "kite", count, false, null);
    }

    static CutOrder order(Blanks blanks, CutChoices choices, StockSheet... own) {
        return new CutOrder(blanks, Sheets.published().and(Arrays.asList(own)), null, MM, Tools.usual(), choices);
    }

    static PaperPlan plan(CutOrder order) {
        return CutPlan.of(order).papers().get(0);
    }
}
