package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Moved;
import vantbreeze.core.hand.MovedCard;
import vantbreeze.core.hand.OpenMeasure;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.recipe.RecipeWriter;

/** Working on a card by hand: taking hold of lines, drawing, locking, solving, re-ruling, writing it down. */
@RestController
@RequestMapping("/api/cards/{id}")
class HandController {

    /** A card after a move, and what to say of it. */
    public record MovedView(CardView card, String words) {}

    /** A measure to lock or unlock. */
    public record Lock(int revision, @Text String measure, boolean locked) {}

    /** A measure to be found from the rest. */
    public record Solve(int revision, @Text String measure) {}

    /** A ruler whose marks the card shall come to. */
    public record Rerule(int revision, @Text String ruler) {}

    private final Drawer drawer;
    private final StockRoom stock;

    HandController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @PostMapping("/hand")
    MovedView move(@PathVariable UUID id, @Valid @RequestBody Moving moving) {
        if (!moving.keep()) {
            return glimpse(id, moving);
        }
        String[] words = {""};
        Card card = drawer.change(id, moving.revision(), plan -> moved(plan, moving, Hand::worked, words)
                .plan());
        return new MovedView(CardView.of(card), words[0]);
    }

    /** The card as it would be, while the line is still held; nothing is kept. */
    MovedView glimpse(UUID id, Moving moving) {
        String[] words = {""};
        Card card = drawer.imagined(id, moving.revision(), plan -> moved(plan, moving, Hand::glimpsed, words));
        return new MovedView(CardView.glimpsed(card, moving.closed() == null ? 0 : moving.closed()), words[0]);
    }

    private WorkedPlan moved(Plan plan, Moving moving, BiFunction<Hand, Move, MovedCard> how, String[] words) {
        MovedCard moved = how.apply(new Hand(stock.workshop(), plan), moving.on(plan, stock.workshop()));
        words[0] = moved.words();
        return moved.worked();
    }

    @PostMapping("/drawing")
    CardView draw(@PathVariable UUID id, @Valid @RequestBody Stroke stroke) {
        return CardView.of(drawer.change(id, stroke.revision(), plan -> stroke.on(plan, stock.workshop())));
    }

    @PostMapping("/locks")
    CardView lock(@PathVariable UUID id, @Valid @RequestBody Lock lock) {
        return CardView.of(
                drawer.change(id, lock.revision(), plan -> plan.locking(bare(lock.measure()), lock.locked())));
    }

    @PostMapping("/solved")
    MovedView solve(@PathVariable UUID id, @Valid @RequestBody Solve solve) {
        String[] words = {""};
        Card card = drawer.change(id, solve.revision(), plan -> {
            Moved moved = new OpenMeasure(stock.workshop(), plan).solved(bare(solve.measure()));
            words[0] = moved.words();
            return moved.plan();
        });
        return new MovedView(CardView.of(card), words[0]);
    }

    /** What would become of every figure on another ruler. */
    @GetMapping("/reruling")
    ReruledView reruling(@PathVariable UUID id, @RequestParam String ruler) {
        Card card = drawer.card(id);
        Plan after = new Drafting(stock.workshop(), card.plan())
                .onMarks(Written.on(ruler).ruler());
        return ReruledView.of(card.worked(), stock.workshop().work(after));
    }

    @PostMapping("/reruled")
    CardView rerule(@PathVariable UUID id, @Valid @RequestBody Rerule rerule) {
        return CardView.of(drawer.change(id, rerule.revision(), plan -> new Drafting(stock.workshop(), plan)
                .onMarks(Written.on(rerule.ruler()).ruler())));
    }

    /** The card written out as a recipe. */
    @GetMapping(value = "/recipe", produces = MediaType.TEXT_PLAIN_VALUE + ";charset=UTF-8")
    String recipe(@PathVariable UUID id, @RequestParam(required = false) @Nullable String ruler) {
        Card card = drawer.card(id);
        return RecipeWriter.write(
                card.worked(),
                ruler == null ? card.plan().ruler() : Written.on(ruler).ruler());
    }

    private static String bare(String measure) {
        return measure.startsWith(CardView.PANEL) ? measure.substring(CardView.PANEL.length()) : measure;
    }
}
