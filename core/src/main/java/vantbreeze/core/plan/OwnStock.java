package vantbreeze.core.plan;

import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Tools;

/**
 * What one maker has: tools, and envelopes, sheets and cardstocks beside the published ones.
 *
 * @param tools boards and trimmer
 * @param envelopes own envelopes
 * @param sheets own sheets
 * @param cardstocks own cardstocks, by id
 * @param away ids of what is no longer offered; plans that name it go on working
 */
public record OwnStock(
        Tools tools,
        List<Envelope> envelopes,
        List<StockSheet> sheets,
        Map<String, Cardstock> cardstocks,
        Set<String> away) {

    /** Most things of one kind. */
    public static final int MOST = 200;

    /** @throws ValidationException when there are more than {@link #MOST} of a kind, or two things share an id */
    public OwnStock {
        envelopes = List.copyOf(envelopes);
        sheets = List.copyOf(sheets);
        cardstocks = Collections.unmodifiableMap(new LinkedHashMap<>(cardstocks));
        away = Collections.unmodifiableSet(new LinkedHashSet<>(away));
        if (envelopes.size() > MOST || sheets.size() > MOST || cardstocks.size() > MOST) {
            throw new ValidationException(
                    "stock", String.format(Locale.ROOT, "That is more than %d of a kind. Put some away first.", MOST));
        }
        if (new HashSet<>(envelopes.stream().map(Envelope::id).toList()).size() < envelopes.size()
                || new HashSet<>(sheets.stream().map(StockSheet::id).toList()).size() < sheets.size()) {
            throw new ValidationException("stock", "Two things are kept under the same id. Give one of them another.");
        }
    }

    /** The usual tools and nothing of one's own. */
    public static OwnStock usual() {
        return new OwnStock(Tools.usual(), List.of(), List.of(), Map.of(), Set.of());
    }

    /** The same with other tools. */
    public OwnStock with(Tools other) {
        return new OwnStock(other, envelopes, sheets, cardstocks, away);
    }
}
