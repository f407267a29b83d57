package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.PartialAssembly;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Goes through the steps of a card without asking the planner anything: by its own finger, and what is glued on a place
 * covers it.
 */
final class Replay {

    private final WorkedPlan card;
    private final FoldGraph graph;
    private final List<JoinId> joins;
    private final Part whole;
    private final RayFinger finger;
    private final Map<Asked, Boolean> known = new HashMap<>();
    private final Map<Set<JoinId>, PartialAssembly> states = new HashMap<>();
    private final Map<Together, Part> parts = new HashMap<>();
    private final Set<JoinId> made = new LinkedHashSet<>();
    private final Set<Face> dressed = new LinkedHashSet<>();
    private final Set<Face> marked = new LinkedHashSet<>();
    private final List<String> wrongs = new ArrayList<>();

    /** Pieces that hang together, and by which joins. */
    private record Together(List<Integer> pieces, Set<JoinId> joins) {}

    private record Asked(Together part, Face face, Polygon region) {}

    Replay(WorkedPlan card) {
        this.card = card;
        this.graph = card.form().graph();
        this.joins = JoinId.all(graph.assembly());
        this.whole = PartialAssembly.of(card.form(), new LinkedHashSet<>(joins))
                .parts()
                .get(0);
        this.finger = new RayFinger(graph);
    }

    /** What is wrong with an order, each step that can't be done there. */
    List<String> wrongs(List<BuildStep> steps) {
        made.clear();
        dressed.clear();
        marked.clear();
        wrongs.clear();
        steps.forEach(this::step);
        return List.copyOf(wrongs);
    }

    private void step(BuildStep step) {
        switch (step.id().kind()) {
            case MARK -> marks(step);
            case LAY -> lay(((BuildStep.OfFace) step.subject()).face(), step);
            case RUB_OUT -> {
                Face face = ((BuildStep.OfFace) step.subject()).face();
                marked.remove(face);
            }
            case GLUE, THREAD -> join(((BuildStep.OfJoin) step.subject()).join(), step);
            case CHECK -> {
                if (made.size() < joins.size()) {
                    wrongs.add("not all is joined: " + step.id());
                }
            }
            default -> {}
        }
    }

    private void marks(BuildStep step) {
        card.layers().faces().stream().forEach(face -> {
            if (step.id().of().equals(LayerSteps.id(face, graph).of()) && !dressed.contains(face)) {
                marked.add(face);
            }
        });
    }

    private void lay(Face face, BuildStep step) {
        for (Layer layer : card.layers().on(face)) {
            Geometry free = layer.shape();
            for (int i = 0; i < joins.size(); i++) {
                if (card.grounds().gluedOn(face).get(i) == Bed.UNDER) {
                    free = beside(free, graph.joins().get(i), face, step);
                }
            }
            for (int i = 0; i < free.getNumGeometries(); i++) {
                if (!free.isEmpty() && !reaches(made, face, (Polygon) free.getGeometryN(i))) {
                    wrongs.add("not reached: " + step.id() + " with " + made.size() + " joins");
                    return;
                }
            }
        }
        if (marked.contains(face)) {
            boolean covers = PencilMark.of(graph).stream()
                    .filter(mark -> mark.panel() == face.panel() && mark.side() == face.side())
                    .anyMatch(mark -> card.layers().on(face).stream().anyMatch(layer -> layer.shape()
                            .intersects(layer.shape()
                                    .getFactory()
                                    .createPoint(mark.at().millimetres()))));
            if (covers) {
                wrongs.add("pencil marks are covered: " + step.id());
            }
        }
        dressed.add(face);
    }

    /** What is hidden under a layer is glued by then; the hand comes to the rest of it. */
    private Geometry beside(Geometry laid, Link.Glued link, Face face, BuildStep step) {
        Geometry rest = laid;
        for (GlueArea area : GlueArea.of(link, graph)) {
            if (area.panel() == face.panel()
                    && area.side() == face.side()
                    && area.shape().intersects(laid)) {
                if (!made.contains(joins.get(graph.joins().indexOf(link)))) {
                    wrongs.add("covered before it is glued: " + step.id());
                }
                rest = rest.difference(area.shape().buffer(1e-6));
            }
        }
        return rest;
    }

    private void join(JoinId join, BuildStep step) {
        if (made.contains(join)) {
            wrongs.add("joined twice: " + step.id());
        }
        Link.Glued link = graph.joins().get(joins.indexOf(join));
        if (link.join().slides()) {
            long ends = joins.stream()
                    .filter(made::contains)
                    .map(one -> graph.joins().get(joins.indexOf(one)))
                    .filter(one -> !one.join().slides())
                    .filter(one -> graph.pieceOf()
                                    .get(one.from())
                                    .equals(graph.pieceOf().get(link.to()))
                            || graph.pieceOf()
                                    .get(one.to())
                                    .equals(graph.pieceOf().get(link.to())))
                    .count();
            if (ends > 1) {
                wrongs.add("glued at both ends before it was threaded: " + step.id());
            }
        } else {
            List<GlueArea> areas = GlueArea.of(link, graph);
            boolean isReached = areas.isEmpty()
                    || areas.stream()
                            .anyMatch(area -> reaches(made, new Face(area.panel(), area.side()), area.shape()));
            if (!isReached) {
                wrongs.add("no hand comes to the joint: " + step.id());
            }
        }
        made.add(join);
    }

    /** Whether rays come away from some points of a region in some pose, all in the same. */
    private boolean reaches(Set<JoinId> some, Face face, Polygon region) {
        for (int i = 0; i < joins.size(); i++) {
            if (some.contains(joins.get(i)) && covers(graph.joins().get(i), face, region)) {
                return false;
            }
        }
        Part found = states.computeIfAbsent(
                        new LinkedHashSet<>(some), joined -> PartialAssembly.of(card.form(), joined))
                .partOf(graph.pieceOf().get(face.panel()));
        Set<JoinId> within = new LinkedHashSet<>();
        for (JoinId join : some) {
            int on = graph.joins().get(joins.indexOf(join)).from();
            if (found.pieces().contains(graph.pieceOf().get(on))) {
                within.add(join);
            }
        }
        Together together = new Together(found.pieces(), within);
        Part part = parts.computeIfAbsent(together, key -> found);
        return known.computeIfAbsent(new Asked(together, face, region), asked -> {
            List<Coordinate> points = RayFinger.points(region);
            return part.poses(whole).stream().anyMatch(pose -> finger.reaches(part, pose, face, points));
        });
    }

    /** What is glued on a side of a panel covers what lies there. */
    private boolean covers(Link.Glued link, Face face, Polygon region) {
        Rigid laid = link.motion(0);
        Polygon onFrom = new PlacedPanel(graph.panels().get(link.to()), laid).shadow();
        boolean isFrom = link.from() == face.panel() && link.join().onSide() == face.side();
        boolean isTo = link.to() == face.panel() && link.join().gluedSide() == face.side();
        Geometry there = isFrom
                ? onFrom
                : isTo
                        ? laid.inverse().shadow(graph.panels().get(link.from()).shape())
                        : region.getFactory().createPolygon();
        return !link.join().slides() && Flat.common(there, region).getArea() > 1;
    }
}
