package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Once;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.structure.Station;

/** All that follows about the folded card; each part is worked out when it is first looked at. */
public final class WorkedForm {

    private final FoldGraph graph;
    private final List<Station> stations;
    private final Motion motion;
    private final Pose flat;
    private final FoldedForm closed;
    private final long most;
    private final Once<LayerOrders> orders;
    private final Once<Ordering> ordering;
    private final Once<List<Integer>> fromBelow;
    private final Once<Grounds> grounds;
    private final Once<List<FoldedForm>> flats;

    /**
     * @param graph its panels, piece by piece, and what holds them together
     * @param flat the pose in which it is closed
     * @param motion through all stations, the last frame closed
     * @param stations the poses it goes through, evenly along the motion
     * @param most what may be spent on the order of its panels
     */
    WorkedForm(FoldGraph graph, Pose flat, Motion motion, List<Station> stations, long most) {
        this.graph = graph;
        this.most = most;
        this.flat = flat;
        this.motion = motion;
        this.stations = List.copyOf(stations);
        this.closed = FoldedForm.of(graph, flat);
        this.orders = new Once<>(() -> LayerOrders.of(closed, flat));
        this.ordering = new Once<>(() -> orders.get().decide(most));
        this.fromBelow = new Once<>(() -> canLie() ? ordering.get().order().fromBelow() : List.of());
        this.grounds = new Once<>(() -> Grounds.of(graph, bent()));
        this.flats = new Once<>(this::lyingFlat);
    }

    /** Its panels, piece by piece, and what holds them together. */
    public FoldGraph graph() {
        return graph;
    }

    /** The pose in which it is closed. */
    public Pose flat() {
        return flat;
    }

    /** Where every panel is then. */
    public FoldedForm closed() {
        return closed;
    }

    /** How its panels then lie on one another, or what stands in the way. */
    public LayerOrders orders() {
        return orders.get();
    }

    /** Whether its panels can then lie on one another, and how. */
    public Ordering ordering() {
        return ordering.get();
    }

    /** Whether its panels can lie on one another in another flat pose, and how. */
    Ordering orderingIn(FoldedForm lying, Pose pose) {
        return LayerOrders.of(lying, pose).decide(most);
    }

    /** Whether its panels can then lie on one another, as far as is known. */
    public boolean canLie() {
        return ordering().verdict() != Ordering.Verdict.IMPOSSIBLE;
    }

    /** The panels when closed, the lowest first; empty when it can't be folded so. */
    public List<Integer> fromBelow() {
        return fromBelow.get();
    }

    /** Through all stations, the last frame closed. */
    public Motion motion() {
        return motion;
    }

    /** The poses it goes through, evenly along the motion. */
    public List<Station> stations() {
        return stations;
    }

    /** Where its panels can be dressed. */
    public Grounds grounds() {
        return grounds.get();
    }

    /** The poses in which it lies flat, the closed one first. */
    public List<FoldedForm> flats() {
        return flats.get();
    }

    /** The moment that shows best what the card is. */
    public Frame display(double showing) {
        return motion.frame((int) Math.round(showing * (motion.length() - 1)));
    }

    /** Whether all its folds are open or closed in a pose. */
    boolean isFlat(Pose pose) {
        return graph.hinges().stream()
                .mapToDouble(link -> Math.abs(pose.degreesAt(link)))
                .allMatch(degrees -> degrees == 0 || degrees == 180);
    }

    private List<FoldedForm> lyingFlat() {
        List<FoldedForm> lying = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            if (isFlat(stations.get(i).pose())) {
                lying.add(
                        0,
                        i == stations.size() - 1
                                ? closed
                                : FoldedForm.of(graph, stations.get(i).pose()));
            }
        }
        return List.copyOf(lying);
    }

    /** The places that are not scored and bend in some pose. */
    private Set<Integer> bent() {
        return graph.hinges().stream()
                .filter(link -> link.hinge().fold() == Fold.BEND)
                .filter(link -> stations.stream()
                        .anyMatch(station -> Math.abs(station.pose().degreesAt(link)) > 0.5))
                .map(Link.Folded::index)
                .collect(Collectors.toSet());
    }
}
