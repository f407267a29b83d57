package vantbreeze.core.plan;

import java.util.ArrayList;
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
import vantbreeze.core.post.PostTable;
import vantbreeze.core.tool.Tools;

/**
 * What one maker has: tools, and envelopes, sheets and cardstocks beside the published ones.
 *
 * @param tools boards and trimmer
 * @param envelopes own envelopes
 * @param sheets own sheets
 * @param cardstocks own cardstocks, by id
 * @param away ids of what is no longer offered; plans that name it go on working
 * @param cuts cards that were cut, the last ones
 * @param post postal areas whose services the maker changed, or typed
 */
public record OwnStock(
        Tools tools,
        List<Envelope> envelopes,
        List<StockSheet> sheets,
        Map<String, Cardstock> cardstocks,
        Set<String> away,
        List<CutDone> cuts,
        List<PostTable> post) {

    /** Cards that were cut and are remembered, so that it can be taken back. */
    public static final int MOST_CUTS = 100;

    /** Postal areas at the most. */
    public static final int MOST_AREAS = 40;

    /** Most things of one kind. */
    public static final int MOST = 200;

    /** @throws ValidationException when there are more than {@link #MOST} of a kind, or two things share an id */
    public OwnStock {
        envelopes = List.copyOf(envelopes);
        sheets = List.copyOf(sheets);
        cardstocks = Collections.unmodifiableMap(new LinkedHashMap<>(cardstocks));
        away = Collections.unmodifiableSet(new LinkedHashSet<>(away));
        post = List.copyOf(post);
        if (post.size() > MOST_AREAS) {
            throw new ValidationException(
                    "area", String.format(Locale.ROOT, "That is more than %d postal areas. Take one out.", MOST_AREAS));
        }
        cuts = List.copyOf(cuts.subList(Math.max(0, cuts.size() - MOST_CUTS), cuts.size()));
        if (envelopes.size() > MOST || sheets.size() > MOST || cardstocks.size() > MOST) {
            throw new ValidationException(
                    "stock", String.format(Locale.ROOT, "That is more than %d of a kind. Put some away first.", MOST));
        }
        if (new HashSet<>(envelopes.stream().map(Envelope::id).toList()).size() < envelopes.size()
                || new HashSet<>(sheets.stream().map(StockSheet::id).toList()).size() < sheets.size()) {
            throw new ValidationException("stock", "Two things are kept under the same id. Give one of them another.");
        }
    }

    /**
     * With nothing cut yet.
     *
     * @throws ValidationException when there are more than {@link #MOST} of a kind, or two things share an id
     */
    public OwnStock(
            Tools tools,
            List<Envelope> envelopes,
            List<StockSheet> sheets,
            Map<String, Cardstock> cardstocks,
            Set<String> away) {
        this(tools, envelopes, sheets, cardstocks, away, List.of(), List.of());
    }

    /** The usual tools and nothing of one's own. */
    public static OwnStock usual() {
        return new OwnStock(Tools.usual(), List.of(), List.of(), Map.of(), Set.of());
    }

    /** The same with other tools. */
    public OwnStock with(Tools other) {
        return new OwnStock(other, envelopes, sheets, cardstocks, away, cuts, post);
    }

    /** The same with other envelopes, sheets and cardstocks. */
    public OwnStock with(List<Envelope> otherEnvelopes, List<StockSheet> otherSheets, Map<String, Cardstock> others) {
        return new OwnStock(tools, otherEnvelopes, otherSheets, others, away, cuts, post);
    }

    /** The same with other sheets. */
    public OwnStock withSheets(List<StockSheet> others) {
        return with(envelopes, others, cardstocks);
    }

    /** The same with other postal services. */
    public OwnStock withPost(List<PostTable> others) {
        return new OwnStock(tools, envelopes, sheets, cardstocks, away, cuts, others);
    }

    /** The same with other things put away. */
    public OwnStock withAway(Set<String> others) {
        return new OwnStock(tools, envelopes, sheets, cardstocks, others, cuts, post);
    }

    /**
     * When a card has been cut: the sheets it took are gone, what was left over is there. Offcuts that are used up and
     * that no cut remembers are forgotten.
     *
     * @param offcuts what was left over
     */
    public OwnStock cut(CutDone done, List<StockSheet> offcuts) {
        List<CutDone> all = new ArrayList<>(cuts);
        all.add(done);
        Set<String> remembered = new HashSet<>();
        all.subList(Math.max(0, all.size() - MOST_CUTS), all.size())
                .forEach(one -> remembered.addAll(one.taken().keySet()));
        List<StockSheet> left = new ArrayList<>();
        for (StockSheet sheet : counted(done.taken(), -1)) {
            boolean usedUp = sheet.offcut() && Integer.valueOf(0).equals(sheet.count());
            if (!usedUp || remembered.contains(sheet.id())) {
                left.add(sheet);
            }
        }
        left.addAll(offcuts);
        return new OwnStock(tools, envelopes, left, cardstocks, away, all, post);
    }

    /**
     * As if that had not been cut: its sheets are there again, and what was left over is gone, but for what was used of
     * it meanwhile.
     *
     * @throws ValidationException when nothing is known of it
     */
    public OwnStock uncut(String id) {
        CutDone done = cuts.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new ValidationException(
                        "cut", "That was taken back already, or is too long ago. Change the list of sheets by hand."));
        List<StockSheet> left = counted(done.taken(), 1).stream()
                .filter(sheet -> !done.offcuts().contains(sheet.id()))
                .toList();
        return new OwnStock(
                tools,
                envelopes,
                left,
                cardstocks,
                away,
                cuts.stream().filter(one -> !one.id().equals(id)).toList(),
                post);
    }

    private List<StockSheet> counted(Map<String, Integer> taken, int sign) {
        return sheets.stream()
                .map(sheet -> {
                    Integer count = sheet.count();
                    int by = taken.getOrDefault(sheet.id(), 0);
                    return count == null || by == 0
                            ? sheet
                            : sheet.withCount(Math.max(0, Math.min(StockSheet.MOST, count + sign * by)));
                })
                .toList();
    }
}
