package vantbreeze.core.paper;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;

/** The sheets that can be chosen from. */
public record Sheets(List<StockSheet> all) {

    private static final Sheets PUBLISHED = new Sheets(List.of(
            new StockSheet("letter", "Letter", new Size(Length.ofInches(8, 1, 2), Length.ofInches(11))),
            new StockSheet("12x12", "12 × 12 in", new Size(Length.ofInches(12), Length.ofInches(12))),
            new StockSheet("a4", "A4", IsoA.size(4)),
            new StockSheet("a3", "A3", IsoA.size(3)),
            new StockSheet("a5", "A5", IsoA.size(5))));

    public Sheets {
        all = List.copyOf(all);
    }

    /** Letter (ANSI/ASME Y14.1, size A), the A sizes of ISO 216, and the craft trade's 12 × 12 in. */
    public static Sheets published() {
        return PUBLISHED;
    }

    /**
     * The size of the sheet that papermakers call so, standing upright; nothing for other names. A0 to A10 of ISO 216,
     * Letter and Ledger of ANSI/ASME Y14.1 (sizes A and B), Legal as it is sold (from memory).
     */
    public static Optional<Size> called(String name) {
        String plain = name.toLowerCase(Locale.ROOT);
        if (plain.matches("a(10|\\d)")) {
            return Optional.of(IsoA.size(Integer.parseInt(plain.substring(1))));
        }
        return switch (plain) {
            case "letter" -> Optional.of(new Size(Length.ofInches(8, 1, 2), Length.ofInches(11)));
            case "legal" -> Optional.of(new Size(Length.ofInches(8, 1, 2), Length.ofInches(14)));
            case "ledger", "tabloid" -> Optional.of(new Size(Length.ofInches(11), Length.ofInches(17)));
            default -> Optional.empty();
        };
    }

    /** These and one's own. */
    public Sheets and(List<StockSheet> own) {
        return new Sheets(Stream.concat(all.stream(), own.stream()).toList());
    }

    /** The sheet with this id. */
    public Optional<StockSheet> find(String id) {
        return all.stream().filter(sheet -> sheet.id().equals(id)).findFirst();
    }

    /** Those of a cardstock or paper, offcuts before whole ones; none where it is only bought by size. */
    public List<StockSheet> of(String stockId) {
        return all.stream()
                .filter(sheet -> stockId.equals(sheet.stockId()))
                .sorted(Comparator.comparing(sheet -> !sheet.offcut()))
                .toList();
    }
}
