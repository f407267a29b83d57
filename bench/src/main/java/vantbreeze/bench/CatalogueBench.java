package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.hand.KnownRecipe;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recognition.Recogniser;
import vantbreeze.core.recognition.Recognisers;
import vantbreeze.core.structure.Structure;

/** The full plan of every structure with its findings, and the ranked sizes for an envelope, warm. */
final class CatalogueBench {

    private static final int WARM = 120;
    private static final int MEASURED = 101;
    private static final double MEDIAN_LIMIT = 4;
    /** A plan of which only the sheet is wanted need not be worked out. */
    private static final double MOST_FOR_SHEET = 0.5;

    private static final double FIT_LIMIT = 1_000;
    private static final double RECOGNISED_LIMIT = 50;
    private static final double READ_LIMIT = 100;

    private CatalogueBench() {}

    static List<Row> run() throws Exception {
        Workshop workshop = Workshop.standard();
        List<Row> rows = new ArrayList<>();
        List<Double> parts = new ArrayList<>();
        for (Structure structure : workshop.catalogue().all()) {
            Plan plan = Plan.of(
                            "Kite day",
                            structure.id(),
                            structure.proportioned(Size.ofMillimetres(152, 108), Ruler.MM_1),
                            Ruler.MM_1)
                    .withEnvelope("c5")
                    .withSheet("a4");
            rows.add(Yardstick.UNIONS.beside(() -> measured(
                    structure.name() + ", plan with findings", MEDIAN_LIMIT, WARM, MEASURED, () -> workshop.work(plan)
                            .findings())));
            parts.add(sheetPart(workshop, plan));
        }
        Structure slowest = workshop.structure("threaded-concertina");
        rows.add(Yardstick.UNIONS.beside(() -> measured(
                "ranked sizes for C5 from A3, %s".formatted(slowest.name()), FIT_LIMIT, 5, 21, () -> workshop.proposals(
                                slowest, Ruler.MM_1, workshop.sheet("a3"))
                        .forEnvelope(workshop.envelope("c5")))));
        rows.add(recognised(workshop, "tiered-stage", "tiers", "6", "7 pieces"));
        rows.add(recognised(workshop, "concertina-fan", "steps", "3", "10 pieces"));
        rows.add(read(workshop, "recipe of 2,000 characters", story(2_000)));
        rows.add(read(
                workshop,
                "recipe of 2,000 characters with one wrong figure",
                story(2_000).replace("5 1/2", "5 1/4")));
        rows.add(read(workshop, "2,000 characters of figures", "9 x 4, ".repeat(286)));
        rows.add(Row.of(
                "a plan asked only for its sheet, as part of one with findings, the most of all structures",
                parts.stream().mapToDouble(Double::doubleValue).max().orElseThrow(),
                MOST_FOR_SHEET,
                "×"));
        return rows;
    }

    /** Which structure a card is, from its loosened pieces; the catalogue was gone through before. */
    private static Row recognised(Workshop workshop, String id, String choice, String chosen, String pieces)
            throws Exception {
        Structure structure = workshop.structure(id);
        var measures = structure.rechosen(
                structure.proportioned(Size.ofMillimetres(152, 180), Ruler.MM_1), choice, chosen, Ruler.MM_1);
        var drawn = Loosening.of(structure, measures).assembly();
        Recogniser recogniser =
                Recognisers.of(workshop.catalogue(), workshop.tools().allowances());
        return Yardstick.UNIONS.beside(() -> measured(
                "recognised: %s of %s".formatted(structure.name(), pieces),
                RECOGNISED_LIMIT,
                WARM,
                MEASURED,
                () -> recogniser.recognise(drawn, null, Ruler.MM_1)));
    }

    /** A Z-fold among many words, as long as a talk about it. */
    private static String story(int characters) {
        String card = "Cut 11 x 4 1/4, score at 2 3/4 and 5 1/2, fold m v. ";
        return card + "Grab some gold shimmer and glue the kite where the ribbon ends. ".repeat(characters / 64);
    }

    /** Judged and known, as it is on every pause in typing. */
    private static Row read(Workshop workshop, String what, String text) throws Exception {
        return Yardstick.UNIONS.beside(() -> measured(what, READ_LIMIT, WARM, MEASURED, () -> {
            RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
            if (reading.card() != null) {
                KnownRecipe.of(reading, Plan.of("Kite day", reading.card(), Ruler.EIGHTHS), workshop);
            }
        }));
    }

    /** How long its pieces alone take, in parts of what all of it takes. */
    private static double sheetPart(Workshop workshop, Plan plan) {
        double sheet =
                Row.middle(Row.times(WARM, MEASURED, () -> workshop.work(plan).pieces()));
        return sheet
                / Row.middle(Row.times(WARM, MEASURED, () -> workshop.work(plan).findings()));
    }

    private static Row measured(String what, double limit, int warm, int times, Runnable work) {
        return Row.median(what, Row.times(warm, times, work), limit);
    }
}
