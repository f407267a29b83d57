package vantbreeze.app.api;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.exchange.print.LayerSheet;
import vantbreeze.exchange.table.LayerTable;

/** Mats and layers of a card: listed, printed. */
@RestController
@RequestMapping("/api/cards/{id}")
class LayerController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final Drawer drawer;
    private final StockRoom stock;

    LayerController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @GetMapping("/layers")
    LayersView layers(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return LayersView.of(card.revision(), card.worked(), stock.workshop());
    }

    /** The list as comma-separated values. */
    @GetMapping("/layers.csv")
    ResponseEntity<byte[]> table(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return Download.of(
                card.plan().name(),
                ", layers.csv",
                CSV,
                "attachment",
                LayerTable.of(card.worked()).getBytes(StandardCharsets.UTF_8));
    }

    /** The list and the map on pages. */
    @GetMapping("/layers.pdf")
    ResponseEntity<byte[]> pages(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String page) {
        Card card = drawer.card(id);
        return Download.of(
                card.plan().name(),
                ", layers.pdf",
                MediaType.APPLICATION_PDF,
                "attachment",
                LayerSheet.of(card.worked(), Printed.page(page)));
    }
}
