package vantbreeze.core.paper;

import static vantbreeze.core.length.Length.ofInches;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope.Source;

/** The envelopes that can be chosen from. */
public record Envelopes(List<Envelope> all) {

    private static final Envelopes PUBLISHED = new Envelopes(List.of(
            iso("c7", "C7", 114, 81),
            iso("c7-6", "C7/6", 162, 81),
            iso("c6", "C6", 162, 114),
            iso("dl", "DL", 220, 110),
            iso("c6-5", "C6/C5", 229, 114),
            iso("c5", "C5", 229, 162),
            iso("c4", "C4", 324, 229),
            iso("b6", "B6", 176, 125),
            inch("a1", "A1", ofInches(5, 1, 8), ofInches(3, 5, 8)),
            inch("a2", "A2", ofInches(5, 3, 4), ofInches(4, 3, 8)),
            inch("a6", "A6", ofInches(6, 1, 2), ofInches(4, 3, 4)),
            inch("a7", "A7", ofInches(7, 1, 4), ofInches(5, 1, 4)),
            inch("a8", "A8", ofInches(8, 1, 8), ofInches(5, 1, 2)),
            inch("a9", "A9", ofInches(8, 3, 4), ofInches(5, 3, 4)),
            inch("a10", "A10", ofInches(9, 1, 2), ofInches(6)),
            inch("no10", "No. 10", ofInches(9, 1, 2), ofInches(4, 1, 8)),
            inch("sq5", "5 in square", ofInches(5), ofInches(5)),
            inch("sq5h", "5½ in square", ofInches(5, 1, 2), ofInches(5, 1, 2)),
            inch("sq6", "6 in square", ofInches(6), ofInches(6)),
            inch("sq6h", "6½ in square", ofInches(6, 1, 2), ofInches(6, 1, 2)),
            inch("sq7", "7 in square", ofInches(7), ofInches(7)),
            metric("uk-5x7", "for a 5 × 7 in card", 184, 133),
            metric("uk-sq6", "for a 6 in square card", 155, 155)));

    public Envelopes {
        all = List.copyOf(all);
    }

    /** The published and trade sizes: ISO 269 by the standard, the trade's from memory. */
    public static Envelopes published() {
        return PUBLISHED;
    }

    /** These and one's own. */
    public Envelopes and(List<Envelope> own) {
        return new Envelopes(Stream.concat(all.stream(), own.stream()).toList());
    }

    /** The envelope with this id. */
    public Optional<Envelope> find(String id) {
        return all.stream().filter(envelope -> envelope.id().equals(id)).findFirst();
    }

    private static Envelope iso(String id, String name, long width, long height) {
        return new Envelope(id, name, Size.ofMillimetres(width, height), Source.ISO_269);
    }

    private static Envelope metric(String id, String name, long width, long height) {
        return new Envelope(id, name, Size.ofMillimetres(width, height), Source.TRADE_METRIC);
    }

    private static Envelope inch(String id, String name, Length width, Length height) {
        return new Envelope(id, name, new Size(width, height), Source.TRADE_INCH);
    }
}
