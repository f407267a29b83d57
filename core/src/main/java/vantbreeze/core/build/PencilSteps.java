package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.build.BuildStep.Line;
import vantbreeze.core.build.BuildStep.LineKind;
import vantbreeze.core.build.BuildStep.OfPieces;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.plan.WorkedPlan;

/** Pencil marks where pieces are glued, made while theirs lies open and rubbed out again. */
final class PencilSteps {

    /** How far a mark reaches from its place, mm; from memory. */
    private static final double MARK = 3;

    /** Usual time of a mark, seconds; from memory. */
    private static final int A_MARK = 20;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final WorkedPlan card;
    private final FoldGraph graph;
    private final List<PencilMark> all;

    PencilSteps(WorkedPlan card) {
        this.card = card;
        this.graph = card.form().graph();
        this.all = PencilMark.of(graph);
    }

    /** The marks of one face, made together and rubbed out together. */
    Map<Face, List<PencilMark>> byFace() {
        Map<Face, List<PencilMark>> faces = new LinkedHashMap<>();
        all.forEach(mark -> faces.computeIfAbsent(new Face(mark.panel(), mark.side()), face -> new ArrayList<>())
                .add(mark));
        return faces;
    }

    /** They are made. */
    BuildStep marked(Face face, List<PencilMark> marks) {
        int number = graph.pieceOf().get(face.panel());
        WorkedPiece piece = card.pieces().get(number);
        return BuildStep.of(
                new StepId(StepKind.MARK, LayerSteps.id(face, graph).of()),
                "Pencil marks on %s".formatted(card.faceWords().inSentence(face)),
                face.side() == Side.FACE
                        ? "This side up, from left and from foot of the piece. Faintly: they are rubbed out later."
                        : "Turned over top to bottom, from left and from the same foot. Faintly: they are rubbed out"
                                + " later.",
                StepTool.PENCIL,
                new OfPieces(List.of(number), face.side()),
                marks.stream().map(mark -> reading(mark, piece)).toList(),
                List.of(),
                A_MARK * marks.size());
    }

    private Reading reading(PencilMark mark, WorkedPiece piece) {
        Spot at = piece.panels().piece().extent().fromCorner(mark.at());
        return new Reading(
                List.of(new Shown(at.x(), null), new Shown(at.y(), BaseSteps.UP)),
                "for %s".formatted(graph.name(mark.glued())),
                List.of(new Line(LineKind.PENCIL, all.indexOf(mark))));
    }

    /** They are rubbed out. */
    BuildStep rubbedOut(Face face) {
        return BuildStep.of(
                new StepId(StepKind.RUB_OUT, LayerSteps.id(face, graph).of()),
                "Rub out the pencil marks on %s".formatted(card.faceWords().inSentence(face)),
                "With a soft eraser, away from edges that lift.",
                StepTool.ERASER,
                new BuildStep.OfFace(face),
                List.of(),
                List.of(),
                A_MARK);
    }

    /** What is to be reached so that all of the marks of a face go: what lies beside the pieces that they are for. */
    Operation.RubOut rubbing(Face face, List<PencilMark> marks) {
        List<Polygon> spots = new ArrayList<>();
        for (PencilMark mark : marks) {
            Geometry round =
                    around(mark).intersection(graph.panels().get(mark.panel()).shape());
            Link.Glued link = graph.joins().get(mark.join());
            for (GlueArea area : GlueArea.of(link, graph)) {
                if (area.panel() == mark.panel()) {
                    round = round.difference(area.shape());
                }
            }
            if (round instanceof Polygon spot && !spot.isEmpty()) {
                spots.add(spot);
            }
        }
        return new Operation.RubOut(face, spots);
    }

    /** A square round a mark. */
    static Geometry around(PencilMark mark) {
        double x = mark.at().x().millimetres();
        double y = mark.at().y().millimetres();
        return FACTORY.toGeometry(new Envelope(x - MARK, x + MARK, y - MARK, y + MARK));
    }
}
