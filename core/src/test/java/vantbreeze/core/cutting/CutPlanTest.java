package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.guillotine.CutNode;
import vantbreeze.core.guillotine.VirtualTrimmer;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstock.Grain;
import vantbreeze.core.paper.Cardstock.Pattern;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Tools;

/** All blanks of a card on the sheets at hand. */
class CutPlanTest {

    private static final Ruler MM = Ruler.MM_1;

    private static CutPlan plan(Blanks blanks, Sheets sheets, CutWishes wishes) {
        CutPlan plan =
                CutPlan.of(new CutOrder(blanks, sheets, null, MM, Tools.usual(), CutChoices.NONE.withWishes(wishes)));
        plan.papers().forEach(paper -> new VirtualTrimmer(paper.problem()).cut(paper.solution()));
        return plan;
    }

    private static Cardstock stock(int grammage, Grain grain, Pattern pattern) {
        return new Cardstock("Kite card", grammage, Length.ofMicrometres(300), grain, pattern, "#aa3311");
    }

    /** Pieces scored down the middle, of a paper called "kite". */
    private static Blanks scored(int count, int width, int height, Cardstock stock) {
        Size size = Size.ofMillimetres(width, height);
        Spot foot = new Spot(size.width().dividedBy(2), Length.ZERO);
        Piece piece = new Piece(
                "Tail",
                FreeCard.sheet("", size).outline(),
                List.of(new Crease(new Stretch(foot, new Spot(foot.x(), size.height())), Fold.VALLEY)),
                List.of(),
                List.of());
        List<Piece> pieces = IntStream.range(0, count).mapToObj(i -> piece).toList();
        return Blanks.ofPieces(
                pieces,
                PieceId.all(pieces).stream()
                        .map(id -> new PieceStock(id, "kite", stock))
                        .toList());
    }

    private static StockSheet sheet(
            String id, int width, int height, int count, boolean offcut, @Nullable String price) {
        return new StockSheet(
                id,
                id,
                Size.ofMillimetres(width, height),
                "kite",
                count,
                offcut,
                price == null ? null : new BigDecimal(price));
    }

    private static Sheets with(StockSheet... own) {
        return Sheets.published().and(List.of(own));
    }

    private static final Cardstock LIGHT = stock(160, Grain.LONG, Pattern.PLAIN);
    private static final Cardstock HEAVY = stock(300, Grain.LONG, Pattern.PLAIN);

    /** Pieces, mats and layers of every kind of card come out whole, on sheets that nobody has listed. */
    @ParameterizedTest
    @ValueSource(strings = {"z-fold", "stage", "gatefold", "pocket", "ring-lock", "concertina-fan", "tiered-stage"})
    void allThatACardNeedsIsCut(String id) {
        Workshop workshop = Workshop.standard();
        Structure structure = workshop.catalogue().find(id).orElseThrow();
        var worked =
                workshop.work(Plan.of("Kite day", id, structure.proportioned(Size.ofMillimetres(100, 75), MM), MM));
        CutPlan plan = plan(worked.blanks(), Sheets.published(), CutWishes.USUAL);
        assertThat(plan.papers()).isNotEmpty();
        for (PaperPlan paper : plan.papers()) {
            assertThat(paper.isAssumed()).isTrue();
            assertThat(paper.sheets()).extracting(StockSheet::id).containsExactly("a4");
            assertThat(paper.solution().isWhole()).isTrue();
            assertThat(paper.leftOut()).isEmpty();
        }
        assertThat(plan.papers().stream()
                        .flatMap(paper -> paper.blanks().stream())
                        .mapToInt(Blank::count)
                        .sum())
                .isEqualTo(worked.blanks().all().stream().mapToInt(Blank::count).sum());
    }

    @Test
    void anOffcutIsUsedBeforeASheetIfThatIsWished() {
        Sheets sheets = with(sheet("whole", 210, 297, 5, false, "0.40"), sheet("rest", 105, 150, 1, true, "0.30"));
        Blanks one = scored(1, 100, 140, LIGHT);
        PaperPlan first = plan(one, sheets, CutWishes.USUAL).papers().get(0);
        assertThat(first.used(first.sheets().get(0))).isEqualTo(1);
        assertThat(first.sheets().get(0).id()).isEqualTo("rest");
        // six come from one sheet: without the wish the offcut is only used where it is cheaper
        CutWishes asTheyCost = new CutWishes(false, CutWishes.Grain.NONE, Length.ZERO);
        PaperPlan four =
                plan(scored(4, 100, 140, LIGHT), sheets, asTheyCost).papers().get(0);
        assertThat(four.solution().patterns()).hasSize(1);
        assertThat(four.solution().cost()).isEqualTo(0.4);
    }

    /** Of sheets with prices the cheap ones, though they are smaller. */
    @Test
    void sheetsAreSparedByTheirPrice() {
        Sheets sheets = with(sheet("large", 300, 300, 9, false, "5.00"), sheet("small", 150, 150, 9, false, "0.90"));
        PaperPlan paper = plan(scored(4, 140, 140, LIGHT), sheets, CutWishes.USUAL)
                .papers()
                .get(0);
        assertThat(paper.solution().cost()).isEqualTo(3.6, Offset.offset(1e-9));
    }

    /** Folds of heavy card run along the grain: three to a sheet, where four would come out across it. */
    @Test
    void theGrainIsARuleOrAWish() {
        Sheets sheets = with(sheet("a", 200, 300, 9, false, null));
        Blanks four = scored(4, 150, 100, HEAVY);
        PaperPlan rule = plan(four, sheets, CutWishes.USUAL.withGrain(CutWishes.Grain.RULE))
                .papers()
                .get(0);
        assertThat(rule.solution().patterns()).hasSize(2);
        assertThat(rule.folds()).isEqualTo(PaperPlan.Folds.ALONG);
        PaperPlan wish = plan(four, sheets, CutWishes.USUAL).papers().get(0);
        assertThat(wish.solution().patterns()).hasSize(1);
        assertThat(wish.folds()).isEqualTo(PaperPlan.Folds.ACROSS_TO_SPARE);
        PaperPlan notMinded = plan(four, sheets, CutWishes.USUAL.withGrain(CutWishes.Grain.NONE))
                .papers()
                .get(0);
        assertThat(notMinded.folds()).isEqualTo(PaperPlan.Folds.ACROSS);
        PaperPlan light = plan(scored(4, 150, 100, LIGHT), sheets, CutWishes.USUAL.withGrain(CutWishes.Grain.RULE))
                .papers()
                .get(0);
        assertThat(light.solution().patterns()).hasSize(1);
        PaperPlan shortGrain = plan(
                        scored(4, 150, 100, stock(300, Grain.SHORT, Pattern.PLAIN)),
                        sheets,
                        CutWishes.USUAL.withGrain(CutWishes.Grain.RULE))
                .papers()
                .get(0);
        assertThat(shortGrain.solution().patterns()).hasSize(1);
        assertThat(shortGrain.folds()).isEqualTo(PaperPlan.Folds.ALONG);
    }

    /** While it is worked out nothing is told to find no place that finds one across the grain. */
    @Test
    void whatFitsAcrossTheGrainIsNeverToldToFitNowhere() {
        List<CutPlan> told = new ArrayList<>();
        CutPlan.of(
                new CutOrder(
                        scored(2, 250, 190, HEAVY).and(scored(3, 60, 40, HEAVY)),
                        with(sheet("a", 200, 303, 9, false, null)),
                        null,
                        MM,
                        Tools.usual(),
                        CutChoices.NONE),
                new CutWatch() {
                    @Override
                    public boolean isStopped() {
                        return false;
                    }

                    @Override
                    public void told(CutPlan soFar, double share) {
                        told.add(soFar);
                    }
                });
        assertThat(told).hasSizeGreaterThan(1);
        assertThat(told).allMatch(plan -> plan.papers().get(0).leftOut().isEmpty());
    }

    @Test
    void aPatternWithAnUpperEndIsNotTurned() {
        Sheets sheets = with(sheet("a", 200, 300, 9, false, null));
        PaperPlan paper = plan(
                        scored(4, 150, 100, stock(120, Grain.LONG, Pattern.DIRECTIONAL)), sheets, CutWishes.USUAL)
                .papers()
                .get(0);
        assertThat(paper.solution().patterns()).hasSize(2);
        assertThat(paper.solution().patterns().stream()
                        .flatMap(pattern -> pattern.root().all()))
                .noneMatch(node -> node instanceof CutNode.Part part && part.turned());
    }

    /** What fits a sheet only the way it may not lie is told otherwise than what is too large. */
    @Test
    void whatMayOnlyLieTheOtherWayIsTold() {
        Sheets sheets = with(sheet("a", 200, 300, 9, false, null));
        CutWishes rule = CutWishes.USUAL.withGrain(CutWishes.Grain.RULE);
        assertThat(plan(scored(2, 250, 190, HEAVY), sheets, rule)
                        .papers()
                        .get(0)
                        .leftOut())
                .extracting(PaperPlan.LeftOut::why)
                .containsExactly(PaperPlan.Why.GRAIN);
        assertThat(plan(scored(2, 250, 190, HEAVY), sheets, CutWishes.USUAL)
                        .papers()
                        .get(0)
                        .leftOut())
                .isEmpty();
        Cardstock printed = stock(120, Grain.LONG, Pattern.DIRECTIONAL);
        assertThat(plan(scored(2, 250, 190, printed), sheets, CutWishes.USUAL)
                        .papers()
                        .get(0)
                        .leftOut())
                .extracting(PaperPlan.LeftOut::why)
                .containsExactly(PaperPlan.Why.UPRIGHT);
    }

    /** A sheet squared first is smaller all round; an offcut has been. */
    @Test
    void edgesAreSquaredFirst() {
        CutWishes squared = new CutWishes(true, CutWishes.Grain.NONE, Length.ofMillimetres(5));
        Sheets sheets = with(sheet("a", 200, 300, 9, false, null));
        assertThat(plan(scored(4, 100, 150, LIGHT), sheets, squared)
                        .papers()
                        .get(0)
                        .solution()
                        .patterns())
                .hasSize(2);
        assertThat(plan(scored(4, 95, 145, LIGHT), sheets, squared)
                        .papers()
                        .get(0)
                        .solution()
                        .patterns())
                .hasSize(1);
        assertThatThrownBy(() -> new CutWishes(true, CutWishes.Grain.NONE, Length.ofMillimetres(21)))
                .hasMessage("Between nothing and 20 mm is trimmed off an edge. Type how much squares your sheets.");
    }

    /** What no sheet takes is told, and what there are too few sheets for; the rest is cut. */
    @Test
    void whatIsTooLargeOrTooManyIsTold() {
        Blanks blanks = scored(1, 320, 50, LIGHT).and(scored(9, 100, 150, LIGHT));
        PaperPlan paper = plan(blanks, with(sheet("a", 210, 300, 2, false, null)), CutWishes.USUAL)
                .papers()
                .get(0);
        assertThat(paper.leftOut())
                .containsExactly(
                        new PaperPlan.LeftOut(paper.blanks().get(0), 1, PaperPlan.Why.TOO_LARGE),
                        new PaperPlan.LeftOut(paper.blanks().get(1), 1, PaperPlan.Why.TOO_FEW));
        assertThat(paper.isProven()).isFalse();
        PaperPlan none = plan(scored(2, 50, 50, LIGHT), with(sheet("gone", 210, 297, 0, false, null)), CutWishes.USUAL)
                .papers()
                .get(0);
        assertThat(none.isAssumed()).isTrue();
        assertThat(none.sheets()).extracting(StockSheet::id).containsExactly("gone");
        assertThat(none.solution().isWhole()).isTrue();
    }

    /** The same question made anew has the very same answer; another paper's pin changes nothing of it. */
    @Test
    void whatIsPlannedIsKnown() {
        Sheets sheets = with(sheet("a", 210, 300, 2, false, null));
        PaperPlan one =
                plan(scored(3, 90, 70, LIGHT), sheets, CutWishes.USUAL).papers().get(0);
        assertThat(plan(scored(3, 90, 70, LIGHT), sheets, CutWishes.USUAL)
                        .papers()
                        .get(0))
                .isSameAs(one);
        assertThat(plan(scored(3, 90, 71, LIGHT), sheets, CutWishes.USUAL)
                        .papers()
                        .get(0))
                .isNotSameAs(one);
        assertThat(plan(scored(3, 90, 70, LIGHT), sheets, CutWishes.USUAL.withGrain(CutWishes.Grain.RULE))
                        .papers()
                        .get(0))
                .isNotSameAs(one);
    }

    /** Stopped at once it still has a plan, and the next that asks gets a better one. */
    @Test
    void whatWasStoppedIsNotKept() {
        CutOrder order = new CutOrder(
                scored(7, 83, 47, LIGHT),
                with(sheet("a", 210, 300, 2, false, null)),
                null,
                MM,
                Tools.usual(),
                CutChoices.NONE);
        CutPlan stopped = CutPlan.of(order, new CutWatch() {
            @Override
            public boolean isStopped() {
                return true;
            }

            @Override
            public void told(CutPlan soFar, double share) {
                assertThat(share).isBetween(0.0, 1.0);
            }
        });
        assertThat(stopped.papers().get(0).solution().isWhole()).isTrue();
        assertThat(CutPlan.of(order).papers().get(0))
                .isNotSameAs(stopped.papers().get(0));
    }

    /** What is known of one plan is not told of another that differs in a slit only, or in what the maker minds. */
    @Test
    void noPlanIsTakenForAnother() {
        Sheets sheets = with(sheet("a", 200, 300, 9, false, null));
        assertThat(slit(10, sheets)).isNotEqualTo(slit(20, sheets));
        CutOrder order = new CutOrder(scored(4, 150, 100, HEAVY), sheets, null, MM, Tools.usual(), CutChoices.NONE);
        Tools careless = order.tools().with(order.tools().allowances().with(Allowance.GRAIN_MATTERS, 400.0));
        assertThat(CutPlan.of(order).papers().get(0).isHeavy()).isTrue();
        assertThat(CutPlan.of(new CutOrder(order.blanks(), sheets, null, MM, careless, CutChoices.NONE))
                        .papers()
                        .get(0)
                        .isHeavy())
                .isFalse();
    }

    /** The steps for a piece with a slit so far from its left. */
    private static List<String> slit(int across, Sheets sheets) {
        Spot foot = new Spot(Length.ofMillimetres(across), Length.ofMillimetres(10));
        Piece piece = new Piece(
                "Tail",
                FreeCard.sheet("", Size.ofMillimetres(60, 90)).outline(),
                List.of(),
                List.of(new Stretch(foot, new Spot(foot.x(), Length.ofMillimetres(40)))),
                List.of());
        Blanks one = Blanks.ofPieces(List.of(piece), List.of(new PieceStock(PieceId.of("Tail"), "kite", LIGHT)));
        CutPlan plan = CutPlan.of(new CutOrder(one, sheets, null, MM, Tools.usual(), CutChoices.NONE));
        return CutSteps.of(CutLayout.of(plan.papers().get(0)), Tools.usual(), MM).stream()
                .map(CutStep::words)
                .toList();
    }
}
