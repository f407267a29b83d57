package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.PieceId;

/**
 * What a maker decided about how a card is cut.
 *
 * @param wishes for all papers
 * @param sheets what is said of single sheets
 * @param pins what lies where it was put
 * @param seams where pieces are joined from parts
 */
public record CutChoices(CutWishes wishes, Map<SheetOf, SheetUse> sheets, List<CutPin> pins, List<Seam> seams) {

    /** Nothing decided. */
    public static final CutChoices NONE = new CutChoices(CutWishes.USUAL, Map.of(), List.of(), List.of());

    /** Most that is pinned on a card. */
    public static final int MOST_PINS = 200;

    /** Most sheets that something is said of. */
    public static final int MOST_SHEETS = 200;

    /** A sheet of a paper, both as plans name them. */
    public record SheetOf(String stockId, String sheetId) {}

    /** @throws IllegalArgumentException in words for the maker when there is more of anything than there may be */
    public CutChoices {
        sheets = Collections.unmodifiableMap(new LinkedHashMap<>(sheets));
        pins = List.copyOf(pins);
        seams = List.copyOf(seams);
        if (pins.size() > MOST_PINS) {
            throw new IllegalArgumentException(
                    "More than 200 pieces are pinned. Let some go: the rest is planned for you.");
        }
        if (sheets.size() > MOST_SHEETS) {
            throw new IllegalArgumentException("More than 200 sheets are chosen by hand. Let some go.");
        }
        if (seams.size() > Seam.MOST) {
            throw new IllegalArgumentException("More than 60 seams are too many for one card. Use larger sheets.");
        }
    }

    /** Whether nothing is decided. */
    public boolean isUsual() {
        return equals(NONE);
    }

    /** The same with other wishes. */
    public CutChoices withWishes(CutWishes other) {
        return new CutChoices(other, sheets, pins, seams);
    }

    /** The same with a sheet used so; null for as it comes. */
    public CutChoices withSheet(SheetOf sheet, @Nullable SheetUse use) {
        Map<SheetOf, SheetUse> all = new LinkedHashMap<>(sheets);
        if (use == null) {
            all.remove(sheet);
        } else {
            all.put(sheet, use);
        }
        return new CutChoices(wishes, all, pins, seams);
    }

    /** The same with one pinned there and nowhere else. */
    public CutChoices withPin(CutPin pin) {
        List<CutPin> all = new ArrayList<>(without(pin.use()).pins);
        all.add(pin);
        return new CutChoices(wishes, sheets, all, seams);
    }

    /** The same with one no longer pinned. */
    public CutChoices without(Blank.Use use) {
        return new CutChoices(
                wishes,
                sheets,
                pins.stream().filter(pin -> !pin.use().equals(use)).toList(),
                seams);
    }

    /** The same with nothing pinned. */
    public CutChoices withoutPins() {
        return new CutChoices(wishes, sheets, List.of(), seams);
    }

    /** The same with papers and sheets under other ids. */
    public CutChoices renaming(UnaryOperator<String> ids) {
        Map<SheetOf, SheetUse> renamed = new LinkedHashMap<>();
        sheets.forEach(
                (sheet, use) -> renamed.put(new SheetOf(ids.apply(sheet.stockId()), ids.apply(sheet.sheetId())), use));
        return new CutChoices(
                wishes,
                renamed,
                pins.stream()
                        .map(pin -> new CutPin(
                                pin.use(), ids.apply(pin.sheetId()), pin.nth(), pin.x(), pin.y(), pin.turned()))
                        .toList(),
                seams);
    }

    /** The same with a piece joined at these seams; none for whole. What was pinned of it is let go. */
    public CutChoices withSeams(PieceId piece, List<Seam> others) {
        List<Seam> all = new ArrayList<>(
                seams.stream().filter(seam -> !seam.piece().equals(piece)).toList());
        all.addAll(others);
        return new CutChoices(
                wishes,
                sheets,
                pins.stream().filter(pin -> !isOf(pin.use(), piece)).toList(),
                all);
    }

    /** Where a piece is joined; none for whole. */
    public List<Seam> seamsOf(PieceId piece) {
        return seams.stream().filter(seam -> seam.piece().equals(piece)).toList();
    }

    private static boolean isOf(Blank.Use use, PieceId piece) {
        return (use instanceof Blank.OfPiece whole && whole.piece().equals(piece))
                || (use instanceof Blank.OfPart part && part.piece().equals(piece));
    }
}
