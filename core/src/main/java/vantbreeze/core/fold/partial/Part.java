package vantbreeze.core.fold.partial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.motion.Swing;
import vantbreeze.core.length.Precision;

/** Pieces of a card that hang together while not all of its joins are made. */
public final class Part {

    /** Angles to which every hinge is swung by itself, degrees. */
    private static final double[] SWUNG = {90, -90, 170, -170};
    /** The card's own way from station to station is looked at in so many steps. */
    private static final int QUARTERS = 4;
    /** So many poses at the most are tried: a card of very many hinges is sampled by the first of them. */
    public static final int MOST_POSES = 240;

    private final Folding whole;
    private final List<Integer> pieces;
    private final FoldGraph graph;
    private final int[] panels;
    private final int[] hinges;
    private final Lazy<List<SampledPose>> poses = new Lazy<>(this::sampled);

    /**
     * @param pieces as they are counted in the card's assembly
     * @param graph of these pieces and the joins that are made between them
     */
    Part(Folding whole, List<Integer> pieces, FoldGraph graph) {
        this.whole = whole;
        this.pieces = List.copyOf(pieces);
        this.graph = graph;
        FoldGraph card = whole.graph();
        this.panels = IntStream.range(0, card.panels().size())
                .filter(panel -> pieces.contains(card.pieceOf().get(panel)))
                .toArray();
        this.hinges = card.hinges().stream()
                .filter(hinge -> pieces.contains(card.pieceOf().get(hinge.from())))
                .mapToInt(Link.Folded::index)
                .toArray();
    }

    /** Its pieces, as they are counted in the card's assembly. */
    public List<Integer> pieces() {
        return pieces;
    }

    /** Its panels, hinges and the joins that are made. */
    public FoldGraph graph() {
        return graph;
    }

    /** The card's number of one of its panels. */
    public int inCard(int panel) {
        return panels[panel];
    }

    /** Its form in a pose of the card. */
    public FoldedForm form(Pose ofCard) {
        return FoldedForm.of(graph, here(ofCard));
    }

    private Pose here(Pose ofCard) {
        return Pose.of(degrees(ofCard));
    }

    private double[] degrees(Pose ofCard) {
        List<Link.Folded> all = whole.graph().hinges();
        return IntStream.of(hinges)
                .mapToDouble(hinge -> ofCard.degreesAt(all.get(hinge)))
                .toArray();
    }

    /**
     * How many hinges could be moved freely, each on its own. Where all lies in one plane more of them seem to be free
     * than are; so the least of all poses that it can take counts.
     */
    public int freedom() {
        Swing still = new Swing(graph, link -> 0);
        return poses.get().stream()
                .mapToInt(pose -> still.freedom(pose.frame()))
                .min()
                .orElse(0);
    }

    /**
     * Poses that it can take: laid flat, as the card stands and closes, and from there every scored hinge by itself
     * swung to a quarter and to nearly a half turn, either way. In each all loops that there are stay closed.
     */
    public List<SampledPose> poses() {
        return poses.get();
    }

    /**
     * Poses that it can take, and those of a part with more joins of which this is a part: what more joins let go,
     * fewer do.
     *
     * @param more all pieces of the card with all joins made, say
     */
    public List<SampledPose> poses(Part more) {
        if (more == this) {
            return poses();
        }
        List<Integer> panelsThere = IntStream.of(more.panels).boxed().toList();
        List<Integer> hingesThere = IntStream.of(more.hinges).boxed().toList();
        int[] panelAt = IntStream.of(panels).map(panelsThere::indexOf).toArray();
        int[] hingeAt = IntStream.of(hinges).map(hingesThere::indexOf).toArray();
        Stream<SampledPose> there = more.poses().stream()
                .map(pose -> new SampledPose(
                        pose.name(),
                        graph,
                        new Frame(
                                IntStream.of(hingeAt)
                                        .mapToObj(pose.frame().degrees()::get)
                                        .toList(),
                                IntStream.of(panelAt)
                                        .mapToObj(pose.frame().panels()::get)
                                        .toList(),
                                pose.frame().gap())));
        return Stream.concat(poses().stream(), there).toList();
    }

    private List<SampledPose> sampled() {
        List<SampledPose> found = new ArrayList<>();
        Swing unslid = new Swing(graph, link -> 0);
        Frame flat = unslid.at(new double[hinges.length]);
        List<Start> starts = new ArrayList<>();
        if (isClosed(flat)) {
            found.add(new SampledPose("Laid flat", graph, flat));
            starts.add(new Start(unslid, flat));
        }
        for (int leg = 0; leg + 1 < whole.stations().size(); leg++) {
            for (int quarter = 0; quarter <= QUARTERS; quarter++) {
                own(leg, (double) quarter / QUARTERS, found, starts);
            }
        }
        for (Link.Folded hinge : graph.hinges()) {
            List<Start> begun = new ArrayList<>(firstAndMiddle(starts));
            for (double degrees : SWUNG) {
                if (found.size() < MOST_POSES && hinge.hinge().fold() != Fold.BEND) {
                    Optional<Start> there = swung(hinge.index(), degrees, begun);
                    there.ifPresent(begun::add);
                    there.map(reached -> new SampledPose(
                                    "%s swung".formatted(graph.name(hinge.to())), graph, reached.frame()))
                            .ifPresent(found::add);
                }
            }
        }
        return List.copyOf(found);
    }

    /** Of poses in turn two that differ, where there are two: from one of them a loop mostly lets go. */
    static <T> List<T> firstAndMiddle(List<T> starts) {
        return IntStream.of(0, starts.size() / 2)
                .distinct()
                .filter(i -> i < starts.size())
                .mapToObj(starts::get)
                .toList();
    }

    /** A pose to swing from. */
    private record Start(Swing swing, Frame frame) {}

    /**
     * A pose that the card goes through: all of its loops are closed there, so those that there are already are too.
     */
    private void own(int leg, double part, List<SampledPose> found, List<Start> starts) {
        Pose first = whole.stations().get(leg).pose();
        Pose last = whole.stations().get(leg + 1).pose();
        Motion motion = whole.motion();
        int legs = whole.stations().size() - 1;
        Frame card = motion.frame((int) Math.round((leg + part) * (motion.length() - 1) / legs));
        Swing swing =
                new Swing(graph, link -> first.travelAt(link) + part * (last.travelAt(link) - first.travelAt(link)));
        Frame here = swing.at(IntStream.of(hinges)
                .mapToDouble(hinge -> card.degrees().get(hinge))
                .toArray());
        if (isClosed(here)
                && found.stream().noneMatch(one -> one.frame().degrees().equals(here.degrees()))) {
            String name = part == 0 || part == 1
                    ? whole.stations().get(part == 0 ? leg : leg + 1).name()
                    : "On the way to %s".formatted(whole.stations().get(leg + 1).name());
            found.add(new SampledPose(name, graph, here));
            starts.add(new Start(swing, here));
        }
    }

    /** From the nearest pose that lets it; where all lies in one plane, loops may not let go. */
    private static Optional<Start> swung(int hinge, double degrees, List<Start> starts) {
        return starts.stream()
                .sorted(Comparator.comparingDouble(
                        start -> Math.abs(start.frame().degrees().get(hinge) - degrees)))
                .flatMap(start -> start.swing().to(start.frame(), hinge, degrees).stream()
                        .map(frame -> new Start(start.swing(), frame)))
                .findFirst();
    }

    private static boolean isClosed(Frame frame) {
        return frame.gap() <= Precision.CLOSES;
    }
}
