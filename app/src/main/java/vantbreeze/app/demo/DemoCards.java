package vantbreeze.app.demo;

import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import vantbreeze.app.cards.Drawer;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.ZFold;

/** The cards of a small town's kite festival, made up, laid in an empty drawer when the demo starts. */
@Component
@ConditionalOnProperty("vantbreeze.demo")
class DemoCards implements ApplicationRunner {

    private final Drawer drawer;
    private final Workshop workshop;

    DemoCards(Drawer drawer, Workshop workshop) {
        this.drawer = drawer;
        this.workshop = workshop;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (drawer.cards().isEmpty()) {
            festival().forEach(drawer::add);
        }
    }

    private List<Plan> festival() {
        Structure zFold = workshop.structure("z-fold");
        Plan prize = new Plan("Prize card, longest tail", zFold.id(),
                zFold.proportioned(new Size(Length.ofInches(6), Length.ofInches(4, 1, 2)), Ruler.EIGHTHS), Ruler.EIGHTHS, "a6", "12x12",
                "One each for the longest tail, the highest flight and the bravest crash.");
        Plan thanks = new Plan("Thank-you for the helpers", zFold.id(),
                zFold.proportioned(Size.ofMillimetres(144, 98), Ruler.MM_1).with(ZFold.LEG, Length.ofMillimetres(56)), Ruler.MM_1,
                "c6", "a4", "Narrow leg, so that the string shows on the inside.");
        Plan workshopCard = new Plan("Workshop for twelve, practice card", zFold.id(),
                zFold.proportioned(Size.ofMillimetres(156, 104), Ruler.MM_1), Ruler.MM_1, "c6", "a4",
                "Too long for A4 as it stands: ask whether A3 comes in time.");
        Plan invitation = new Plan("Kite festival invitation", zFold.id(),
                zFold.proportioned(Size.ofMillimetres(148, 104), Ruler.MM_1), Ruler.MM_1, "c6", "a4",
                "Sky blue outside, chalk inside. Forty to make.");
        Structure stage = workshop.structure("stage");
        Plan theatre = new Plan("Kite theatre for the bandstand", stage.id(),
                stage.proportioned(Size.ofMillimetres(150, 106), Ruler.MM_1), Ruler.MM_1, "c6", "a4",
                "Kites on threads behind the band; the town hall on the back.");
        Structure gatefold = workshop.structure("gatefold");
        Plan gate = new Plan("Gate for the mayor", gatefold.id(),
                gatefold.proportioned(new Size(Length.ofInches(4, 1, 2), Length.ofInches(6)), Ruler.EIGHTHS), Ruler.EIGHTHS, "a6",
                "12x12", "One only, with the programme inside.");
        return List.of(prize, thanks, gate, theatre, workshopCard, invitation);
    }
}
