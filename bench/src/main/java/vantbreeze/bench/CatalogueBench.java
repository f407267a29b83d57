package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
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
