package vantbreeze.core.fit;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/**
 * Which way a measure runs on the closed card. No structure says so: it is changed a little, and its lines are watched.
 */
enum Course {
    ACROSS,
    UP,
    BOTH;

    /** By how much a measure is tried; every structure is linear in its measures near by. */
    static final Length TRIED = Length.ofMillimetres(1);

    /** By how much a measure that runs so grows with the card. */
    double factor(Size was, Size is) {
        double across = is.width().millimetres() / was.width().millimetres();
        double up = is.height().millimetres() / was.height().millimetres();
        return switch (this) {
            case ACROSS -> across;
            case UP -> up;
            case BOTH -> Math.min(across, up);
        };
    }

    /** The way that the measure of this id runs. */
    static Course of(Structure structure, Measures measures, String id) {
        Limits limits = structure.limits(id, measures);
        Length tried = limits.allow(structure.measure(id, measures).plus(TRIED)) ? TRIED : TRIED.negated();
        Assembly before = structure.assemble(measures);
        Assembly after = structure.assemble(
                measures.with(id, structure.measure(id, measures).plus(tried)));
        FoldedForm closed = FoldedForm.of(FoldGraph.of(before), structure.closed(measures));
        double across = 0;
        double up = 0;
        for (int piece = 0; piece < before.pieces().size(); piece++) {
            List<Spot> was = spots(before, piece);
            List<Spot> is = after.pieces().size() == before.pieces().size() ? spots(after, piece) : List.of();
            if (was.size() != is.size()) {
                return BOTH;
            }
            boolean turned = isTurned(closed, piece);
            for (int i = 0; i < was.size(); i++) {
                double x = is.get(i).x().minus(was.get(i).x()).abs().millimetres();
                double y = is.get(i).y().minus(was.get(i).y()).abs().millimetres();
                across = Math.max(across, turned ? y : x);
                up = Math.max(up, turned ? x : y);
            }
        }
        boolean runsAcross = across > Precision.ALIKE;
        boolean runsUp = up > Precision.ALIKE;
        return runsAcross == runsUp ? BOTH : runsAcross ? ACROSS : UP;
    }

    /** All that is drawn on a piece, and where others are glued to it, from its lower left corner. */
    private static List<Spot> spots(Assembly assembly, int index) {
        Piece piece = assembly.pieces().get(index);
        List<Spot> spots = new ArrayList<>(piece.spots());
        for (Join join : assembly.joins()) {
            if (join.on().piece() == index) {
                spots.add(join.at().on());
            }
            if (join.glued().piece() == index) {
                spots.add(join.at().glued());
            }
        }
        Length left = piece.extent().left();
        Length foot = piece.extent().foot();
        return spots.stream()
                .map(spot -> new Spot(spot.x().minus(left), spot.y().minus(foot)))
                .toList();
    }

    /** Whether a piece lies on the closed card by a quarter turn. */
    private static boolean isTurned(FoldedForm closed, int piece) {
        int panel = closed.graph().pieceOf().indexOf(piece);
        Rigid motion = closed.placed().get(panel).motion();
        return Math.abs(motion.xy()) > Math.abs(motion.xx());
    }
}
