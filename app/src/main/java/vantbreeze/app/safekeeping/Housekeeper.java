package vantbreeze.app.safekeeping;

import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.stereotype.Component;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;

/**
 * What is done by itself, soon after the start and then every hour: the day's copy, and what was put aside long ago
 * taken away.
 */
@Component
@ConditionalOnProperty("vantbreeze.housekeeping")
class Housekeeper implements ApplicationListener<ApplicationReadyEvent>, DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Housekeeper.class);
    /** Not before the first page is served. */
    private static final int FIRST_SECONDS = 5;

    private static final int EVERY_SECONDS = 3_600;

    private final Copies copies;
    private final Drawer drawer;
    private final StockRoom stock;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "housekeeping");
        thread.setDaemon(true);
        return thread;
    });

    Housekeeper(Copies copies, Drawer drawer, StockRoom stock) {
        this.copies = copies;
        this.drawer = drawer;
        this.stock = stock;
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        var unused = clock.scheduleWithFixedDelay(this::round, FIRST_SECONDS, EVERY_SECONDS, TimeUnit.SECONDS);
    }

    /** A copy first, so that what is taken away is in it. */
    void round() {
        try {
            copies.daily();
            drawer.purge();
            stock.purgePictures();
        } catch (IOException | RuntimeException unable) {
            // the next round may do better; the maker's work goes on
            LOG.warn("The day's copy could not be made: {}", unable.getMessage());
        }
    }

    @Override
    public void destroy() {
        clock.shutdownNow();
    }
}
