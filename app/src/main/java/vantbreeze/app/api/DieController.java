package vantbreeze.app.api;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.DieFrame;
import vantbreeze.core.die.Dies;
import vantbreeze.core.edit.TriedDies;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.DieStacks;
import vantbreeze.core.plan.WorkedPlan;

/** What the dies and punches on hand are good for. */
@RestController
class DieController {

    /** Most that are shown at once; a maker looks through no more. */
    private static final int MOST = 24;

    /**
     * A die.
     *
     * @param size one figure where it is as wide as high
     * @param nest which it belongs to
     * @param corners its outline, its lower left corner at nil
     */
    public record DieView(
            String shape, SizeView size, boolean even, String nest, boolean punch, List<PointView> corners) {

        static DieView of(Die die, Ruler ruler) {
            return new DieView(
                    die.shape().label(),
                    SizeView.of(die.size(), Die.shownOn(die.size(), ruler)),
                    die.shape().isEven() || die.size().width().equals(die.size().height()),
                    die.nest().name(),
                    die.nest().punch(),
                    ShapeView.of(die.shape().outline(die.size())).corners());
        }
    }

    /** Dies that go into one another, the largest first, and the border that each leaves. */
    public record FrameView(List<DieView> dies, FigureView border) {

        static FrameView of(DieFrame frame, Ruler ruler) {
            return new FrameView(
                    frame.dies().stream().map(die -> DieView.of(die, ruler)).toList(), figure(frame.border(), ruler));
        }
    }

    /**
     * What dies could cut for a panel.
     *
     * @param kept whether there are any dies at all
     * @param single one layer each, the largest first
     * @param frames two or three layers one on another
     */
    public record DieStacksView(boolean kept, List<DieStackView> single, List<DieStackView> frames) {}

    /** Layers that dies cut, and how they are laid, from below. */
    public record DieStackView(List<DieView> dies, @Nullable FigureView border, List<LayersView.ChosenLayer> layers) {}

    /**
     * Parts of a card that dies could cut.
     *
     * @param kept whether there are any dies at all
     */
    public record DieOffersView(boolean kept, List<DieOfferView> offers) {}

    /**
     * Parts of a card that dies cut once it measures so.
     *
     * @param words what else follows
     * @param steps what is to be set
     * @param inForce whether it measures so already
     * @param against why it does not go; empty when nothing speaks against it
     */
    public record DieOfferView(
            List<PartView> parts,
            String words,
            List<EditController.StepCommand> steps,
            boolean inForce,
            String against) {}

    /** A part and its die. */
    public record PartView(String name, DieView die) {}

    private final Drawer drawer;
    private final StockRoom stock;

    DieController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    /** Which two leave a ring so wide. */
    @GetMapping("/api/stock/dies/rings")
    List<FrameView> rings(@RequestParam String ruler, @RequestParam String border) {
        Written written = Written.on(ruler);
        Length band = written.measure("border", border);
        if (!band.isPositive()) {
            throw new ValidationException("border", "A ring has a width. Type it, like 1/4 in or 6 mm.");
        }
        return dies().rings(band, MOST).stream()
                .map(frame -> FrameView.of(frame, written.ruler()))
                .toList();
    }

    /** Which three go into one another with an even border. */
    @GetMapping("/api/stock/dies/frames")
    List<FrameView> frames(@RequestParam String ruler) {
        Ruler inForce = Written.on(ruler).ruler();
        return Dies.frames(3, dies().all()).stream()
                .limit(MOST)
                .map(frame -> FrameView.of(frame, inForce))
                .toList();
    }

    /** What they could cut to lay on a face. */
    @GetMapping("/api/cards/{id}/layers/dies")
    DieStacksView stacks(@PathVariable UUID id, @RequestParam int panel, @RequestParam boolean face) {
        WorkedPlan worked = drawer.card(id).worked();
        Ruler ruler = worked.plan().ruler();
        if (panel < 0 || panel >= worked.form().graph().panels().size()) {
            throw new ValidationException("panel", "That panel is not there any more. Look again.");
        }
        DieStacks stacks = DieStacks.of(new Face(panel, face ? Side.FACE : Side.BACK), worked, stock.workshop());
        return new DieStacksView(
                !dies().nests().isEmpty(), views(stacks.single(), ruler), views(stacks.frames(), ruler));
    }

    private static List<DieStackView> views(List<DieStacks.Stack> stacks, Ruler ruler) {
        return stacks.stream().limit(MOST).map(one -> view(one, ruler)).toList();
    }

    private static DieStackView view(DieStacks.Stack stack, Ruler ruler) {
        return new DieStackView(
                stack.frame().dies().stream().map(die -> DieView.of(die, ruler)).toList(),
                stack.frame().border().isPositive() ? figure(stack.frame().border(), ruler) : null,
                stack.layers().stream()
                        .map((LayerChoice layer) -> LayersView.ChosenLayer.of(layer, ruler))
                        .toList());
    }

    /** Which of its parts they could cut. */
    @GetMapping("/api/cards/{id}/dies")
    DieOffersView offers(@PathVariable UUID id) {
        WorkedPlan worked = drawer.card(id).worked();
        Ruler ruler = worked.plan().ruler();
        return new DieOffersView(
                !dies().nests().isEmpty(),
                TriedDies.of(worked, stock.workshop()).stream()
                        .map(tried -> new DieOfferView(
                                tried.offer().parts().stream()
                                        .map(part -> new PartView(part.name(), DieView.of(part.die(), ruler)))
                                        .toList(),
                                tried.words(),
                                tried.steps().stream()
                                        .map(step -> new EditController.StepCommand(step.field(), step.text()))
                                        .toList(),
                                tried.inForce(),
                                tried.against()))
                        .toList());
    }

    private Dies dies() {
        return stock.workshop().tools().dies();
    }

    /** On the ruler, or exactly where it has no mark: half the difference of two dies may lie between two. */
    private static FigureView figure(Length length, Ruler ruler) {
        return ruler.marks(length)
                ? FigureView.of(length, ruler)
                : FigureView.of(length, Die.shownOn(new Size(length, length), ruler));
    }
}
