package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.plan.WorkedPlan;

/**
 * How a card folds.
 *
 * @param closed the panels as they lie in the closed card, the lowest first
 * @param frames for each step from open to closed, for each panel, a column-major 4 × 4 matrix
 * @param showing how far closed it shows best what it is
 * @param stations the poses it goes through
 * @param lies whether it is displayed lying; otherwise it stands
 */
public record FormView(
        List<ClosedPanelView> closed,
        List<List<double[]>> frames,
        double showing,
        List<StationView> stations,
        boolean lies) {

    /**
     * A pose that a maker has a name for.
     *
     * @param at how far along the motion it is, from 0 to 1
     * @param flat how large it is there, where it lies flat in another size than closed; null elsewhere, and where
     *     there are no poses to choose from but open and closed
     * @param stack its panels there, the lowest first, where it lies flat before it is closed; null elsewhere, and
     *     while a line is dragged
     */
    public record StationView(String name, double at, @Nullable SizeView flat, @Nullable List<Integer> stack) {}

    /**
     * A panel in the closed card, by its number.
     *
     * @param faceUp whether its decorated side is seen
     * @param laid from its sheet to the closed card: six numbers of a plane affine map, in the order of SVG's matrix()
     */
    @SuppressWarnings("ArrayRecordComponent") // sixteen numbers to be sent; never compared
    public record ClosedPanelView(
            int panel, boolean faceUp, List<PointView> corners, List<List<PointView>> holes, double[] laid) {}

    static FormView of(WorkedPlan worked) {
        return of(worked, worked.form().motion().frames(), true);
    }

    /**
     * The same with the one step that is looked at, so far closed: the rest need not be sent while a line is dragged.
     */
    static FormView glimpsed(WorkedPlan worked, double closed) {
        return of(worked, List.of(worked.form().display(Math.max(0, Math.min(1, closed)))), false);
    }

    private static FormView of(WorkedPlan worked, List<Frame> frames, boolean stacked) {
        Folding form = worked.form();
        List<Lift> lifts = Lift.of(form.graph());
        double left = form.closed().left();
        double bottom = form.closed().bottom();
        return new FormView(
                form.fromBelow().stream()
                        .map(panel -> closed(form.closed(), panel, left, bottom))
                        .toList(),
                frames.stream().map(frame -> frame(frame, lifts)).toList(),
                worked.structure().showing(),
                stations(worked, stacked),
                worked.structure().lies());
    }

    private static List<StationView> stations(WorkedPlan worked, boolean stacked) {
        Folding form = worked.form();
        int legs = form.stations().size() - 1;
        return IntStream.rangeClosed(0, legs)
                .mapToObj(i -> new StationView(
                        form.stations().get(i).name(),
                        (double) i / legs,
                        legs > 1 ? flat(worked, i) : null,
                        stacked && i < legs
                                ? form.orderAt(i).map(LayerOrder::fromBelow).orElse(null)
                                : null))
                .toList();
    }

    private static @Nullable SizeView flat(WorkedPlan worked, int station) {
        return worked.form()
                .flatSize(station)
                .filter(size -> !size.equals(worked.footprint()))
                .map(size -> SizeView.of(size, worked.ruler()))
                .orElse(null);
    }

    /** The matrices of the step that shows best what the card is. */
    static List<double[]> showing(WorkedPlan worked) {
        return frame(
                worked.form().display(worked.structure().showing()),
                Lift.of(worked.form().graph()));
    }

    /** The panels of the whole card as they lie on their sheets. */
    static List<ShapeView> panels(WorkedPlan worked) {
        return worked.form().graph().panels().stream().map(ShapeView::of).toList();
    }

    /** The matrices of one step. */
    private static List<double[]> frame(Frame frame, List<Lift> lifts) {
        List<Rigid> placed = new ArrayList<>(frame.panels());
        lifts.forEach(lift -> lift.apply(placed, frame.panels().get(lift.glued())));
        return placed.stream().map(FormView::matrix).toList();
    }

    /** A motion as a column-major 4 × 4 matrix. */
    static double[] matrix(Rigid motion) {
        return Arrays.stream(motion.columns()).map(FormView::toAMillionth).toArray();
    }

    /**
     * What is glued on something, drawn as far off it as its paper or the foam beneath: the panel, or all of its piece
     * where nothing else of that is glued.
     *
     * @param glued the panel that is glued
     * @param off towards its decorated side, mm
     */
    private record Lift(int glued, List<Integer> panels, double off) {

        static List<Lift> of(FoldGraph graph) {
            List<Lift> lifts = new ArrayList<>();
            for (Link.Glued link : graph.joins()) {
                if (!link.join().slides()) {
                    double off = Math.max(PAPER, link.join().foam().millimetres());
                    lifts.add(new Lift(
                            link.to(),
                            isOnly(link, graph) ? panels(link.to(), graph) : List.of(link.to()),
                            link.join().gluedSide() == Side.BACK ? off : -off));
                }
            }
            return lifts;
        }

        private static boolean isOnly(Link.Glued link, FoldGraph graph) {
            int piece = graph.pieceOf().get(link.to());
            return graph.joins().stream()
                            .filter(other -> graph.pieceOf().get(other.to()) == piece)
                            .count()
                    == 1;
        }

        private static List<Integer> panels(int panel, FoldGraph graph) {
            return IntStream.range(0, graph.panels().size())
                    .filter(other ->
                            graph.pieceOf().get(other).equals(graph.pieceOf().get(panel)))
                    .boxed()
                    .toList();
        }

        void apply(List<Rigid> placed, Rigid glued) {
            Vector3D origin = glued.apply(0, 0, 0);
            Vector3D by = glued.apply(0, 0, off).subtract(origin);
            panels.forEach(panel -> placed.set(panel, placed.get(panel).shifted(by.getX(), by.getY(), by.getZ())));
        }
    }

    private static ClosedPanelView closed(FoldedForm form, int panel, double left, double bottom) {
        PlacedPanel placed = form.placed().get(panel);
        ShapeView shape = ShapeView.of(placed.shadow(), left, bottom);
        Rigid motion = placed.motion();
        double[] laid = Arrays.stream(new double[] {
                    motion.xx(), motion.yx(), motion.xy(), motion.yy(), motion.dx() - left, motion.dy() - bottom
                })
                .map(FormView::toAMillionth)
                .toArray();
        return new ClosedPanelView(panel, motion.showsFace(), shape.corners(), shape.holes(), laid);
    }

    /** As much as shows which of two papers is before the other, mm. */
    private static final double PAPER = 0.6;

    /** Finer than any screen, and shorter to send. */
    private static double toAMillionth(double number) {
        return Math.round(number * 1e6) / 1e6;
    }
}
