package vantbreeze.app.api;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.hand.WhatItIs;

/** Which structures a card that is drawn free is. */
@RestController
@RequestMapping("/api/cards/{id}")
class LikenessController {

    /**
     * A structure that a card is, or nearly is.
     *
     * @param structure its id
     * @param name what the maker calls it
     * @param exact whether it is that in every figure
     * @param words what it is, in a sentence
     */
    public record LikenessView(String structure, String name, boolean exact, String words) {}

    private final Drawer drawer;
    private final StockRoom stock;

    LikenessController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @GetMapping("/likenesses")
    List<LikenessView> likenesses(@PathVariable UUID id) {
        WhatItIs card = new WhatItIs(stock.workshop(), drawer.card(id).plan());
        return card.all().stream()
                .map(likeness -> new LikenessView(
                        likeness.structure().id(),
                        likeness.structure().name(),
                        likeness.isExact(),
                        card.inWords(likeness)))
                .toList();
    }
}
