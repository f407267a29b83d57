package vantbreeze.app.store;

import static java.util.Objects.requireNonNull;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Lists and counts, read without taking every card's document along, and what is taken away for good. In SQL: reading
 * its grammar of queries would take Hibernate half a second of every start.
 */
@Repository
public class CardLists {

    private static final String LISTED =
            """
            select c.id, c.revision, c.name, c.changed_at, c.deleted_at, s.made_of, s.facts
            from card c left join card_summary s on s.card = c.id where\s""";

    private final JdbcClient store;

    CardLists(JdbcClient store) {
        this.store = store;
    }

    /** Cards that are not put aside and no wraps, the last changed first. */
    public List<ListedCard> present() {
        return store.sql(LISTED + "c.deleted_at is null and c.wraps is null order by c.changed_at desc, c.id")
                .query(CardLists::listed)
                .list();
    }

    /** Cards that are put aside, the last one first. */
    public List<ListedCard> deleted() {
        return store.sql(LISTED + "c.deleted_at is not null order by c.deleted_at desc, c.id")
                .query(CardLists::listed)
                .list();
    }

    /** One card, in the drawer or put aside. */
    public Optional<ListedCard> find(UUID card) {
        return store.sql(LISTED + "c.id = ?")
                .param(card)
                .query(CardLists::listed)
                .optional();
    }

    /** The summary of a card, if one was kept. */
    public Optional<StoredSummary> summary(UUID card) {
        return store.sql("select made_of, facts, sketch from card_summary where card = ?")
                .param(card)
                .query((row, number) -> new StoredSummary(
                        card, row.getString("made_of"), row.getString("facts"), row.getString("sketch")))
                .optional();
    }

    /**
     * Keeps a summary in place of the one before. It can be made anew at any time, so it need not be on the disk at
     * once.
     */
    public void keep(StoredSummary summary) {
        store.sql("merge into card_summary (card, made_of, facts, sketch) key (card) values (?, ?, ?, ?)")
                .params(Arrays.asList(summary.card(), summary.madeOf(), summary.facts(), summary.sketch()))
                .update();
    }

    /** How many cards are not put aside; wraps are no cards. */
    public long count() {
        return store.sql("select count(*) from card where deleted_at is null and wraps is null")
                .query(Long.class)
                .single();
    }

    /** How many versions a card has. */
    public long versions(UUID card) {
        return store.sql("select count(*) from card_version where card = ?")
                .param(card)
                .query(Long.class)
                .single();
    }

    /** Takes cards put aside before {@code then} away for good, with their wraps and versions; how many that were. */
    public int purge(Instant then) {
        OffsetDateTime at = then.atOffset(ZoneOffset.UTC);
        store.sql("update card set deleted_at = ? where wraps in (select id from card where deleted_at < ?)")
                .params(List.of(at.minusDays(1), at))
                .update();
        store.sql("delete from card_version where card in (select id from card where deleted_at < ?)")
                .param(at)
                .update();
        return store.sql("delete from card where deleted_at < ?").param(at).update();
    }

    /** Pictures kept before {@code then}. */
    public List<UUID> picturesBefore(Instant then) {
        return store.sql("select id from picture where kept_at < ?")
                .param(then.atOffset(ZoneOffset.UTC))
                .query(UUID.class)
                .list();
    }

    private static ListedCard listed(ResultSet row, int number) throws SQLException {
        return new ListedCard(
                row.getObject("id", UUID.class),
                row.getInt("revision"),
                row.getString("name"),
                requireNonNull(instant(row, "changed_at")),
                instant(row, "deleted_at"),
                row.getString("made_of"),
                row.getString("facts"));
    }

    private static @Nullable Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime time = row.getObject(column, OffsetDateTime.class);
        return time == null ? null : time.toInstant();
    }
}
