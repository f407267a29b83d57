package vantbreeze.core.post;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;

/**
 * Tables that ship with the house: limits only, no prices. They are from memory, of 2024 at the latest; what the
 * counter says is what counts, and each may be edited.
 */
public final class PostTables {

    private static final String MEMORY = "from memory, 2024; ask your counter";

    private static final double INCH = 25.4;
    private static final double OUNCE = 28.349_523_125;

    /** Machines read what is between 1.3 and 2.5 times as long as wide; from memory. */
    private static final Span READ = new Span(1.3, 2.5);

    private static final List<PostTable> ALL = List.of(
            // small, large and bulky letters of the Universal Postal Union's conventions; from memory
            new PostTable(
                    "upu",
                    "International letter limits (UPU)",
                    "XDR",
                    List.of(
                            letter("upu-small", "Small letter", span(140, 245), span(90, 165), 5, 100),
                            letter("upu-large", "Large letter", span(140, 381), span(90, 305), 20, 500),
                            PostService.of(
                                    "upu-bulky",
                                    "Bulky letter",
                                    new PostLimits(
                                            span(140, 600), span(90, 600), Span.upTo(600), Span.upTo(2000), 900, null),
                                    MEMORY))),
            new PostTable(
                    "us",
                    "United States",
                    "USD",
                    List.of(
                            PostService.of(
                                            "us-letter",
                                            "Letter",
                                            PostLimits.of(
                                                    span(inches(5), inches(11.5)),
                                                    span(inches(3.5), inches(6.125)),
                                                    span(inches(0.007), inches(0.25)),
                                                    Span.upTo(ounces(3.5))),
                                            MEMORY + "; what is square, stiff or uneven pays for being sorted by hand")
                                    .with(new Surcharges(READ, BigDecimal.ZERO, BigDecimal.ZERO)),
                            letter(
                                    "us-flat",
                                    "Large envelope",
                                    span(inches(5), inches(15)),
                                    span(inches(3.5), inches(12)),
                                    inches(0.75),
                                    ounces(13)),
                            letter(
                                    "us-parcel",
                                    "Small parcel",
                                    span(inches(6), inches(27)),
                                    span(inches(3), inches(17)),
                                    inches(17),
                                    ounces(70 * 16)))),
            new PostTable(
                    "uk",
                    "United Kingdom",
                    "GBP",
                    List.of(
                            letter("uk-letter", "Letter", span(100, 240), span(70, 165), 5, 100),
                            letter("uk-large", "Large letter", span(100, 353), span(70, 250), 25, 750),
                            letter("uk-parcel", "Small parcel", span(100, 450), span(70, 350), 160, 2000))),
            new PostTable(
                    "de",
                    "Germany",
                    "EUR",
                    List.of(
                            PostService.of(
                                    "de-standard",
                                    "Standard letter",
                                    PostLimits.of(span(140, 235), span(90, 125), Span.upTo(5), Span.upTo(20))
                                            .shaped(new Span(1.4, 100)),
                                    MEMORY + "; at least 1.4 times as long as wide"),
                            letter("de-compact", "Compact letter", span(100, 235), span(70, 125), 10, 50),
                            letter("de-large", "Large letter", span(100, 353), span(70, 250), 20, 500),
                            letter("de-maxi", "Maxi letter", span(100, 353), span(70, 250), 50, 1000))));

    private PostTables() {}

    /** In millimetres, as exactly as lengths are kept. */
    private static double inches(double number) {
        return Length.nearest(number * INCH).millimetres();
    }

    /** In grams, to the tenth below: nobody's scales tell more. */
    private static double ounces(double number) {
        return Math.floor(number * OUNCE * 10) / 10;
    }

    private static Span span(double from, double to) {
        return new Span(from, to);
    }

    private static PostService letter(String id, String name, Span length, Span width, double thickness, double grams) {
        return PostService.of(id, name, PostLimits.of(length, width, Span.upTo(thickness), Span.upTo(grams)), MEMORY);
    }

    /** In the order in which they are offered. */
    public static List<PostTable> all() {
        return ALL;
    }

    /** The one of that id. */
    public static Optional<PostTable> find(String id) {
        return find(id, ALL);
    }

    /** The maker's own, then the shipped ones, in their place those that the maker changed. */
    public static List<PostTable> with(List<PostTable> own) {
        return Stream.concat(
                        own.stream().filter(table -> find(table.id()).isEmpty()),
                        ALL.stream().map(table -> find(table.id(), own).orElse(table)))
                .toList();
    }

    /** The table of that id among these. */
    public static Optional<PostTable> find(String id, List<PostTable> tables) {
        return tables.stream().filter(table -> table.id().equals(id)).findFirst();
    }
}
