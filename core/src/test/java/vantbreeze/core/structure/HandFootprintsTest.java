package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.core.structure.MakersCards.WORKSHOP;
import static vantbreeze.core.structure.MakersCards.scores;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Footprints worked out in a few lines that know nothing of the fold engine: a strip by reflecting its panels by turns,
 * a linkage by shearing its parallelogram flat (geometry).
 */
class HandFootprintsTest {

    /** Any of a structure's measures moved anywhere they go. */
    private static WorkedPlan moved(String structure, int width, int height, List<Integer> moves) {
        Structure card = WORKSHOP.structure(structure);
        Plan plan;
        try {
            plan = Plan.of(
                    "Kite day",
                    structure,
                    card.proportioned(vantbreeze.core.paper.Size.ofMillimetres(width, height), Ruler.MM_1),
                    Ruler.MM_1);
        } catch (ValidationException tooSmall) {
            Assume.that(false);
            throw tooSmall;
        }
        for (int move : moves) {
            List<Parameter> asked = card.asked(plan.measures());
            Parameter parameter = asked.get(move % asked.size());
            Limits limits = card.limits(parameter.id(), plan.measures());
            Length span = limits.most().min(Length.ofMillimetres(400)).minus(limits.least());
            Length wanted =
                    limits.least().plus(span.times(move / asked.size() % 9).dividedBy(8));
            Length length = limits.nearest(Ruler.MM_1.below(wanted).length(), Ruler.MM_1);
            plan = changed(plan, card, parameter, length);
        }
        return WORKSHOP.work(plan);
    }

    private static Plan changed(Plan plan, Structure card, Parameter parameter, Length length) {
        try {
            return plan.changing(card, parameter.id(), length);
        } catch (ValidationException excluded) {
            return plan;
        }
    }

    private static List<Double> panels(WorkedPiece strip) {
        List<Double> panels = new ArrayList<>();
        double last = 0;
        for (Length score : scores(strip)) {
            panels.add(score.millimetres() - last);
            last = score.millimetres();
        }
        panels.add(strip.cut().width().millimetres() - last);
        return panels;
    }

    private static double reflected(List<Double> panels) {
        double at = 0;
        double least = 0;
        double most = 0;
        int way = 1;
        for (double panel : panels) {
            at += way * panel;
            way = -way;
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return most - least;
    }

    @Property(tries = 40)
    void stripsFoldedToAndFro(
            @ForAll @IntRange(min = 110, max = 280) int width,
            @ForAll @IntRange(min = 110, max = 200) int height,
            @ForAll @Size(3) List<@IntRange(min = 0, max = 500) Integer> moves) {
        for (String structure : List.of("side-fold", "z-fold", "gatefold", "concertina", "fold-back-gate")) {
            WorkedPlan worked = moved(structure, width, height, moves);
            assertThat(worked.footprint().width().millimetres())
                    .as("%s %s", structure, worked.plan().measures().byId())
                    .isCloseTo(reflected(panels(worked.pieces().get(0))), within(0.001));
        }
    }

    /** Sheared, the front has gone over by the depth of the walls; wings turn outwards, or inwards. */
    @Property(tries = 40)
    void linkagesShearedFlat(
            @ForAll @IntRange(min = 110, max = 280) int width,
            @ForAll @IntRange(min = 110, max = 200) int height,
            @ForAll @Size(3) List<@IntRange(min = 0, max = 500) Integer> moves) {
        for (String structure : List.of("stage", "bridge")) {
            WorkedPlan worked = moved(structure, width, height, moves);
            List<Double> panels = panels(worked.pieces().get(0));
            double wing = panels.get(0);
            double wall = panels.get(1);
            double back = panels.get(2);
            double outwards = structure.equals("stage") ? wing : 0;
            double least = Math.min(0, wall - outwards);
            double most = back + Math.max(wall + outwards, 0);
            assertThat(worked.footprint().width().millimetres())
                    .as("%s %s", structure, worked.plan().measures().byId())
                    .isCloseTo(most - least, within(0.001));
        }
    }
}
