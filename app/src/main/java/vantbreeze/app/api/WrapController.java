package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.wrap.Wraps;

/** What goes round a card. A wrap is changed, laid out, cut and built like a card, under its own id. */
@RestController
@RequestMapping("/api/cards/{id}/wraps")
class WrapController {

    /** A wrap to make for the card. */
    public record NewWrap(@Text String structure) {}

    private final Drawer drawer;

    WrapController(Drawer drawer) {
        this.drawer = drawer;
    }

    @GetMapping
    WrapsView wraps(@PathVariable UUID id) {
        Card card = drawer.card(id);
        List<Card> own = drawer.wraps(card);
        List<WorkedPlan> worked = own.stream().map(Card::worked).toList();
        List<WrapsView.WornView> worn = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            worn.add(WrapsView.worn(own.get(i), Wrapping.of(card.worked(), worked.subList(0, i), worked.get(i))));
        }
        String objection = Wraps.objection(card.worked().closedCard()).orElse(null);
        return new WrapsView(
                card.plan().name(),
                SizeView.of(card.worked().footprint(), card.plan().ruler()),
                WrapsView.thickness(card.worked().closedCard(), card.plan().ruler()),
                worn,
                objection == null ? shelf(card.worked(), worked) : List.of(),
                objection);
    }

    private static List<WrapsView.OfferedWrap> shelf(WorkedPlan card, List<WorkedPlan> worn) {
        return card.workshop().wraps().all().stream()
                .map(structure -> WrapsView.offered(round(structure, card, worn)))
                .toList();
    }

    private static Wrapping round(Structure structure, WorkedPlan card, List<WorkedPlan> worn) {
        Plan plan = Wrapping.begun(structure.id(), card, worn);
        return Wrapping.of(card, worn, card.workshop().work(plan));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CardView make(@PathVariable UUID id, @Valid @RequestBody NewWrap asked) {
        return CardView.of(drawer.wrap(id, asked.structure()));
    }
}
