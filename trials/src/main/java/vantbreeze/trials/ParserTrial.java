package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.outline.OwnOutline;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.structure.Structure;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.PlanFile;
import vantbreeze.exchange.document.StockDocument;
import vantbreeze.exchange.document.UnreadablePlan;

/**
 * Every reader of ours is given inputs that nobody means. It reads them or refuses them in words, soon; anything else
 * is a fault.
 */
public final class ParserTrial {

    private final Nonsense nonsense;
    private final Tally tally;
    private final Workshop workshop = Workshop.standard();
    private final List<JsonNode> plans = new ArrayList<>();
    private final JsonNode stock;

    /** A trial whose inputs follow from {@code seed}. */
    public ParserTrial(long seed, Tally tally) throws IOException {
        this.nonsense = new Nonsense(seed);
        this.tally = tally;
        for (Structure structure : workshop.catalogue().all()) {
            Plan plan = Plan.of(
                            structure.name(),
                            structure.id(),
                            structure.proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1),
                            Ruler.MM_1)
                    .withEnvelope("c6")
                    .withSheet("a4");
            plans.add(House.JSON.readTree(PlanDocument.write(plan)));
            plans.add(House.JSON.readTree(PlanDocument.write(new Drafting(workshop, plan).loosened())));
        }
        plans.add(House.JSON.readTree(PlanDocument.write(
                Drafting.bare("Bare", new Size(Length.ofMillimetres(180), Length.ofMillimetres(90)), Ruler.MM_1))));
        stock = House.JSON.readTree(StockDocument.write(OwnStock.usual()));
    }

    /** Gives so many inputs. */
    public void run(int inputs) {
        for (int i = 0; i < inputs; i++) {
            int kind = nonsense.below(100);
            if (kind < 40) {
                String text = nonsense.measure();
                read("measure", text, () -> MeasureReader.of(nonsense.chance(0.5) ? Ruler.MM_1 : Ruler.EIGHTHS)
                        .read(text));
            } else if (kind < 60) {
                String path = nonsense.path();
                read("outline", path, () -> OwnOutline.read(path));
            } else if (kind < 70) {
                String text = nonsense.changed(stock);
                read("stock document", text, () -> StockDocument.read(text));
            } else if (kind < 75) {
                String text = nonsense.words();
                read("recipe", text, () -> Recipes.on(nonsense.chance(0.5) ? Ruler.MM_1 : Ruler.EIGHTHS)
                        .read(text));
            } else {
                String text = nonsense.changed(plans.get(nonsense.below(plans.size())));
                if (kind < 95) {
                    read("plan document", text, () -> PlanFile.read(text));
                } else {
                    read("plan worked out", text, () -> workshop.work(PlanDocument.read(text))
                            .whole());
                }
            }
        }
    }

    private void read(String what, String input, Runnable reading) {
        long begun = System.nanoTime();
        String outcome = "read";
        boolean broken = false;
        try {
            reading.run();
        } catch (UnreadableMeasure | UnreadablePlan | ValidationException refused) {
            outcome = "refused in words";
        } catch (IllegalArgumentException words) {
            // outlines are refused so, in words; whatever reads documents or works plans out is to say which field it
            // is
            outcome = what.equals("outline") && words.getClass() == IllegalArgumentException.class
                    ? "refused in words"
                    : fault(words);
            broken = !outcome.equals("refused in words");
        } catch (RuntimeException | StackOverflowError fault) {
            outcome = fault(fault);
            broken = true;
        }
        tally.note("%s %s".formatted(what, outcome), input, (System.nanoTime() - begun) / 1e6, broken);
    }

    private static String fault(Throwable fault) {
        StackTraceElement at = fault.getStackTrace().length == 0
                ? null
                : java.util.Arrays.stream(fault.getStackTrace())
                        .filter(element -> element.getClassName().startsWith("vantbreeze"))
                        .findFirst()
                        .orElse(fault.getStackTrace()[0]);
        return "%s (%s) at %s".formatted(fault.getClass().getSimpleName(), fault.getMessage(), at);
    }
}
