package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.build.BuildStep.LineKind;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.StepPicture.Line;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.build.StepPicture.Stroke;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;

/** A piece as it lies open on the table, one side or the other up, with the lines that are meant lit. */
final class OpenPiece {

    /** How far a pencil mark is drawn from its place, mm. */
    private static final double MARK = 3;

    private final WorkedPiece piece;
    private final String stockId;
    private final Side up;
    private final AffineTransformation turned;
    private final List<PencilMark> pencil;

    /**
     * @param up turned over top to bottom where that is the back
     * @param pencil marks of all of the card, as readings count them
     */
    OpenPiece(WorkedPiece piece, String stockId, Side up, List<PencilMark> pencil) {
        this.piece = piece;
        this.stockId = stockId;
        this.up = up;
        this.turned = up == Side.FACE ? new AffineTransformation() : AffineTransformation.scaleInstance(1, -1);
        this.pencil = pencil;
    }

    /** @param layers those that lie on it already */
    StepPicture picture(Reading reading, List<Layer> layers) {
        List<Patch> patches = new ArrayList<>();
        Seen own = Seen.of(piece.panels().piece());
        // all of it lies in one plane: what is not scored or slit leaves no line
        Geometry paper = Overlays.union(
                piece.panels().all().stream().<Geometry>map(Panel::shape).toList());
        for (int i = 0; i < paper.getNumGeometries(); i++) {
            patches.add(patch(own, stockId, up == Side.BACK, (Polygon) paper.getGeometryN(i)));
        }
        int end = piece.first() + piece.panels().all().size();
        layers.stream()
                .filter(layer -> layer.face().side() == up
                        && layer.face().panel() >= piece.first()
                        && layer.face().panel() < end)
                .forEach(layer -> patches.add(
                        patch(Seen.LAYER, layer.choice().paper(), layer.choice().otherSide(), layer.shape())));
        List<Stroke> strokes = new ArrayList<>();
        scores(LineKind.SCORE, piece.scores(), reading, strokes);
        scores(LineKind.LEVEL, piece.turned(), reading, strokes);
        marks(reading, strokes);
        pencil(reading, strokes);
        return new StepPicture(patches, strokes, up == Side.FACE ? "This side up" : "Turned over top to bottom", null);
    }

    private Patch patch(Seen seen, String stock, boolean otherSide, Polygon shape) {
        return new Patch(seen, stock, otherSide, (Polygon) turned.transform(shape));
    }

    private Coordinate at(double x, double y) {
        return turned.transform(new Coordinate(x, y), new Coordinate());
    }

    private void scores(LineKind kind, List<BoardScore> scores, Reading reading, List<Stroke> strokes) {
        Extent extent = piece.panels().piece().extent();
        boolean upright = kind == LineKind.SCORE;
        for (int i = 0; i < scores.size(); i++) {
            BoardScore score = scores.get(i);
            double across = (upright ? extent.left() : extent.foot())
                    .plus(score.fromLeft())
                    .millimetres();
            double start = score.start().millimetres();
            double stop = score.stop().millimetres();
            strokes.add(new Stroke(
                    Line.FOLD,
                    seen(score.fold()),
                    reading.lines().contains(new BuildStep.Line(kind, i)),
                    upright ? at(across, start) : at(start, across),
                    upright ? at(across, stop) : at(stop, across)));
        }
    }

    private Fold seen(Fold fold) {
        return up == Side.FACE ? fold : Scene.otherWay(fold);
    }

    private void marks(Reading reading, List<Stroke> strokes) {
        List<DrawnMark> marks = DrawnMark.of(piece.panels().piece());
        for (int i = 0; i < marks.size(); i++) {
            DrawnMark mark = marks.get(i);
            Fold fold = mark.fold();
            strokes.add(new Stroke(
                    fold == null ? Line.SLIT : Line.FOLD,
                    fold == null ? null : seen(fold),
                    reading.lines().contains(new BuildStep.Line(LineKind.MARK, i)),
                    at(mark.from().x().millimetres(), mark.from().y().millimetres()),
                    at(mark.to().x().millimetres(), mark.to().y().millimetres())));
        }
    }

    private void pencil(Reading reading, List<Stroke> strokes) {
        reading.lines().stream()
                .filter(line -> line.kind() == LineKind.PENCIL)
                .map(line -> pencil.get(line.index()).at())
                .forEach(spot -> {
                    double x = spot.x().millimetres();
                    double y = spot.y().millimetres();
                    strokes.add(new Stroke(Line.PENCIL, null, true, at(x - MARK, y), at(x + MARK, y)));
                    strokes.add(new Stroke(Line.PENCIL, null, true, at(x, y - MARK), at(x, y + MARK)));
                });
    }
}
