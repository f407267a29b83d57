package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The four faces of the never-ending card, as angles at its hinges: shut; the flaps of the two front pieces turned up
 * and down; the strips above and below folded behind; the halves of the back pieces turned left and right.
 */
final class NeverEndingFaces {

    private static final int LEFT = 0;
    private static final int RIGHT = 1;
    private static final int FOOT = 2;
    private static final int HEAD = 3;

    private final FoldGraph card;

    private NeverEndingFaces(FoldGraph card) {
        this.card = card;
    }

    static List<double[]> of(FoldGraph card) {
        NeverEndingFaces faces = new NeverEndingFaces(card);
        List<double[]> all = new ArrayList<>();
        double[] shut = new double[card.hinges().size()];
        all.add(shut);
        double[] flapsOut = shut.clone();
        faces.foldLengthwise(flapsOut, FOOT, 180);
        faces.foldLengthwise(flapsOut, HEAD, 180);
        all.add(flapsOut);
        double[] behind = flapsOut.clone();
        faces.foldAcross(behind, LEFT, -180);
        faces.foldAcross(behind, RIGHT, -180);
        all.add(behind);
        double[] halvesOut = behind.clone();
        faces.foldHalf(halvesOut, LEFT);
        faces.foldHalf(halvesOut, RIGHT);
        all.add(halvesOut);
        return all;
    }

    /** The score down the middle of a piece. */
    private void foldLengthwise(double[] degrees, int piece, double to) {
        set(degrees, piece, to, true);
    }

    /** The scores near both ends of a piece. */
    private void foldAcross(double[] degrees, int piece, double to) {
        set(degrees, piece, to, false);
    }

    /**
     * The middle score of an upright piece whose ends are folded behind: towards the viewer in the middle, so away at
     * the ends.
     */
    private void foldHalf(double[] degrees, int piece) {
        for (Link.Folded link : card.hinges()) {
            if (card.pieceOf().get(link.from()) == piece && link.hinge().line().isUpright()) {
                boolean middle = Set.of("Mid left", "Mid right")
                        .contains(card.panels().get(link.from()).name());
                degrees[link.index()] = middle ? 180 : -180;
            }
        }
    }

    private void set(double[] degrees, int piece, double to, boolean upright) {
        for (Link.Folded link : card.hinges()) {
            if (card.pieceOf().get(link.from()) == piece && link.hinge().line().isUpright() == upright) {
                degrees[link.index()] = to;
            }
        }
    }
}
