package vantbreeze.app.stock;

import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import vantbreeze.app.store.StoredStock;
import vantbreeze.app.store.StoredStocks;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Workshop;
import vantbreeze.exchange.document.StockDocument;

/** Keeps what the maker has of their own, and the workshop that comes of it. */
@Service
public class StockRoom {

    private final StoredStocks stored;
    private final Workshop published = Workshop.standard();
    private Room room;

    private record Room(OwnStock own, Workshop workshop) { }

    StockRoom(StoredStocks stored) {
        this.stored = stored;
    }

    /** The workshop, with what the maker has of their own. */
    public Workshop workshop() {
        return room().workshop;
    }

    /** What the maker has of their own. */
    public OwnStock own() {
        return room().own;
    }

    /** Changes what the maker has; every plan is worked out with it from now on. */
    public synchronized void change(UnaryOperator<OwnStock> change) {
        OwnStock after = change.apply(own());
        stored.saveAndFlush(new StoredStock(StockDocument.write(after)));
        room = new Room(after, published.with(after));
    }

    private synchronized Room room() {
        if (room == null) {
            OwnStock own = stored.findById(StoredStock.ONLY).map(row -> StockDocument.read(row.document())).orElseGet(OwnStock::usual);
            room = new Room(own, published.with(own));
        }
        return room;
    }
}
