package vantbreeze.core.fold.sight;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.paper.Cardstock;

/** Every side of every panel that is seen somewhere on the card's way, where first, and which way is up on it there. */
public final class Sights {

    /** From before and a little above and to the left, as one sits at a table. */
    static final Vector3D BEFORE = new Vector3D(-0.3, 0.35, 1);

    static final Vector3D BEHIND = new Vector3D(0.3, 0.35, -1);
    /** A panel that lies so nearly level that its up can't be told shows it in another pose: the sine of its slope. */
    private static final double LEVEL = 0.2;

    /** The names of the card's panels. */
    private final List<String> panels;

    private final List<Showing> poses;
    private final Map<Face, Seen> seen;

    /**
     * Where a face is seen.
     *
     * @param pose what a maker calls it
     * @param behind whether only from behind
     * @param up which way is up on its sheet, degrees anticlockwise from across
     */
    public record Seen(String pose, boolean behind, double up) {}

    private Sights(Folding form, double showing) {
        FoldGraph graph = form.graph();
        this.panels = graph.panels().stream().map(Panel::name).toList();
        List<Look> looks = new ArrayList<>();
        int legs = form.stations().size() - 1;
        Frame displayed = form.display(showing);
        looks.add(new Look(
                new Showing(
                        "Displayed", InSight.from(graph, displayed, BEFORE), InSight.from(graph, displayed, BEHIND)),
                displayed.panels()));
        for (int i = 0; i <= legs; i++) {
            Station station = form.stations().get(i);
            Optional<FoldedForm> flat = form.formAt(i);
            if (flat.isPresent()) {
                form.orderAt(i)
                        .map(order -> flat(flat.get(), order, station.name()))
                        .ifPresent(looks::add);
            } else {
                Frame frame = form.motion().frame(i * (form.motion().length() - 1) / legs);
                looks.add(new Look(
                        new Showing(
                                station.name(), InSight.from(graph, frame, BEFORE), InSight.from(graph, frame, BEHIND)),
                        frame.panels()));
            }
        }
        this.poses = looks.stream().map(Look::showing).toList();
        this.seen = Collections.unmodifiableMap(seen(looks));
    }

    private record Look(Showing showing, List<Rigid> panels) {}

    /**
     * What is seen of a card.
     *
     * @param showing which moment of its motion it is displayed at, 0 to 1
     */
    public static Sights of(Folding form, double showing) {
        return new Sights(form, showing);
    }

    /** Whether these are the sights of a card with the same panels. */
    public boolean areOf(Folding form) {
        return panels.equals(form.graph().panels().stream().map(Panel::name).toList());
    }

    /** As displayed and then at every station; the last is closed. */
    public List<Showing> poses() {
        return poses;
    }

    /** Where a face is seen first: closed, then displayed, then on the way, from before rather than from behind. */
    public Optional<Seen> of(Face face) {
        return Optional.ofNullable(seen.get(face));
    }

    /** Which way is up on a face's sheet; as the sheet lies where it is never seen. */
    public double up(Face face) {
        return of(face).map(Seen::up).orElse(90.0);
    }

    /** Names of the poses in which a face is seen. */
    public List<String> posesOf(Face face) {
        return poses.stream()
                .filter(showing -> showing.front().faces().contains(face)
                        || showing.behind().faces().contains(face))
                .map(Showing::pose)
                .toList();
    }

    private static Map<Face, Seen> seen(List<Look> looks) {
        List<Look> inTurn = new ArrayList<>();
        inTurn.add(looks.get(looks.size() - 1));
        inTurn.addAll(looks.subList(0, looks.size() - 1));
        Map<Face, Seen> seen = new LinkedHashMap<>();
        Map<Face, Seen> level = new LinkedHashMap<>();
        for (boolean behind : new boolean[] {false, true}) {
            for (Look look : inTurn) {
                for (Face face : new TreeSet<>(
                        (behind ? look.showing().behind() : look.showing().front()).faces())) {
                    Rigid back = look.panels().get(face.panel()).inverse();
                    double up = Math.toDegrees(Math.atan2(back.yy(), back.xy()));
                    Map<Face, Seen> where = Math.hypot(back.xy(), back.yy()) > LEVEL ? seen : level;
                    where.putIfAbsent(face, new Seen(look.showing().pose(), behind, up));
                }
            }
        }
        level.forEach(seen::putIfAbsent);
        return seen;
    }

    private static Look flat(FoldedForm flat, LayerOrder order, String name) {
        List<Cardstock> any =
                Collections.nCopies(flat.graph().assembly().pieces().size(), Cardstock.of("card", 300));
        BulkMap bulk = BulkMap.of(flat, any, List.of(), order);
        return new Look(
                new Showing(name, InSight.fromAbove(flat, bulk), InSight.fromBelow(flat, bulk)),
                flat.placed().stream().map(placed -> placed.motion()).toList());
    }
}
