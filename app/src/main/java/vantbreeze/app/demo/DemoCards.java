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
        return List.of(row(), story(), programme(), pocket(), prize, thanks, gate, theatre, workshopCard, invitation);
    }

    private Plan pocket() {
        Structure pocket = workshop.structure("pocket");
        return new Plan("Gift-card pocket for the helpers", pocket.id(), pocket.proportioned(Size.ofMillimetres(106, 148), Ruler.MM_1),
                Ruler.MM_1, "c6", "a3", "Twenty; the tea room gives the cards.");
    }

    private Plan programme() {
        Structure concertina = workshop.structure("concertina");
        Plan plan = new Plan("Programme of the two days", concertina.id(), concertina.proportioned(Size.ofMillimetres(70, 140), Ruler.MM_1),
                Ruler.MM_1, "c6", "a4", "Saturday before the tab, Sunday after it.");
        return plan.choosing(concertina, "made", "chained");
    }

    private Plan story() {
        Structure card = workshop.structure("never-ending");
        return new Plan("How the kite got its tail", card.id(), card.proportioned(Size.ofMillimetres(120, 120), Ruler.MM_1), Ruler.MM_1, null, "a4",
                "Four pictures, one for each face.");
    }

    private Plan row() {
        Structure row = workshop.structure("graduated-silhouettes");
        // a kite on its tail: straight sides to hinge on, a point above, a foot to stand on
        return new Plan("Row of kites for the window", row.id(), row.proportioned(Size.ofMillimetres(80, 120), Ruler.MM_1), Ruler.MM_1, null, "a3",
                "The smallest last; thread for the tails.")
                .choosing(row, "outline", "M 0 40 L 30 0 L 60 40 L 60 74 L 38 110 L 38 120 L 22 120 L 22 110 L 0 74 Z");
    }
}
