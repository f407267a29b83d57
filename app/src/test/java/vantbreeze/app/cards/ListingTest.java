package vantbreeze.app.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.ListedCard;

/** A list does not wait for what takes long to make: names come at once, the rest follows. */
class ListingTest {

    private static final int CARDS = 12;

    private final CardLists lists = mock();
    private final Summarizer summarizer = mock();

    private Listing listing(Duration atOnce) {
        ObjectProvider<BuildProperties> build = mock();
        StockRoom stock = mock();
        when(stock.fingerprint()).thenReturn("stock");
        when(summarizer.of(any())).thenReturn(new Summary("{}", null));
        when(lists.present())
                .thenReturn(IntStream.range(0, CARDS)
                        .mapToObj(i -> new ListedCard(new UUID(1, i), 0, "Kite " + i, Instant.EPOCH, null, null, null))
                        .toList());
        return new Listing(lists, mock(), stock, summarizer, build, atOnce);
    }

    @Test
    void withTimeAllAreMadeAtOnce() {
        assertThat(listing(Duration.ofMinutes(5)).cards())
                .allSatisfy(row -> assertThat(row.facts()).isEqualTo("{}"));
    }

    @Test
    void withNoneOneIsMadeAndTheOthersFollow() {
        assertThat(listing(Duration.ZERO).cards())
                .hasSize(CARDS)
                .satisfies(rows -> assertThat(rows.get(0).facts()).isEqualTo("{}"))
                .allSatisfy(row -> assertThat(row.name()).startsWith("Kite"))
                .filteredOn(row -> row.facts() == null)
                .hasSize(CARDS - 1);
        verify(lists, timeout(10_000).times(CARDS)).keep(any());
    }
}
