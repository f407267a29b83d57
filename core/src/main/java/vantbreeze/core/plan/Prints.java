package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Slide;

/** What is printed on the pieces of a card, and where it begins on each. */
public final class Prints {

    private Prints() {}

    /**
     * A place to which a print can be slid.
     *
     * @param words what it is: "begins at the valley at 104 mm"
     * @param across where the print then begins, from the left edge
     */
    public record Lead(String words, Length across) {}

    /** What is printed on a piece; nothing where it is plain. */
    public static Optional<Look.Print> on(WorkedPlan worked, int piece) {
        Look.Print print =
                worked.of(Stages.PIECE_STOCKS).get(piece).stock().look().print();
        return Optional.of(print).filter(one -> one != Look.Print.NONE);
    }

    /** Where the print of a piece begins. */
    public static Slide slide(WorkedPlan worked, int piece) {
        PieceStock stock = worked.of(Stages.PIECE_STOCKS).get(piece);
        PieceId id = stock.piece();
        return worked.plan().supplies().slides().getOrDefault(id, Slide.NONE);
    }

    /**
     * At each upright score the print can begin, or have its middle; so that the pattern leads where the card folds.
     */
    public static List<Lead> leads(WorkedPlan worked, int piece) {
        Look.Print print = on(worked, piece).orElse(Look.Print.NONE);
        WorkedPiece scored = worked.pieces().get(piece);
        List<Lead> leads = new ArrayList<>();
        if (print == Look.Print.NONE) {
            return leads;
        }
        leads.add(new Lead("from the left edge", Length.ZERO));
        for (BoardScore score : scored.scores()) {
            Lead begins = new Lead(
                    "from the score at %s"
                            .formatted(written(score.fromLeft(), worked.plan().ruler())),
                    score.fromLeft());
            if (leads.stream().noneMatch(one -> one.across().equals(begins.across()))) {
                leads.add(begins);
                leads.add(new Lead(
                        "its middle on the score at %s"
                                .formatted(
                                        written(score.fromLeft(), worked.plan().ruler())),
                        middled(score.fromLeft(), print)));
            }
        }
        return leads;
    }

    /** Where the print begins so that the middle of one repeat is on a score; never before the edge. */
    private static Length middled(Length score, Look.Print print) {
        Length half = Length.nearest(print.repeat() / 2);
        return score.isShorterThan(half) ? score.plus(half) : score.minus(half);
    }

    private static String written(Length length, Ruler ruler) {
        return Figure.of(length, ruler).inWords();
    }
}
