package vantbreeze.core.fold.folding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.paper.Size;

/**
 * How a card folds: its poses, the way between them, and how it lies when it is closed. Each part is worked out when it
 * is first looked at.
 */
public final class Folding {

    private final FoldGraph graph;
    private final List<Station> stations;
    private final Motion motion;
    private final Pose flat;
    private final FoldedForm closed;
    private final long most;
    private final Lazy<LayerOrders> orders;
    private final Lazy<Ordering> ordering;
    private final Lazy<List<Integer>> fromBelow;
    private final Lazy<List<Optional<FoldedForm>>> atStations;
    private final Lazy<List<Optional<LayerOrder>>> ordersAtStations;

    /** Steps shown between flat and closed. */
    private static final int FRAMES = 16;
    /**
     * Steps from one pose to the next at the least: half a turn in steps of an eighth of it misses no collision that is
     * seen.
     */
    private static final int LEAST_STEPS = 8;

    private Folding(FoldGraph graph, Pose flat, Motion motion, List<Station> stations, long most) {
        this.graph = graph;
        this.most = most;
        this.flat = flat;
        this.motion = motion;
        this.stations = List.copyOf(stations);
        this.closed = FoldedForm.of(graph, flat);
        this.orders = new Lazy<>(() -> LayerOrders.of(closed, flat));
        this.ordering = new Lazy<>(() -> isClosedFlat() ? orders.get().decide(most) : Ordering.standing(closed));
        this.fromBelow = new Lazy<>(() -> canLie() ? ordering.get().order().fromBelow() : List.of());
        this.atStations = new Lazy<>(this::lyingFlat);
        this.ordersAtStations = new Lazy<>(this::ordersLyingFlat);
    }

    /**
     * How a card folds.
     *
     * @param graph its panels, piece by piece, and what holds them together
     * @param flat the pose in which it is closed; of a box one in which it stands
     * @param stations the poses it goes through, the last of them closed; evenly along its motion
     * @param lean how far it leans when it is displayed, as {@link Motion#leaning}
     * @param most what may be spent on the order of its panels, steps of {@link LayerOrders}
     */
    public static Folding of(FoldGraph graph, Pose flat, List<Station> stations, double lean, long most) {
        Motion motion = Motion.through(
                        graph,
                        stations.stream().map(Station::pose).toList(),
                        Math.max(LEAST_STEPS, FRAMES / (stations.size() - 1)))
                .leaning(lean);
        return new Folding(graph, flat, motion, stations, most);
    }

    /** The same with this much to be spent on the order of its panels. */
    public Folding within(long steps) {
        return new Folding(graph, flat, motion, stations, steps);
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

    /**
     * How its panels lie on one another at a station, told by its place among them; none where it does not lie flat
     * there, or can't.
     */
    public Optional<LayerOrder> orderAt(int station) {
        return ordersAtStations.get().get(station);
    }

    private List<Optional<LayerOrder>> ordersLyingFlat() {
        List<Optional<LayerOrder>> found = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            Pose pose = stations.get(i).pose();
            boolean isClosed = i == stations.size() - 1;
            found.add(formAt(i)
                    .flatMap(form ->
                            (isClosed ? ordering() : LayerOrders.of(form, pose).decide(most)).ifLying()));
        }
        return List.copyOf(found);
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

    /** The poses in which it lies flat, the closed one first. */
    public List<FoldedForm> flats() {
        List<FoldedForm> flats = new ArrayList<>();
        for (Optional<FoldedForm> form : atStations.get()) {
            form.ifPresent(one -> flats.add(0, one));
        }
        return List.copyOf(flats);
    }

    /** The moment that shows best what the card is. */
    public Frame display(double showing) {
        return motion.frame((int) Math.round(showing * (motion.length() - 1)));
    }

    /** How it lies at a station, told by its place among them; none where it stands. */
    public Optional<FoldedForm> formAt(int station) {
        return atStations.get().get(station);
    }

    /** How large it is at a station, told by its place among them, where it lies flat; none where it stands. */
    public Optional<Size> flatSize(int station) {
        return formAt(station).map(FoldedForm::footprint);
    }

    /** Whether all its folds are open or closed in a pose. */
    public boolean isFlat(Pose pose) {
        return graph.isFlat(pose);
    }

    /** Whether it lies flat when it is closed: a box stands. */
    public boolean isClosedFlat() {
        return isFlat(flat);
    }

    /** At each station, where it lies flat there. */
    private List<Optional<FoldedForm>> lyingFlat() {
        List<Optional<FoldedForm>> lying = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            Pose pose = stations.get(i).pose();
            boolean isClosed = i == stations.size() - 1;
            lying.add(isFlat(pose) ? Optional.of(isClosed ? closed : FoldedForm.of(graph, pose)) : Optional.empty());
        }
        return List.copyOf(lying);
    }

    /** The places that are not scored and bend in some pose. */
    public Set<Integer> bent() {
        return graph.hinges().stream()
                .filter(link -> link.hinge().fold() == Fold.BEND)
                .filter(link -> stations.stream()
                        .anyMatch(station -> Math.abs(station.pose().degreesAt(link)) > 0.5))
                .map(Link.Folded::index)
                .collect(Collectors.toSet());
    }
}
