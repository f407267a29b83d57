package vantbreeze.exchange.print;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Hinge;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;

/** One piece drawn at true size, its lower left corner at a given place on the page. */
final class TrueSizePiece {

    private static final double FIGURE = 4.2;
    /** A figure at the end of a score, smaller, as there may be many. */
    private static final double PART = 3;
    /** Half of the tick there, mm. */
    private static final double TICK = 1.5;

    private final Pen pen;
    private final WorkedPiece worked;
    private final WorkedPlan card;
    private final Ruler ruler;
    private final double left;
    private final double foot;

    TrueSizePiece(Pen pen, WorkedPiece worked, WorkedPlan card, double left, double foot) {
        this.pen = pen;
        this.worked = worked;
        this.card = card;
        this.ruler = card.ruler();
        this.left = left;
        this.foot = foot;
    }

    void draw() throws IOException {
        glue();
        ring(worked.panels().piece().outline());
        for (List<Spot> opening : worked.panels().piece().openings()) {
            ring(opening);
        }
        for (Stretch slit : worked.panels().piece().slits()) {
            line(slit);
        }
        for (Hinge hinge : worked.panels().hinges().stream()
                .filter(hinge -> hinge.fold() != Fold.BEND)
                .toList()) {
            pen.score(
                    x(hinge.line().from()),
                    y(hinge.line().from()),
                    x(hinge.line().to()),
                    y(hinge.line().to()),
                    hinge.fold());
        }
        for (Panel panel : worked.panels().all()) {
            double middle = left + panel.shape().getInteriorPoint().getX();
            double height = foot + panel.shape().getInteriorPoint().getY();
            pen.centred(panel.name(), middle, height + 2, 3.6);
            pen.figure(Figure.of(panel.width(), ruler), middle, height - 5, FIGURE);
        }
        levelScores();
        Map<Length, List<BoardScore>> byPlace = worked.scores().stream()
                .collect(Collectors.groupingBy(BoardScore::fromLeft, LinkedHashMap::new, Collectors.toList()));
        for (Map.Entry<Length, List<BoardScore>> place : byPlace.entrySet()) {
            double at = left + place.getKey().millimetres();
            pen.figure(Figure.of(place.getKey(), ruler), at, foot - 6.5, FIGURE);
            pen.centred(
                    directions(place.getValue()),
                    at,
                    foot + worked.cut().height().millimetres() + 2,
                    3.2);
        }
        heights();
        places();
    }

    private static String directions(List<BoardScore> scores) {
        List<Fold> folds = scores.stream().map(BoardScore::fold).distinct().toList();
        return folds.size() > 1 ? "both ways" : folds.get(0) == Fold.MOUNTAIN ? "mountain" : "valley";
    }

    /** How far up, along the left edge, lines within the piece begin and end. */
    private void heights() throws IOException {
        Set<Length> heights = new TreeSet<>();
        for (BoardScore score : worked.scores()) {
            score.part(worked.panels().piece(), true)
                    .ifPresent(part -> heights.addAll(List.of(part.from(), part.to())));
        }
        ends().forEach(end -> heights.add(end.y()));
        heights.remove(Length.ZERO);
        heights.remove(worked.cut().height());
        Length last = Length.ZERO;
        boolean near = false;
        for (Length height : heights) {
            // one that is close above another stands beside it
            near = !near && height.minus(last).millimetres() < PART * 1.3;
            last = height;
            double up = foot + extent().foot().millimetres() + height.millimetres();
            double edge = left + extent().left().millimetres();
            pen.line(edge - TICK, up, edge + TICK, up);
            pen.text(Figure.of(height, ruler).printed(), edge + (near ? 3 * PART : PART), up - PART / 3, PART);
        }
    }

    /** How far from the left, along the head, slits and slanted scores begin and end that no figure below tells. */
    private void places() throws IOException {
        Set<Length> places = new TreeSet<>();
        ends().forEach(end -> places.add(end.x()));
        worked.scores().forEach(score -> places.remove(score.fromLeft()));
        places.remove(Length.ZERO);
        places.remove(worked.cut().width());
        double head = foot + extent().head().millimetres();
        Length last = Length.ZERO;
        boolean near = false;
        for (Length place : places) {
            near = !near && place.minus(last).millimetres() < PART * 3;
            last = place;
            double at = left + extent().left().millimetres() + place.millimetres();
            pen.line(at, head - TICK, at, head + TICK);
            pen.figure(Figure.of(place, ruler), at, head - (near ? 3.4 : 2) * PART, PART);
        }
    }

    /** Where slits and slanted scores begin and end, from the piece's corner. */
    private List<Spot> ends() {
        Piece piece = worked.panels().piece();
        return Stream.concat(
                        piece.slits().stream(),
                        piece.creases().stream()
                                .filter(crease -> crease.fold() != Fold.BEND)
                                .map(Crease::line)
                                .filter(line -> !line.isUpright() && !line.isLevel()))
                .flatMap(line -> Stream.of(line.from(), line.to()))
                .map(spot -> extent().fromCorner(spot))
                .toList();
    }

    private Extent extent() {
        return worked.panels().piece().extent();
    }

    /** Glue on this side hatched, on the other side dotted; pencil marks as crosses. */
    private void glue() throws IOException {
        int end = worked.first() + worked.panels().all().size();
        AffineTransformation to = AffineTransformation.translationInstance(left, foot);
        for (GlueArea area : GlueArea.of(card.form().graph())) {
            if (area.panel() >= worked.first() && area.panel() < end) {
                pen.glue((Polygon) to.transform(area.shape()), area.side() == Side.FACE);
            }
        }
        for (PencilMark mark : PencilMark.of(card.form().graph())) {
            if (mark.panel() >= worked.first() && mark.panel() < end) {
                pen.pencil(x(mark.at()), y(mark.at()));
            }
        }
    }

    private void levelScores() throws IOException {
        for (BoardScore score : worked.turned()) {
            pen.figure(
                    Figure.of(score.fromLeft(), ruler),
                    left - 5,
                    foot + score.fromLeft().millimetres(),
                    FIGURE);
        }
    }

    private void ring(List<Spot> corners) throws IOException {
        for (int i = 0; i < corners.size(); i++) {
            line(new Stretch(corners.get(i), corners.get((i + 1) % corners.size())));
        }
    }

    private void line(Stretch stretch) throws IOException {
        pen.line(x(stretch.from()), y(stretch.from()), x(stretch.to()), y(stretch.to()));
    }

    private double x(Spot spot) {
        return left + spot.x().millimetres();
    }

    private double y(Spot spot) {
        return foot + spot.y().millimetres();
    }
}
