package vantbreeze.app.api;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cutting.CutKeeping;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.OtherPlans;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.CutDone;
import vantbreeze.core.plan.WorkedPlan;

/**
 * How a card is cut.
 *
 * @param isDone whether it is worked out; else what is here is the best so far
 * @param wasStopped whether the maker stopped it
 * @param share how much of the work is done, 0 to 1
 * @param papers paper by paper
 * @param pinned how many pieces lie where they were put
 * @param done when it was cut, the last first
 */
public record CuttingView(
        int revision,
        boolean isDone,
        boolean wasStopped,
        double share,
        boolean offcutsFirst,
        CutWishes.Grain grain,
        FigureView squared,
        int pinned,
        List<DoneView> done,
        List<PaperCutView> papers) {

    /**
     * That it was cut.
     *
     * @param words like "28 Nov: 2 sheets taken, 1 offcut put in"
     * @param offcuts how many offcuts it left
     */
    public record DoneView(String id, String words, int offcuts) {

        static DoneView of(CutDone done) {
            int sheets =
                    done.taken().values().stream().mapToInt(Integer::intValue).sum();
            int offcuts = done.offcuts().size();
            return new DoneView(
                    done.id(),
                    String.format(
                            Locale.ROOT,
                            "%s: %s taken from your papers, %s put in",
                            CutKeeping.inWords(done.day()),
                            sheets == 0 ? "no sheet" : sheets == 1 ? "1 sheet" : sheets + " sheets",
                            offcuts == 0
                                    ? "no offcut"
                                    : offcuts == 1 ? "1 kind of offcut" : offcuts + " kinds of offcuts"),
                    offcuts);
        }
    }

    /**
     * What is cut from one paper.
     *
     * @param paper id of the paper
     * @param took in words: "1 sheet of A4"
     * @param known in words, whether fewer would do: "no plan takes less"
     * @param pinsCost in words what the pins cost; left out where they cost nothing
     * @param otherwise in words what it takes with nothing decided by hand; left out where that is the same
     * @param warnings in words, what is in the way
     * @param offers pieces larger than every sheet that could be joined from parts
     * @param seams where pieces are joined from parts
     * @param notes in words, what to know of the plan
     * @param heavy whether its grain matters
     * @param largestRest the largest rectangle left over, if anything is
     */
    public record PaperCutView(
            String paper,
            String name,
            String took,
            String known,
            @Nullable String pinsCost,
            @Nullable String otherwise,
            List<String> warnings,
            List<JoinOfferView> offers,
            List<SeamView> seams,
            List<String> notes,
            boolean heavy,
            @Nullable SizeView largestRest,
            List<SheetChoiceView> sheets,
            List<BlankView> blanks,
            List<StackView> stacks,
            List<CutStepView> steps) {}

    /**
     * That a piece could be joined from parts.
     *
     * @param blank its number among the blanks of the paper
     * @param label what doing so is called on a button
     * @param words how it would be
     */
    public record JoinOfferView(int blank, String label, String words) {}

    /**
     * Where a piece is joined from parts.
     *
     * @param piece its name, and the how-manieth of that name it is
     * @param seam which of its seams
     * @param words how its parts lie and where the seams show; of the first seam only
     * @param at where the part before it ends
     * @param from the edge that this is from: "left edge"
     * @param isLost whether it lies across a fold by now, so that the piece is cut whole
     */
    public record SeamView(String piece, int nth, int seam, String words, FigureView at, String from, boolean isLost) {}

    /**
     * A sheet that could be cut.
     *
     * @param words how many there are and what one costs
     * @param use what the maker says of it; left out for as it comes
     * @param used how many the plan takes
     * @param listed whether it is listed for this paper, or the one assumed for it
     */
    public record SheetChoiceView(
            String id, String name, SizeView size, String words, @Nullable SheetUse use, int used, boolean listed) {}

    /**
     * Blanks cut alike.
     *
     * @param label its number on the list of layers, or its piece
     * @param panels numbers of the panels that each becomes, or lies on
     */
    public record BlankView(
            String label,
            boolean numbered,
            int count,
            SizeView size,
            boolean turns,
            String where,
            List<Integer> panels) {}

    /**
     * Sheets cut alike.
     *
     * @param first its number among all sheets of this paper
     * @param nth as pins count it; 0 where nothing is pinned
     * @param size the whole sheet
     * @param trimMm trimmed off each edge; all places are from the corner that is left
     */
    public record StackView(
            int first,
            int sheets,
            String sheet,
            String name,
            int nth,
            SizeView size,
            double trimMm,
            List<LaidView> blanks,
            List<RestView> rests) {}

    /**
     * A blank where it lies.
     *
     * @param blank its number among the blanks of the paper
     * @param copy which of those alike
     * @param corners millimetres from the lower left corner
     */
    public record LaidView(
            int blank,
            int copy,
            boolean pinned,
            boolean turned,
            boolean shared,
            AreaView area,
            List<PointView> corners,
            List<List<PointView>> holes) {}

    /** A rectangle, millimetres. */
    public record AreaView(double x, double y, double width, double height) {
        static AreaView of(CutArea area) {
            return new AreaView(mm(area.x()), mm(area.y()), mm(area.width()), mm(area.height()));
        }
    }

    /** What is left over. */
    public record RestView(AreaView area, SizeView size) {}

    /**
     * One step.
     *
     * @param isSet whether the fence stands there from the step before
     * @param stack on which stack, −1 for none
     * @param areas where what is cut lies, each of those cut alike
     * @param lines where the blade comes down, x1, y1, x2, y2
     * @param blanks what blanks fall, or are cut
     */
    public record CutStepView(
            int number,
            CutStep.Kind kind,
            @Nullable FigureView fence,
            @Nullable FigureView set,
            boolean isSet,
            int stack,
            String hand,
            @Nullable String edge,
            List<AreaView> areas,
            List<List<Double>> lines,
            List<String> falls,
            @Nullable String left,
            List<String> notes,
            List<Integer> blanks,
            String doing,
            String words) {}

    static CuttingView of(
            Card card,
            CutPlan plan,
            OtherPlans others,
            boolean isDone,
            boolean wasStopped,
            double share,
            List<StockSheet> known,
            List<CutDone> done) {
        WorkedPlan worked = card.worked();
        CutWishes wishes = card.plan().cutting().wishes();
        return new CuttingView(
                card.revision(),
                isDone,
                wasStopped,
                share,
                wishes.offcutsFirst(),
                wishes.grain(),
                FigureView.of(wishes.squared(), card.plan().ruler()),
                card.plan().cutting().pins().size(),
                done.stream().map(DoneView::of).toList(),
                plan.papers().stream()
                        .map(paper -> new PlannedPaper(worked, paper, others, known).view())
                        .toList());
    }

    static double mm(long units) {
        return Length.ofUnits(units).millimetres();
    }
}
