package vantbreeze.app.cards;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.info.BuildProperties;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.ListedCard;
import vantbreeze.app.store.StoredSummary;

/**
 * What lies in the drawer, and what was put aside. It is read from summaries kept beside the cards, not by working out
 * every card. A summary is out of date when its card, the maker's tools and stock, or this build is another than it was
 * made of: as many of those as can be are made anew at once, the rest behind the maker's back.
 */
@Service
public class Listing implements DisposableBean {

    /** Goes up when what a summary holds changes. */
    private static final int FORMAT = 1;

    private static final Logger LOG = LoggerFactory.getLogger(Listing.class);

    private final CardLists lists;
    private final Drawer drawer;
    private final StockRoom stock;
    private final Summarizer summarizer;
    private final String build;
    /** For so long summaries are made anew before a list is answered; one at least. */
    private final Duration atOnce;
    /** Summaries that could not be kept, since the store takes nothing. */
    private final Map<UUID, StoredSummary> unkept = new ConcurrentHashMap<>();

    private final ExecutorService behind = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "summaries");
        thread.setDaemon(true);
        return thread;
    });
    private final AtomicBoolean atWork = new AtomicBoolean();

    Listing(
            CardLists lists,
            Drawer drawer,
            StockRoom stock,
            Summarizer summarizer,
            ObjectProvider<BuildProperties> build,
            @Value("${vantbreeze.list.at-once}") Duration atOnce) {
        this.lists = lists;
        this.drawer = drawer;
        this.stock = stock;
        this.summarizer = summarizer;
        this.atOnce = atOnce;
        BuildProperties known = build.getIfAvailable();
        this.build = known == null || known.getTime() == null
                ? "no build"
                : known.getTime().toString();
    }

    /** All cards in the drawer, the last changed first. */
    public List<CardRow> cards() {
        return rows(lists.present());
    }

    /** All cards that were put aside, the last one first. */
    public List<CardRow> deleted() {
        return rows(lists.deleted());
    }

    /**
     * One card, in the drawer or put aside.
     *
     * @throws CardGone when there is none
     */
    public CardRow card(UUID id) {
        return rows(List.of(lists.find(id).orElseThrow(CardGone::new))).get(0);
    }

    /**
     * What is shown of one card as it is now, in the drawer or put aside.
     *
     * @throws CardGone when there is none
     */
    public Summary summary(UUID id) {
        String stockNow = stock.fingerprint();
        StoredSummary kept = lists.summary(id).orElse(unkept.get(id));
        int revision = lists.find(id).orElseThrow(CardGone::new).revision();
        StoredSummary fresh =
                kept != null && kept.madeOf().equals(madeOf(revision, stockNow)) ? kept : made(id, revision, stockNow);
        return new Summary(fresh.facts(), fresh.sketch());
    }

    private List<CardRow> rows(List<ListedCard> listed) {
        String stockNow = stock.fingerprint();
        List<CardRow> rows = new ArrayList<>(listed.size());
        List<ListedCard> later = new ArrayList<>();
        long begun = System.nanoTime();
        boolean any = false;
        for (ListedCard one : listed) {
            StoredSummary aside = unkept.get(one.id());
            String madeOf = aside == null ? one.madeOf() : aside.madeOf();
            String facts = aside == null ? one.facts() : aside.facts();
            if (!madeOf(one.revision(), stockNow).equals(madeOf)) {
                if (!any || System.nanoTime() - begun < atOnce.toNanos()) {
                    any = true;
                    facts = made(one.id(), one.revision(), stockNow).facts();
                } else {
                    later.add(one);
                }
            }
            rows.add(new CardRow(one.id(), one.revision(), one.name(), one.changedAt(), one.deletedAt(), facts));
        }
        if (!later.isEmpty() && atWork.compareAndSet(false, true)) {
            behind.execute(() -> makeAll(later, stockNow));
        }
        return rows;
    }

    private void makeAll(List<ListedCard> listed, String stockNow) {
        try {
            listed.forEach(one -> made(one.id(), one.revision(), stockNow));
        } catch (CardGone | DataAccessException left) {
            // the next list finds what is left
            LOG.debug("summaries were left", left);
        } finally {
            atWork.set(false);
        }
    }

    private StoredSummary made(UUID id, int revision, String stockNow) {
        Summary summary;
        try {
            summary = summarizer.of(drawer.anywhere(id));
        } catch (CannotOpen why) {
            summary = summarizer.unopenable(why.getMessage());
        }
        StoredSummary made = new StoredSummary(id, madeOf(revision, stockNow), summary.facts(), summary.sketch());
        try {
            lists.keep(made);
            unkept.remove(id);
        } catch (DataAccessException unable) {
            unkept.put(id, made);
        }
        return made;
    }

    private String madeOf(int revision, String stockNow) {
        return String.format(Locale.ROOT, "%d, revision %d, stock %s, %s", FORMAT, revision, stockNow, build);
    }

    @Override
    public void destroy() {
        behind.shutdownNow();
    }
}
