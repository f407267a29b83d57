package vantbreeze.core.paper;

/**
 * An envelope one can put a card in.
 *
 * @param id how plans name it
 * @param name what it is sold as
 * @param inside what goes in, long side first
 * @param source where its size is from
 */
public record Envelope(String id, String name, Size inside, Source source) {

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
