package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Changed;
import vantbreeze.app.cards.Drawer;

/** Lines of a card taken hold of and moved. */
@RestController
@RequestMapping("/api/cards/{id}")
class DragController {

    /** A card after a move, and what to say of it. */
    public record MovedView(CardView card, String words) {}

    private final Drawer drawer;

    DragController(Drawer drawer) {
        this.drawer = drawer;
    }

    @PostMapping("/hand")
    MovedView move(@PathVariable UUID id, @Valid @RequestBody DragCommand drag) {
        if (!drag.keep()) {
            return glimpse(id, drag);
        }
        Changed changed = drawer.change(id, drag.revision(), drag);
        return new MovedView(CardView.of(changed.card()), changed.words());
    }

    /** The card as it would be, while the line is still held; nothing is kept. */
    MovedView glimpse(UUID id, DragCommand drag) {
        Changed imagined = drawer.imagined(id, drag.revision(), drag);
        return new MovedView(
                CardView.glimpsed(imagined.card(), drag.closed() == null ? 0 : drag.closed()), imagined.words());
    }
}
