package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Tools;

class BlanksTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan(String structure) {
        Structure fold = WORKSHOP.structure(structure);
        return Plan.of("Kite day", structure, fold.proportioned(Size.ofMillimetres(140, 104), Ruler.MM_1), Ruler.MM_1);
    }

    /** Whatever the card: what is cut has the area of its panels and layers, and each of both is cut once. */
    @Test
    void everyPieceAndEveryLayerIsOneBlankOfItsArea() {
        for (Structure structure : WORKSHOP.catalogue().all()) {
            WorkedPlan bare = WORKSHOP.work(plan(structure.id()));
            Suggestion suggestion = new Suggestion(WORKSHOP, bare);
            WorkedPlan card = bare.withDressing(suggestion.dressing(suggestion.usualStack()));
            List<Blank> pieces = card.blanks().all().stream()
                    .filter(blank -> blank.uses().get(0) instanceof Blank.OfPiece)
                    .toList();
            assertThat(pieces.stream().mapToInt(Blank::count).sum())
                    .isEqualTo(card.pieces().size());
            assertThat(pieces.stream()
                            .mapToDouble(
                                    blank -> blank.count() * blank.outline().getArea())
                            .sum())
                    .as(structure.name())
                    .isCloseTo(
                            card.form().graph().panels().stream()
                                    .mapToDouble(panel -> panel.area())
                                    .sum(),
                            within(0.01));
            double layers = card.blanks().all().stream()
                    .filter(blank -> !pieces.contains(blank))
                    .mapToDouble(blank -> blank.count() * blank.outline().getArea())
                    .sum();
            assertThat(layers)
                    .as(structure.name())
                    .isCloseTo(
                            card.layers().all().stream()
                                    .mapToDouble(layer -> layer.shape().getArea())
                                    .sum(),
                            within(0.5));
        }
    }

    @Test
    void foldsTellWhichWayTheGrainWantsToRun() {
        assertThat(WORKSHOP.work(plan("z-fold")).blanks().all().get(0).folds()).isEqualTo(Blank.Folds.UPRIGHT);
        WorkedPlan bare = WORKSHOP.work(plan("z-fold"));
        WorkedPlan dressed =
                bare.withDressing(new Suggestion(WORKSHOP, bare).dressing(new Suggestion(WORKSHOP, bare).usualStack()));
        assertThat(Blanks.ofLayers(dressed.cuts(), dressed.form().graph()).all())
                .isNotEmpty()
                .extracting(Blank::folds)
                .containsOnly(Blank.Folds.NONE);
        assertThat(WORKSHOP.work(plan("gabled-concertina")).blanks().all())
                .extracting(Blank::folds)
                .contains(Blank.Folds.MIXED);
    }

    /** One paper across a gate is cut as one and then apart. */
    @Test
    void aRunIsOneBlank() {
        Dressing across = new Dressing(List.of(new Dressed(
                List.of(new FaceName(0, "Left flap", Side.BACK), new FaceName(0, "Right flap", Side.BACK)),
                List.of(LayerChoice.of("paper-120", Length.ofMillimetres(3))),
                List.of())));
        WorkedPlan gate = WORKSHOP.work(plan("gatefold").withDressing(across));
        List<Blank> layers = Blanks.ofLayers(gate.cuts(), gate.form().graph()).all();
        assertThat(layers).hasSize(1);
        assertThat(layers.get(0).size()).isEqualTo(gate.cuts().cuts().get(0).size());
        assertThat(layers.get(0).uses()).hasSize(1);
        assertThat(((Blank.OfRun) layers.get(0).uses().get(0)).parts()).hasSize(2);
    }

    /** Each piece may be of a cardstock of its own: it weighs, stacks and is cut as that. */
    @Test
    void aPieceOfAnotherCardstock() {
        Plan band = plan("double-z-fold");
        WorkedPlan usual = WORKSHOP.work(band);
        String second = usual.pieces().get(1).panels().piece().name();
        Plan own = SetField.to("piece:%s#1".formatted(second), "paper-160")
                .on(band, WORKSHOP)
                .plan();
        WorkedPlan lighter = WORKSHOP.work(own);
        assertThat(lighter.blanks().byStock()).containsOnlyKeys("card-300", "paper-160");
        assertThat(lighter.stocks()).extracting(Cardstock::grammage).containsExactly(300, 160);
        assertThat(lighter.closedCard().weight().pieces().get(1))
                .isCloseTo(usual.closedCard().weight().pieces().get(1) * 160 / 300, within(1e-9));
        assertThat(lighter.closedCard().weight().pieces().get(0))
                .isEqualTo(usual.closedCard().weight().pieces().get(0));
        assertThat(lighter.closedCard().thickness())
                .isLessThan(usual.closedCard().thickness());
        assertThat(WORKSHOP.work(own.withCardstock("card-350")).stocks())
                .extracting(Cardstock::grammage)
                .containsExactly(350, 160);
        assertThat(SetField.to("piece:%s".formatted(second), "")
                        .on(own, WORKSHOP)
                        .plan())
                .isEqualTo(band);
        assertThatThrownBy(() -> SetField.to("piece:Tail", "paper-160").on(band, WORKSHOP))
                .hasMessageContaining("no piece \"Tail\"");
        assertThatThrownBy(() ->
                        WORKSHOP.work(band.withSupplies(band.supplies().withCardstock(PieceId.of(second), "felt"))))
                .hasMessageContaining("no cardstock called \"felt\"");
    }

    /** What has an upper end is not turned on its sheet, even where turned more come out of it. */
    @Test
    void whatHasAnUpperEndIsNotTurned() {
        Cardstock kites = new Cardstock(
                "Kites",
                140,
                Length.ofMicrometres(170),
                Cardstock.Grain.UNKNOWN,
                Cardstock.Pattern.DIRECTIONAL,
                "#ffeedd");
        StockSheet sheet =
                new StockSheet("own-s", "Kite paper", Size.ofMillimetres(210, 297), "own-kites", 3, true, null);
        Workshop here = WORKSHOP.with(
                new OwnStock(Tools.usual(), List.of(), List.of(sheet), Map.of("own-kites", kites), Set.of()));
        WorkedPlan turned = here.work(plan("side-fold").withSheet("a4"));
        WorkedPlan upright = here.work(plan("side-fold").withSheet("a4").withCardstock("own-kites"));
        SheetYield any = SheetYield.of(turned.blanks().all().get(0), here.sheet("a4"));
        assertThat(any.turned()).isTrue();
        assertThat(SheetYield.of(upright.blanks().all().get(0), here.sheet("a4"))
                        .turned())
                .isFalse();
        assertThat(here.sheets().of("own-kites")).containsExactly(sheet);
        assertThat(here.sheets().of("paper-120")).isEmpty();
    }
}
