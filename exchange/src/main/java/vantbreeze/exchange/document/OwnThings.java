package vantbreeze.exchange.document;

import java.util.List;
import java.util.Map;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;

/**
 * Envelopes, sheets and cardstocks of a maker's own.
 *
 * @param envelopes own envelopes
 * @param sheets own sheets
 * @param cardstocks own cardstocks, by id
 */
public record OwnThings(List<Envelope> envelopes, List<StockSheet> sheets, Map<String, Cardstock> cardstocks) {

    /** None of any kind. */
    public static final OwnThings NONE = new OwnThings(List.of(), List.of(), Map.of());

    /** All that {@code stock} has. */
    public static OwnThings of(OwnStock stock) {
        return new OwnThings(stock.envelopes(), stock.sheets(), stock.cardstocks());
    }

    boolean isEmpty() {
        return envelopes.isEmpty() && sheets.isEmpty() && cardstocks.isEmpty();
    }
}
