package vantbreeze.core.paper;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;

/** The sheets that can be chosen from. */
public record Sheets(List<Sheet> all) {

    private static final Sheets PUBLISHED = new Sheets(List.of(
            new Sheet("letter", "Letter", new Size(Length.ofInches(8, 1, 2), Length.ofInches(11))),
            new Sheet("12x12", "12 × 12 in", new Size(Length.ofInches(12), Length.ofInches(12))),
            new Sheet("a4", "A4", IsoA.size(4)),
            new Sheet("a3", "A3", IsoA.size(3)),
            new Sheet("a5", "A5", IsoA.size(5))));

    public Sheets {
        all = List.copyOf(all);
    }

    /** Letter (ANSI/ASME Y14.1, size A), the A sizes of ISO 216, and the craft trade's 12 × 12 in. */
    public static Sheets published() {
        return PUBLISHED;
    }

    /** These and one's own. */
    public Sheets and(List<Sheet> own) {
        return new Sheets(Stream.concat(all.stream(), own.stream()).toList());
    }

    /** The sheet with this id. */
    public Optional<Sheet> find(String id) {
        return all.stream().filter(sheet -> sheet.id().equals(id)).findFirst();
    }
}
