package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Where a blank comes to that is put down by hand: to an edge that is near, else to a mark of the ruler. */
record Snapping(PaperAtHand paper, List<Blank> blanks, Pins pins, Ruler ruler) {

    /** Edges nearer than this draw it to them, mm. */
    private static final double NEAR = 4;

    /** No sheet is longer than this, mm. */
    private static final double MOST = 10_000;

    /** The same put down nearest to there. */
    CutPin snapped(CutPin pin, double x, double y) {
        int sheet = paper.index(pin.sheetId());
        int number = Pins.blank(blanks, pin.use());
        if (sheet < 0 || number < 0) {
            return pin;
        }
        Size size = blanks.get(number).size();
        Size lying = pin.turned() ? size.turned() : size;
        List<CutArea> others = pins.sheets().stream()
                .filter(one -> one.sheet() == sheet && one.nth() == pin.nth())
                .flatMap(one -> one.blanks().stream())
                .map(Pins.Pinned::area)
                .toList();
        List<Long> across = new ArrayList<>();
        List<Long> up = new ArrayList<>();
        long wide = lying.width().units();
        long high = lying.height().units();
        across.add(0L);
        across.add(paper.bins().get(sheet).width() - wide);
        up.add(0L);
        up.add(paper.bins().get(sheet).height() - high);
        for (CutArea other : others) {
            across.addAll(
                    List.of(other.x(), other.x() + other.width(), other.x() - wide, other.x() + other.width() - wide));
            up.addAll(List.of(
                    other.y(), other.y() + other.height(), other.y() - high, other.y() + other.height() - high));
        }
        return new CutPin(pin.use(), pin.sheetId(), pin.nth(), snapped(x, across), snapped(y, up), pin.turned());
    }

    private Length snapped(double at, List<Long> edges) {
        double within = Math.max(0, Math.min(at, MOST));
        return edges.stream()
                .map(Length::ofUnits)
                .filter(edge -> !edge.isNegative() && Math.abs(edge.millimetres() - within) <= NEAR)
                .min(Comparator.comparingDouble(edge -> Math.abs(edge.millimetres() - within)))
                .orElseGet(() -> ruler.nearest(Length.nearest(within)).length());
    }
}
