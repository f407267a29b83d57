package vantbreeze.app.cutting;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Service;
import vantbreeze.app.cards.Card;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutOrder;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.OtherPlans;
import vantbreeze.core.paper.Sheets;

/** Works plans of cuts out behind what is asked, and keeps those asked last. */
@Service
public class CuttingDesk {

    /** Plans that are kept. */
    private static final int MOST = 24;

    private final StockRoom stock;
    private final Map<Key, CuttingJob> jobs = new LinkedHashMap<>();
    private final ExecutorService behind = Executors.newFixedThreadPool(2, task -> {
        Thread thread = new Thread(task, "cutting");
        thread.setDaemon(true);
        return thread;
    });

    private record Key(UUID card, int revision, String stock) {}

    CuttingDesk(StockRoom stock) {
        this.stock = stock;
    }

    /** All of a card to be cut from what is at hand; what was put away is not. */
    public CutOrder order(Card card) {
        Sheets sheets = stock.workshop().sheets();
        return card.worked()
                .cutOrder(new Sheets(sheets.all().stream()
                        .filter(sheet -> !stock.own().away().contains(sheet.id()))
                        .toList()));
    }

    /** The plan for a card as it is now, begun where it was not. */
    public CuttingJob job(Card card) {
        Key key = new Key(card.id(), card.revision(), stock.fingerprint());
        CuttingJob job;
        synchronized (jobs) {
            CuttingJob known = jobs.remove(key);
            job = known == null ? new CuttingJob() : known;
            jobs.put(key, job);
            if (known != null) {
                return job;
            }
            forget(key);
        }
        CutOrder order = order(card);
        behind.execute(() -> {
            try {
                job.done(CutPlan.of(order, job), OtherPlans.of(order, job));
            } catch (IllegalArgumentException tooMany) {
                job.failed(new ValidationException("cutting", String.valueOf(tooMany.getMessage())));
            } catch (RuntimeException failure) {
                job.failed(failure);
            }
        });
        return job;
    }

    /** Earlier states of the same card are of no use while they are not done; of all others the oldest go. */
    private void forget(Key now) {
        List<Key> old = new ArrayList<>(jobs.keySet());
        for (Key one : old) {
            CuttingJob job = jobs.get(one);
            if (job != null && one.card().equals(now.card()) && !one.equals(now) && !job.isOver()) {
                job.stop();
                jobs.remove(one);
            }
        }
        while (jobs.size() > MOST) {
            jobs.remove(jobs.keySet().iterator().next()).stop();
        }
    }

    @PreDestroy
    void close() {
        synchronized (jobs) {
            jobs.values().forEach(CuttingJob::stop);
        }
        behind.shutdownNow();
    }
}
