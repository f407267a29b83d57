package vantbreeze.core.paper;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * An envelope one can put a card in, or a box.
 *
 * @param id how plans name it
 * @param name what it is sold as
 * @param inside what goes in, long side first
 * @param source where its size is from
 * @param depth how deep its walls are; nil of a flat one
 * @param count how many there are; null for as many as are wanted
 * @param price of one, in whatever money the maker counts; null when it is not known
 */
public record Envelope(
        String id,
        String name,
        Size inside,
        Source source,
        Length depth,
        @Nullable Integer count,
        @Nullable BigDecimal price) {

    /** Most envelopes alike. */
    public static final int MOST = 100_000;

    /** No deeper box is a wrap of a card. */
    public static final Length DEEPEST = Length.ofMillimetres(100);

    /** @throws IllegalArgumentException in words for the maker when one of its figures can't be */
    public Envelope {
        if (depth.isNegative() || depth.isLongerThan(DEEPEST)) {
            throw new IllegalArgumentException("A box is between 0 and 100 mm deep. Type its depth inside.");
        }
        if (count != null && (count < 0 || count > MOST)) {
            throw new IllegalArgumentException("There are between 0 and 100,000 envelopes. Type how many.");
        }
        if (price != null && price.signum() < 0) {
            throw new IllegalArgumentException("An envelope costs nothing or more. Type its price.");
        }
    }

    /** A flat one, as many as are wanted. */
    public Envelope(String id, String name, Size inside, Source source) {
        this(id, name, inside, source, Length.ZERO, null, null);
    }

    /** The same under another id, as one of the maker's own. */
    public Envelope owned(String other) {
        return new Envelope(other, name, inside, Source.OWN, depth, count, price);
    }

    /** Whether another is such an envelope too, however many there are and whatever they cost. */
    public boolean isLike(Envelope other) {
        return id.equals(other.id)
                && name.equals(other.name)
                && inside.equals(other.inside)
                && depth.equals(other.depth)
                && source == other.source;
    }

    /** Whether the maker has one at hand: one of their own that is not used up. */
    public boolean isAtHand() {
        return source == Source.OWN && (count == null || count > 0);
    }

    /** Where a size is from. */
    public enum Source {
        /** ISO 269:1985, correspondence envelopes. */
        ISO_269("ISO 269"),
        /** North American trade sizes; no standard, from memory. */
        TRADE_INCH("trade size, inches"),
        /** British trade sizes for greeting cards; no standard, from memory. */
        TRADE_METRIC("trade size, mm"),
        /** Measured by the maker. */
        OWN("own size");

        private final String label;

        Source(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
