package vantbreeze.core.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.EndView;
import vantbreeze.core.fold.bulk.Weight;
import vantbreeze.core.paper.Cardstock;

/**
 * What a card is made of, and how thick and heavy that makes it when closed.
 *
 * @param cardstock of all its pieces of card
 * @param stocks of each piece
 * @param bulk how thick it is where; null when its panels can't lie
 * @param weight of its pieces
 */
public record Heft(Cardstock cardstock, List<Cardstock> stocks, @Nullable BulkMap bulk, Weight weight) {

    public Heft {
        stocks = List.copyOf(stocks);
    }

    /** At its thickest, millimetres; nil when its panels can't lie. */
    public double thickness() {
        return bulk == null ? 0 : bulk.worst().thickness();
    }

    /** The closed stack from its end; null when its panels can't lie. */
    public @Nullable EndView endView() {
        return bulk == null ? null : EndView.of(bulk);
    }
}
