package vantbreeze.core.paper;

import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A sheet that the maker has or buys, before anything is cut from it.
 *
 * @param id how plans name it
 * @param name what it is sold as, or what the maker calls it
 * @param size standing upright; of an offcut as it stood on its sheet, so that its grain and its pattern are known
 * @param stockId the cardstock or paper it is of, as plans name it; null for a size that any comes in
 * @param count how many there are; null for as many as are wanted
 * @param offcut whether it is left over from another
 * @param price of one, in whatever money the maker counts; null when it is not known
 */
public record StockSheet(
        String id,
        String name,
        Size size,
        @Nullable String stockId,
        @Nullable Integer count,
        boolean offcut,
        @Nullable BigDecimal price) {

    /** Most sheets alike. */
    public static final int MOST = 100_000;

    /** @throws IllegalArgumentException in words for the maker when there are fewer than none, or it costs less */
    public StockSheet {
        if (count != null && (count < 0 || count > MOST)) {
            throw new IllegalArgumentException("There are between 0 and 100,000 sheets. Type how many.");
        }
        if (price != null && price.signum() < 0) {
            throw new IllegalArgumentException("A sheet costs nothing or more. Type its price.");
        }
    }

    /** A size that any cardstock comes in, as many as are wanted. */
    public StockSheet(String id, String name, Size size) {
        this(id, name, size, null, null, false, null);
    }

    /** The same under another id. */
    public StockSheet withId(String other) {
        return new StockSheet(other, name, size, stockId, count, offcut, price);
    }

    /** The same, so many of them; null for as many as are wanted. */
    public StockSheet withCount(@Nullable Integer other) {
        return new StockSheet(id, name, size, stockId, other, offcut, price);
    }

    /** The same of another paper; null for any. */
    public StockSheet withStock(@Nullable String other) {
        return new StockSheet(id, name, size, other, count, offcut, price);
    }

    /** What it is of, if it is not a size that any comes in. */
    public Optional<String> stock() {
        return Optional.ofNullable(stockId);
    }
}
