package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.die.Nest;
import vantbreeze.core.edit.Deciding;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Tools;

/** Tools and papers of the maker's own. */
@RestController
@RequestMapping("/api/stock/own")
class OwnStockController {

    private final StockRoom stock;

    OwnStockController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping
    OwnStockView own() {
        return OwnStockView.of(stock.own(), stock.workshop());
    }

    @PutMapping("/tools")
    OwnStockView tools(@Valid @RequestBody NewStock.NewTools asked) {
        Tools tools = asked.tools();
        stock.change(own -> own.with(tools.with(own.tools().allowances())
                .with(own.tools().dies())
                .with(own.tools().adhesives())));
        return own();
    }

    @PostMapping("/envelopes")
    OwnStockView envelope(@Valid @RequestBody NewStock.NewEnvelope asked) {
        Envelope envelope = asked.envelope(StockRoom.newId());
        stock.change(own -> own.with(with(own.envelopes(), envelope), own.sheets(), own.cardstocks()));
        return own();
    }

    /** Another size, another count, another price of one that is kept; cards that name it go on with it. */
    @PutMapping("/envelopes/{id}")
    OwnStockView envelope(@PathVariable String id, @Valid @RequestBody NewStock.NewEnvelope asked) {
        if (stock.own().envelopes().stream().noneMatch(one -> one.id().equals(id))) {
            throw nothing(id);
        }
        Envelope envelope = asked.envelope(id);
        stock.change(own -> own.with(
                own.envelopes().stream()
                        .map(one -> one.id().equals(id) ? envelope : one)
                        .toList(),
                own.sheets(),
                own.cardstocks()));
        return own();
    }

    @PostMapping("/sheets")
    OwnStockView sheet(@Valid @RequestBody NewStock.NewSheetOfStock asked) {
        StockSheet sheet = asked.sheet(StockRoom.newId(), stock.workshop());
        stock.change(own -> own.withSheets(with(own.sheets(), sheet)));
        return own();
    }

    @PostMapping("/cardstocks")
    OwnStockView cardstock(@Valid @RequestBody NewStock.NewCardstock asked) {
        Cardstock card = asked.cardstock();
        stock.change(own -> {
            Map<String, Cardstock> all = new LinkedHashMap<>(own.cardstocks());
            all.put(StockRoom.newId(), card);
            return own.with(own.envelopes(), own.sheets(), all);
        });
        return own();
    }

    @PostMapping("/nests")
    OwnStockView nest(@Valid @RequestBody NewStock.NewNest asked) {
        Nest nest = asked.nest(StockRoom.newId());
        stock.change(own -> own.with(
                own.tools().with(Deciding.of("sizes", () -> own.tools().dies().with(nest)))));
        return own();
    }

    @PostMapping("/adhesives")
    OwnStockView adhesive(@Valid @RequestBody NewStock.NewAdhesive asked) {
        return kept(asked.adhesive(StockRoom.newId()));
    }

    /** What the maker has of it: another name, other times, other cautions. */
    @PutMapping("/adhesives/{id}")
    OwnStockView adhesive(@PathVariable String id, @Valid @RequestBody NewStock.NewAdhesive asked) {
        known(id);
        return kept(asked.adhesive(id));
    }

    private OwnStockView kept(Adhesive adhesive) {
        stock.change(own -> own.with(own.tools()
                .with(Deciding.of("name", () -> own.tools().adhesives().with(adhesive)))));
        return own();
    }

    /** A usual one as it is usual again; one of the maker's own is forgotten. */
    @DeleteMapping("/adhesives/{id}")
    OwnStockView usual(@PathVariable String id) {
        known(id);
        stock.change(own -> own.with(own.tools().with(own.tools().adhesives().without(id))));
        return own();
    }

    private void known(String id) {
        if (stock.own().tools().adhesives().find(id).isEmpty()) {
            throw nothing(id);
        }
    }

    private static NotHere nothing(String id) {
        return new NotHere("There is nothing kept under \"%s\". Look at the list again."
                .formatted(id.length() > 60 ? id.substring(0, 60) + "…" : id));
    }

    /** Puts something away: it is offered no more, but cards that name it go on. */
    @DeleteMapping("/{id}")
    OwnStockView away(@PathVariable String id) {
        return putAway(id, true);
    }

    /** Offers something again. */
    @PutMapping("/{id}/offered")
    OwnStockView offered(@PathVariable String id) {
        return putAway(id, false);
    }

    private OwnStockView putAway(String id, boolean isAway) {
        Workshop here = stock.workshop();
        if (here.envelopes().find(id).isEmpty()
                && here.sheets().find(id).isEmpty()
                && here.cardstocks().find(id).isEmpty()
                && stock.own().tools().dies().find(id).isEmpty()
                && stock.own().tools().adhesives().find(id).isEmpty()) {
            throw nothing(id);
        }
        stock.change(own -> {
            Set<String> away = new LinkedHashSet<>(own.away());
            if (isAway) {
                away.add(id);
            } else {
                away.remove(id);
            }
            return own.withAway(away);
        });
        return own();
    }

    private static <T> List<T> with(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }
}
