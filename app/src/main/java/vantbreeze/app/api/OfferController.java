package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.TriedExtra;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.WorkedPlan;

/** What could be set on a card, tried on it. */
@RestController
@RequestMapping("/api/cards/{id}")
class OfferController {

    /**
     * A kind of thing that can be set on a panel.
     *
     * @param places where its other end could be glued; one without a panel where it has but one end
     */
    public record OfferView(String kind, String name, String meaning, List<PlaceView> places) {}

    /**
     * Where it could be set.
     *
     * @param panel the panel of its other end, by number; null where it has but one
     * @param name what that is called
     * @param against why not; empty when nothing speaks against it
     */
    public record PlaceView(@Nullable Integer panel, @Nullable String name, String against) {}

    private final Drawer drawer;
    private final StockRoom stock;

    OfferController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @GetMapping("/offers")
    List<OfferView> offers(@PathVariable UUID id, @RequestParam int panel, @RequestParam boolean face) {
        WorkedPlan worked = drawer.card(id).worked();
        FoldGraph graph = worked.form().graph();
        if (panel < 0 || panel >= graph.panels().size()) {
            throw new ValidationException("panel", "That panel is not there any more. Look again.");
        }
        List<OfferView> offers = new ArrayList<>();
        for (TriedExtra tried :
                TriedExtra.on(new Face(panel, face ? Side.FACE : Side.BACK), worked, stock.workshop())) {
            if (offers.isEmpty()
                    || !offers.get(offers.size() - 1)
                            .kind()
                            .equals(tried.offer().kind())) {
                offers.add(new OfferView(
                        tried.offer().kind(),
                        tried.offer().name(),
                        tried.offer().meaning(),
                        new ArrayList<>()));
            }
            Integer to = tried.to();
            offers.get(offers.size() - 1)
                    .places()
                    .add(new PlaceView(to, to == null ? null : graph.name(to), tried.against()));
        }
        return offers;
    }
}
