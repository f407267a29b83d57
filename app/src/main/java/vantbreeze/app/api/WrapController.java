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
import vantbreeze.app.cards.WrapRail;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.wrap.Ribbon;
import vantbreeze.core.wrap.Wraps;

/** What goes round a card. A wrap is changed, laid out, cut and built like a card, under its own id. */
@RestController
@RequestMapping("/api/cards/{id}/wraps")
class WrapController {

    /** A wrap to make for the card. */
    public record NewWrap(@Text String structure) {}

    private final Drawer drawer;
    private final WrapRail rail;
    private final StockRoom stock;

    WrapController(Drawer drawer, WrapRail rail, StockRoom stock) {
        this.drawer = drawer;
        this.rail = rail;
        this.stock = stock;
    }

    @GetMapping
    WrapsView wraps(@PathVariable UUID id) {
        Card card = drawer.card(id);
        List<Card> own = rail.wraps(card);
        List<WorkedPlan> worked = own.stream().map(Card::worked).toList();
        List<WrapsView.WornView> worn = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            worn.add(WrapsView.worn(own.get(i), Wrapping.of(card.worked(), worked.subList(0, i), worked.get(i))));
        }
        String objection = Wraps.objection(card.worked().closedCard()).orElse(null);
        return new WrapsView(
                card.plan().name(),
                SizeView.of(card.worked().footprint(), card.plan().ruler()),
                FigureView.estimate(
                        card.worked().closedCard().thickness(), card.plan().ruler()),
                worn,
                rail.apart(card, own).stream()
                        .map(one -> new WrapsView.ApartView(one.id(), one.name()))
                        .toList(),
                objection == null ? shelf(card.worked(), worked) : List.of(),
                envelopes(card.worked(), worked),
                ribbon(card.worked()),
                objection);
    }

    /** What lies round the card but for envelopes goes into an envelope with it. */
    private List<EnvelopeOffers.EnvelopeOffer> envelopes(WorkedPlan card, List<WorkedPlan> worn) {
        return EnvelopeOffers.of(
                Wrapping.all(
                        card,
                        worn.stream().filter(wrap -> !Wrapping.isEnvelope(wrap)).toList()),
                card.workshop().envelopes().all(),
                stock.own().away(),
                card.tools().allowances(),
                card.ruler());
    }

    private static WrapsView.RibbonView ribbon(WorkedPlan card) {
        Ribbon ribbon = Ribbon.round(Girth.of(card.closedCard()), card.tools().allowances(), card.ruler());
        return WrapsView.RibbonView.of(ribbon, card.ruler());
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
        return CardView.of(rail.make(id, asked.structure()));
    }
}
