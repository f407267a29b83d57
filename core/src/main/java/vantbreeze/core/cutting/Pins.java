package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.Bin;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.guillotine.PinnedPart;
import vantbreeze.core.guillotine.PinnedSheet;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * What of one paper lies where it was put.
 *
 * @param sheets each with all that is pinned on it
 * @param lost what can't lie there any more
 */
record Pins(List<OnSheet> sheets, List<Lost> lost) {

    /** Nothing pinned. */
    static final Pins NONE = new Pins(List.of(), List.of());

    Pins {
        sheets = List.copyOf(sheets);
        lost = List.copyOf(lost);
    }

    /**
     * A sheet with something pinned on it.
     *
     * @param sheet which kind of sheet, by its place among those at hand
     * @param nth as pins count them
     */
    record OnSheet(int sheet, int nth, List<Pinned> blanks) {}

    /**
     * A blank that lies where it was put.
     *
     * @param blank its number in the plan for its paper
     * @param area units, from the corner of the sheet as it can be cut up
     */
    record Pinned(CutPin pin, int blank, CutArea area) {}

    /**
     * One that can't lie there any more.
     *
     * @param why in words
     */
    record Lost(CutPin pin, String why) {}

    /** The pins of these blanks; those of other papers are passed over. */
    static Pins of(PaperAtHand paper, List<Blank> blanks, List<CutPin> pins) {
        Putting putting = new Putting(paper, blanks);
        pins.forEach(putting::put);
        return putting.pins();
    }

    /** All that lie where they were put. */
    List<CutPin> all() {
        return sheets.stream()
                .flatMap(sheet -> sheet.blanks().stream())
                .map(Pinned::pin)
                .toList();
    }

    /** The same on a sheet that nothing is pinned on. */
    CutPin onAnother(CutPin pin) {
        int nth = all().stream()
                .filter(one -> one.sheetId().equals(pin.sheetId()))
                .mapToInt(CutPin::nth)
                .max()
                .orElse(0);
        return new CutPin(pin.use(), pin.sheetId(), nth + 1, pin.x(), pin.y(), pin.turned());
    }

    /** How many of each of so many blanks are pinned. */
    int[] counts(int blanks) {
        int[] counts = new int[blanks];
        sheets.forEach(sheet -> sheet.blanks().forEach(one -> counts[one.blank()]++));
        return counts;
    }

    /** Which of these blanks it is that becomes this; −1 for none. */
    static int blank(List<Blank> blanks, Blank.Use use) {
        return IntStream.range(0, blanks.size())
                .filter(i -> blanks.get(i).uses().stream()
                        .anyMatch(one -> CutPin.key(one).equals(use)))
                .findFirst()
                .orElse(-1);
    }

    /** Puts one after the other where it shall lie. */
    private static final class Putting {

        private record Place(int sheet, int nth) {}

        private final PaperAtHand paper;
        private final List<Blank> blanks;
        private final List<Bin> bins;
        private final Map<Place, List<Pinned>> sheets = new LinkedHashMap<>();
        private final List<Lost> lost = new ArrayList<>();

        Putting(PaperAtHand paper, List<Blank> blanks) {
            this.paper = paper;
            this.blanks = blanks;
            this.bins = paper.bins();
        }

        Pins pins() {
            List<OnSheet> all = new ArrayList<>();
            sheets.forEach((place, pinned) -> all.add(new OnSheet(place.sheet, place.nth, List.copyOf(pinned))));
            return new Pins(all, lost);
        }

        void put(CutPin pin) {
            int number = blank(blanks, pin.use());
            if (number < 0) {
                return;
            }
            refusal(pin, number).ifPresent(why -> lost.add(new Lost(pin, why)));
        }

        private Optional<String> refusal(CutPin pin, int number) {
            Blank blank = blanks.get(number);
            int sheet = paper.index(pin.sheetId());
            if (sheet < 0 || bins.get(sheet).copies() == 0) {
                return Optional.of("that sheet is not cut from");
            }
            if (pin.turned() && blank.lie() == Blank.Lie.UPRIGHT) {
                return Optional.of("its pattern has an upper end, so it is not turned");
            }
            Place place = new Place(sheet, pin.nth());
            long onOthers = sheets.keySet().stream()
                    .filter(one -> one.sheet == sheet && !one.equals(place))
                    .count();
            Bin bin = bins.get(sheet);
            if (bin.copies() != Bin.PLENTY && onOthers >= bin.copies()) {
                return Optional.of("there are no more of these sheets");
            }
            Size lying = pin.turned() ? blank.size().turned() : blank.size();
            Pinned pinned = new Pinned(pin, number, area(pin.x(), pin.y(), lying));
            List<Pinned> there = new ArrayList<>(sheets.getOrDefault(place, List.of()));
            if (!new CutArea(0, 0, bin.width(), bin.height()).contains(pinned.area)) {
                return Optional.of("it reaches beyond the sheet there");
            }
            if (there.stream().anyMatch(other -> other.area.overlaps(pinned.area))) {
                return Optional.of("it lies on another that is pinned");
            }
            there.add(pinned);
            List<PinnedPart> parts = there.stream()
                    .map(one -> new PinnedPart(one.blank, one.pin.turned(), one.area))
                    .toList();
            if (PinnedSheet.of(sheet, bin.width(), bin.height(), parts).isEmpty()) {
                return Optional.of("no cuts from edge to edge would free it from the others that are pinned");
            }
            sheets.put(place, there);
            return Optional.empty();
        }

        private static CutArea area(Length x, Length y, Size size) {
            return new CutArea(
                    x.units(), y.units(), size.width().units(), size.height().units());
        }
    }
}
