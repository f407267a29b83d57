package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What each step looks like: pieces as they lie open, or what is put together by then in the pose in which a hand
 * works.
 */
final class StepPictures {

    /** So much of what is meant is enough to be seen of it, as a part of its area. */
    private static final double ENOUGH = 0.6;

    /** How much the rest of a strip counts beside the end that is threaded. */
    private static final double A_REST = 0.1;

    /** In so many poses at the most a face is looked for. */
    private static final int MOST_POSES = 6;

    private final WorkedPlan card;
    private final Handwork work;
    private final FoldGraph graph;
    private final Materials materials;
    private final List<PencilMark> pencil;

    StepPictures(WorkedPlan card, Handwork work) {
        this.card = card;
        this.work = work;
        this.graph = card.form().graph();
        this.materials = new Materials(
                card.of(Stages.PIECE_STOCKS).stream().map(PieceStock::stockId).toList(),
                face -> card.grounds().under(face).stream().map(GlueArea::other).collect(Collectors.toSet()));
        this.pencil = PencilMark.of(graph);
    }

    /**
     * How things are when a step begins.
     *
     * @param made joins that are made
     * @param dressed faces whose layers are laid
     */
    record Before(Set<JoinId> made, Set<Face> dressed) {}

    /** What lies open on the board is not turned. */
    StepPicture of(BuildStep step, int reading, Before before, Turn turn) {
        List<Layer> laid = Scene.on(card.layers().all(), before.dressed());
        return step.subject() instanceof BuildStep.OfPieces pieces
                ? open(step, pieces, reading, laid)
                : shot(step, reading, before, laid)
                        .map(shot -> shot.turned(turn).picture())
                        .orElse(StepPicture.NONE);
    }

    private Optional<Shot> shot(BuildStep step, int reading, Before before, List<Layer> laid) {
        if (step.subject() instanceof BuildStep.OfFace one) {
            return Optional.of(
                    step.id().kind() == StepKind.LAY
                            ? laying(one.face(), reading, before, laid)
                            : face(one.face(), before, laid));
        }
        if (step.subject() instanceof BuildStep.OfJoin one) {
            return Optional.of(join(one.join(), reading, before, laid));
        }
        return step.id().kind() == StepKind.CHECK ? Optional.of(whole(reading, laid)) : Optional.empty();
    }

    private StepPicture open(BuildStep step, BuildStep.OfPieces pieces, int reading, List<Layer> laid) {
        int number = pieces.pieces().get(0);
        BuildStep.Reading read = step.readings().isEmpty()
                ? BuildStep.Reading.of("")
                : step.readings().get(Math.min(reading, step.readings().size() - 1));
        return new OpenPiece(card.pieces().get(number), materials.stocks().get(number), pieces.up(), pencil)
                .picture(read, laid);
    }

    /** The layers below it lie, it is lit. */
    private Shot laying(Face face, int reading, Before before, List<Layer> laid) {
        List<Layer> layers = card.layers().on(face);
        int last = Math.min(reading, layers.size() - 1);
        SampledPose pose = work.regions(face).stream()
                .flatMap(region -> work.reached(before.made(), face, region).stream())
                .findFirst()
                .orElseGet(() -> any(before.made(), face));
        return best(before.made(), face, pose, layers.get(last).shape().getArea(), scene -> {
            scene.drawn(laid);
            for (int i = 0; i <= last; i++) {
                scene.layer(layers.get(i), i == last ? Seen.LIT_LAYER : Seen.LAYER);
            }
        });
    }

    private SampledPose any(Set<JoinId> made, Face face) {
        return part(made, face).poses().get(0);
    }

    private Part part(Set<JoinId> made, Face face) {
        return work.partOf(made, graph.pieceOf().get(face.panel()));
    }

    /** Seen from where most of what is meant is seen, the first that is good enough. */
    private Shot best(Set<JoinId> made, Face face, SampledPose pose, double area, Consumer<Scene> draw) {
        return best(tilted(made, face, pose, draw).toList(), Shot::lit, area);
    }

    private Stream<Shot> tilted(Set<JoinId> made, Face face, SampledPose pose, Consumer<Scene> draw) {
        return Eye.Tilt.ALL.stream().map(tilt -> shot(made, face, pose, tilt, draw));
    }

    /** A shot is drawn when it is asked what is seen: none after one that is good enough. */
    private static Shot best(List<Shot> shots, ToDoubleFunction<Shot> seen, double area) {
        Shot best = null;
        double most = 0;
        for (Shot shot : shots) {
            double here = seen.applyAsDouble(shot);
            if (best == null || here > most) {
                best = shot;
                most = here;
            }
            if (most >= ENOUGH * area) {
                break;
            }
        }
        return requireNonNull(best);
    }

    private Shot shot(Set<JoinId> made, Face face, SampledPose pose, Eye.Tilt tilt, Consumer<Scene> draw) {
        Part part = part(made, face);
        return new Shot(
                part,
                pose,
                materials,
                Scene.eye(pose, Handwork.here(face, part), tilt),
                Comparator.naturalOrder(),
                draw);
    }

    /**
     * In the pose in which a hand comes there, from where it is seen; where that hides it from everywhere, in the one
     * of the others that shows most of it.
     */
    private Shot face(Face face, Before before, List<Layer> laid) {
        Polygon shape = graph.panels().get(face.panel()).shape();
        SampledPose reached = work.reached(before.made(), face, shape).orElseGet(() -> any(before.made(), face));
        List<Shot> shots = Stream.concat(Stream.of(reached), part(before.made(), face).poses().stream())
                .limit(MOST_POSES)
                .flatMap(pose -> tilted(before.made(), face, pose, scene -> scene.drawn(laid)))
                .toList();
        return best(shots, shot -> shot.seen(panel -> panel == face.panel()), shape.getArea());
    }

    /** Where glue goes; then how it lies when it is made. */
    private Shot join(JoinId join, int reading, Before before, List<Layer> laid) {
        Link.Glued link = graph.joins().get(work.joins().indexOf(join));
        List<GlueArea> glue = link.join().slides() ? List.of() : work.glue(join, before.made());
        if (reading < glue.size()) {
            GlueArea area = glue.get(reading);
            Face face = new Face(area.panel(), area.side());
            SampledPose pose =
                    work.reached(before.made(), face, area.shape()).orElseGet(() -> any(before.made(), face));
            return best(before.made(), face, pose, area.shape().getArea(), scene -> scene.drawn(laid)
                    .glue(face, area.shape()));
        }
        Set<JoinId> after = new LinkedHashSet<>(before.made());
        after.add(join);
        Optional<Handwork.Pressed> pressed = work.pressed(join, after);
        Face face = pressed.map(Handwork.Pressed::face)
                .orElse(new Face(link.from(), link.join().onSide()));
        SampledPose pose = pressed.map(Handwork.Pressed::pose).orElseGet(() -> any(after, face));
        return link.join().slides()
                ? threaded(after, face, pose, link, laid)
                : shot(after, face, pose, Eye.Tilt.ALL.get(0), scene -> scene.drawn(laid));
    }

    /** From where most of what is threaded is seen, its end before all the rest. */
    private Shot threaded(Set<JoinId> made, Face face, SampledPose pose, Link.Glued link, List<Layer> laid) {
        int strip = graph.pieceOf().get(link.to());
        Part part = part(made, face);
        return Stream.of(face, new Face(face.panel(), face.side().other()))
                .flatMap(from -> Eye.Tilt.ALL.stream().map(tilt -> Scene.eye(pose, Handwork.here(from, part), tilt)))
                // where all lies flat the tilts are one
                .distinct()
                .map(eye -> new Shot(part, pose, materials, eye, Comparator.naturalOrder(), scene -> scene.drawn(laid)))
                .max(Comparator.comparingDouble(shot -> shot.seen(panel -> panel == link.to())
                        + A_REST * shot.seen(panel -> graph.pieceOf().get(panel) == strip)))
                .orElseThrow();
    }

    /** Closed, or as it is displayed. */
    private Shot whole(int reading, List<Layer> laid) {
        boolean closed = reading == 0;
        List<Frame> frames = card.form().motion().frames();
        Frame frame = closed
                ? frames.get(frames.size() - 1)
                : card.form().display(card.structure().showing());
        List<Integer> fromBelow = card.form().fromBelow();
        Face face = closed ? front(fromBelow) : new Face(graph.base(), Side.FACE);
        Part part = part(new LinkedHashSet<>(work.joins()), face);
        SampledPose pose = new SampledPose(closed ? "Closed" : "As it stands", part.graph(), frame);
        return new Shot(
                part,
                pose,
                materials,
                Scene.eye(pose, Handwork.here(face, part), Eye.Tilt.ALL.get(0)),
                closed
                        ? Comparator.comparingInt(panel -> fromBelow.indexOf(part.inCard(panel)))
                        : Comparator.naturalOrder(),
                scene -> scene.drawn(laid));
    }

    /** All of the card from open to closed, always from the same place. */
    List<StepPicture> folding(int count) {
        List<Frame> frames = card.form().motion().frames();
        List<Integer> fromBelow = card.form().fromBelow();
        Part part = work.partOf(new LinkedHashSet<>(work.joins()), 0);
        Face base = Handwork.here(new Face(graph.base(), Side.FACE), part);
        Eye eye = Eye.at(frames.get(0).panels().get(base.panel()), Side.FACE, Eye.Tilt.ALL.get(0));
        List<StepPicture> pictures = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Frame frame = frames.get(Math.round((float) i * (frames.size() - 1) / (count - 1)));
            pictures.add(new Scene(
                            part,
                            new SampledPose("On its way", part.graph(), frame),
                            materials,
                            eye,
                            Comparator.comparingInt(panel -> fromBelow.indexOf(part.inCard(panel))))
                    .drawn(card.layers().all())
                    .picture("On its way"));
        }
        return pictures;
    }

    /** What looks up when it is closed. */
    private Face front(List<Integer> fromBelow) {
        int top = fromBelow.isEmpty() ? graph.base() : fromBelow.get(fromBelow.size() - 1);
        return Face.upward(top, card.form().closed().placed().get(top).motion());
    }

    /** How things are before each of some steps. */
    static List<Before> before(List<BuildStep> steps) {
        Set<JoinId> made = new LinkedHashSet<>();
        Set<Face> dressed = new LinkedHashSet<>();
        List<Before> all = new ArrayList<>();
        for (BuildStep step : steps) {
            all.add(new Before(new LinkedHashSet<>(made), new LinkedHashSet<>(dressed)));
            if (step.subject() instanceof BuildStep.OfJoin one && step.id().kind() != StepKind.TRIM) {
                made.add(one.join());
            }
            if (step.subject() instanceof BuildStep.OfFace one && step.id().kind() == StepKind.LAY) {
                dressed.add(one.face());
            }
        }
        return all;
    }
}
