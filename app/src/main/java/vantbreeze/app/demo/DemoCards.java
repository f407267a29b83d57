package vantbreeze.app.demo;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.WrapRail;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ZFold;

/** The cards of a small town's kite festival, made up, laid in an empty drawer when the demo starts. */
@Component
@ConditionalOnProperty("vantbreeze.demo")
class DemoCards implements ApplicationRunner {

    /** What some of them go in, by their names. */
    private static final Map<String, List<Wrapped>> WRAPS = Map.of(
            "Kite theatre for the bandstand",
            List.of(
                    new Wrapped("belly-band", "own-lantern", "own-poster"),
                    new Wrapped("square-envelope", "own-sky", "a4")),
            "Kite festival invitation",
            List.of(new Wrapped("rectangle-envelope", "own-sky", "a4")),
            "Gate for the mayor",
            List.of(new Wrapped("sleeve", "own-lantern", "12x12")),
            "Crowd on the hill",
            List.of(new Wrapped("box-envelope", "own-sky", "own-poster")),
            "Programme of the two days",
            List.of(new Wrapped("tag", "own-meadow", "a4")));

    private record Wrapped(String structure, String cardstock, String sheet) {}

    private final Drawer drawer;
    private final WrapRail rail;
    private final StockRoom stock;

    DemoCards(Drawer drawer, WrapRail rail, StockRoom stock) {
        this.drawer = drawer;
        this.rail = rail;
        this.stock = stock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (drawer.size() == 0) {
            stock.change(own -> FestivalStock.with(own.tools()));
            Wardrobe wardrobe = new Wardrobe(stock.workshop());
            festival().stream().map(plan -> drawer.add(wardrobe.dressed(plan))).forEach(this::wrap);
            drawer.add(kiteTail());
        }
    }

    private void wrap(Card card) {
        for (Wrapped wrapped : WRAPS.getOrDefault(card.plan().name(), List.of())) {
            Card wrap = rail.make(card.id(), wrapped.structure);
            Card papered = drawer.change(wrap.id(), wrap.revision(), SetField.to("cardstock", wrapped.cardstock))
                    .card();
            drawer.change(papered.id(), papered.revision(), SetField.to("sheet", wrapped.sheet));
        }
    }

    private List<Plan> festival() {
        Structure zFold = stock.workshop().structure("z-fold");
        Plan prize = Plan.of(
                        "Prize card, longest tail",
                        zFold.id(),
                        zFold.proportioned(new Size(Length.ofInches(6), Length.ofInches(4, 1, 2)), Ruler.EIGHTHS),
                        Ruler.EIGHTHS)
                .withEnvelope("a6")
                .withSheet("12x12")
                .withNotes("One each for the longest tail, the highest flight and the bravest crash.");
        Plan thanks = Plan.of(
                        "Thank-you for the helpers",
                        zFold.id(),
                        zFold.proportioned(Size.ofMillimetres(144, 98), Ruler.MM_1)
                                .with(ZFold.LEG, Length.ofMillimetres(56)),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("Narrow leg, so that the string shows on the inside.");
        Plan workshopCard = Plan.of(
                        "Workshop for twelve, practice card",
                        zFold.id(),
                        zFold.proportioned(Size.ofMillimetres(156, 104), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("Too long for A4 as it stands: ask whether A3 comes in time.");
        Plan invitation = Plan.of(
                        "Kite festival invitation",
                        zFold.id(),
                        zFold.proportioned(Size.ofMillimetres(148, 104), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("Sky blue outside, chalk inside. Forty to make.");
        Structure stage = stock.workshop().structure("stage");
        Plan theatre = Plan.of(
                        "Kite theatre for the bandstand",
                        stage.id(),
                        stage.proportioned(Size.ofMillimetres(150, 106), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("Kites on threads behind the band; the town hall on the back.");
        Structure gatefold = stock.workshop().structure("gatefold");
        Plan gate = Plan.of(
                        "Gate for the mayor",
                        gatefold.id(),
                        gatefold.proportioned(new Size(Length.ofInches(4, 1, 2), Length.ofInches(6)), Ruler.EIGHTHS),
                        Ruler.EIGHTHS)
                .withEnvelope("a6")
                .withSheet("12x12")
                .withNotes("One only, with the programme inside.");
        return List.of(
                firstFlight(),
                crowd(),
                lighthouse(),
                shadowBox(),
                pilots(),
                row(),
                story(),
                programme(),
                pocket(),
                prize,
                thanks,
                gate,
                theatre,
                workshopCard,
                invitation);
    }

    /** A plain card in which a kite pops out over the fold, with a small card for wishes on its back. */
    private Plan firstFlight() {
        Plan card = millimetres("First flight of the season", "side-fold", 104, 144);
        Plan mounted = set(card, "pop-out", "Kite mount", "Cover", Side.FACE, "Back");
        Plan kite = set(
                measured(
                        mounted,
                        "extra-1-spring",
                        24,
                        "extra-1-second",
                        24,
                        "extra-1-reach",
                        34,
                        "extra-1-breadth",
                        32,
                        "extra-1-along",
                        58),
                "topper",
                "Kite",
                "Kite mount seat",
                Side.FACE,
                null);
        Plan round = kite.choosing(stock.workshop().structure(kite), "extra-2-shape", "oval");
        Plan shaped = measured(round, "extra-2-width", 42, "extra-2-height", 42, "extra-2-foam", 1);
        return set(shaped, "small-card", "Wishes", "Cover", Side.BACK, null)
                .withDressing(new Dressing(List.of(Dressed.of(
                        new FaceName(2, "Kite", Side.FACE),
                        List.of(round("own-poppy", 34), round("own-lantern", 26))))))
                .withCardstock("own-sky")
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("The kite rises when it is opened. Wishes go into the small card on the front.");
    }

    /** A layer cut with a die of the nest of circles. */
    private static LayerChoice round(String paper, int across) {
        return LayerChoice.of(paper, Length.ofMillimetres(4))
                .cutOut(DieShape.CIRCLE, Size.ofMillimetres(across, across));
    }

    private Plan set(Plan plan, String kind, String name, String panel, Side side, @Nullable String to) {
        FoldGraph graph = stock.workshop().work(plan).form().graph();
        return new Carry.Put(kind, name, new Face(index(graph, panel), side), to == null ? null : index(graph, to))
                .on(plan, stock.workshop())
                .plan();
    }

    private static int index(FoldGraph graph, String panel) {
        return IntStream.range(0, graph.panels().size())
                .filter(i -> graph.panels().get(i).name().equals(panel))
                .findFirst()
                .orElseThrow();
    }

    /** A tower of seven rows, each of its own height, before narrow sides. */
    private Plan lighthouse() {
        Plan tower = millimetres("Lighthouse by the kite field", "slit-tower", 94, 166)
                .choosing(stock.workshop().structure("slit-tower"), "rows", "7");
        return measured(tower, "column", 17, "side", 12, "row-1", 36, "row-2", 14, "row-7", 24)
                .withCardstock("own-sky")
                .withSheet("a4")
                .withNotes("A window of sun yellow behind every set-back row.");
    }

    /** A shadow box whose frame is higher at the foot. */
    private Plan shadowBox() {
        return measured(
                        millimetres("Shadow box for the highest flight", "inverted-z", 136, 102),
                        "frame",
                        24,
                        "jog",
                        13,
                        "foot",
                        27,
                        "head",
                        14)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("The field at the foot, the winner in the box.");
    }

    /** Tiers as wide as each other, of heights of their own. */
    private Plan crowd() {
        return measured(
                        millimetres("Crowd on the hill", "tiered-stage", 138, 156),
                        "front-1",
                        112,
                        "front-2",
                        112,
                        "front-3",
                        112,
                        "height-1",
                        92,
                        "height-2",
                        70,
                        "height-3",
                        34)
                .withCardstock("own-sky")
                .withSheet("a3")
                .withNotes("Hats in the first row, kites in the last.");
    }

    /** A folded square by the head, glued on the flap by a strip. */
    private Plan pilots() {
        return measured(
                        millimetres("Instructions for young pilots", "double-opening", 104, 146),
                        "flap",
                        38,
                        "square",
                        68,
                        "glued",
                        24,
                        "up",
                        66)
                .withEnvelope("c6")
                .withSheet("a3")
                .withNotes("The wind rules under the square, the field's plan inside.");
    }

    private Plan millimetres(String name, String structure, int width, int height) {
        return Plan.of(
                name,
                structure,
                stock.workshop().structure(structure).proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                Ruler.MM_1);
    }

    /** With measures by their ids, in millimetres. */
    private Plan measured(Plan plan, Object... idsAndLengths) {
        Structure structure = stock.workshop().structure(plan);
        Plan measured = plan;
        for (int i = 0; i < idsAndLengths.length; i += 2) {
            measured = measured.changing(
                    structure, (String) idsAndLengths[i], Length.ofMillimetres((Integer) idsAndLengths[i + 1]));
        }
        return measured;
    }

    /** Drawn free: a tail of forty little panels that folds up into one. */
    private Plan kiteTail() {
        RecipeReading tail = Recipes.on(Ruler.MM_1).read("Kite tail: 1120 x 64 mm, score every 28 mm, concertina fold");
        return Plan.of("Kite tail, forty folds", requireNonNull(tail.card()), Ruler.MM_1)
                .withNotes("From a paper roll; string through the corners.");
    }

    private Plan pocket() {
        Structure pocket = stock.workshop().structure("pocket");
        return Plan.of(
                        "Gift-card pocket for the helpers",
                        pocket.id(),
                        pocket.proportioned(Size.ofMillimetres(106, 148), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a3")
                .withNotes("Twenty; the tea room gives the cards.");
    }

    private Plan programme() {
        Structure concertina = stock.workshop().structure("concertina");
        Plan plan = Plan.of(
                        "Programme of the two days",
                        concertina.id(),
                        concertina.proportioned(Size.ofMillimetres(70, 140), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4")
                .withNotes("Saturday before the tab, Sunday after it.");
        return plan.choosing(concertina, "made", "chained");
    }

    private Plan story() {
        Structure card = stock.workshop().structure("never-ending");
        return Plan.of(
                        "How the kite got its tail",
                        card.id(),
                        card.proportioned(Size.ofMillimetres(120, 120), Ruler.MM_1),
                        Ruler.MM_1)
                .withSheet("a4")
                .withNotes("Four pictures, one for each face.");
    }

    private Plan row() {
        Structure row = stock.workshop().structure("graduated-silhouettes");
        // a kite on its tail: straight sides to hinge on, a point above, a foot to stand on
        return Plan.of(
                        "Row of kites for the window",
                        row.id(),
                        row.proportioned(Size.ofMillimetres(80, 120), Ruler.MM_1),
                        Ruler.MM_1)
                .withSheet("a3")
                .withNotes("The smallest last; thread for the tails.")
                .choosing(row, "outline", "M 0 40 L 30 0 L 60 40 L 60 74 L 38 110 L 38 120 L 22 120 L 22 110 L 0 74 Z");
    }
}
