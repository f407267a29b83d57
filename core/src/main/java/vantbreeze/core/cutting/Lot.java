package vantbreeze.core.cutting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * A rectangle that falls from a sheet and what comes out of it: one blank, or several whose outlines lie closely.
 *
 * @param copies how many of these rectangles
 */
record Lot(Size size, List<InLot> parts, int copies) {

    /** So many square units are a square millimetre. */
    static final double SQUARE_UNITS = Math.pow((double) Length.nearest(1).units(), 2);

    Lot {
        parts = List.copyOf(parts);
    }

    /**
     * A blank as it lies in its rectangle.
     *
     * @param blank its number in the plan for its paper
     * @param outline millimetres from the rectangle's lower left corner
     */
    record InLot(int blank, Polygon outline) {
        InLot moved(double x, double y) {
            return new InLot(blank, (Polygon)
                    AffineTransformation.translationInstance(x, y).transform(outline));
        }
    }

    /** One blank by itself. */
    static Lot single(int number, Blank blank, int copies) {
        return new Lot(blank.size(), List.of(new InLot(number, blank.outline())), copies);
    }

    /** Blanks that lie closely, wherever they do. */
    static Lot of(List<InLot> parts, int copies) {
        Envelope box = new Envelope();
        parts.forEach(part -> box.expandToInclude(part.outline().getEnvelopeInternal()));
        return new Lot(
                new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight())),
                parts.stream()
                        .map(part -> part.moved(-box.getMinX(), -box.getMinY()))
                        .toList(),
                copies);
    }

    Lot times(int count) {
        return new Lot(size, parts, count);
    }

    /** How many of a blank come out of each. */
    int of(int blank) {
        return (int) parts.stream().filter(part -> part.blank() == blank).count();
    }

    /** What comes out of it: "number 3", "2 of Tail and number 4". */
    String name(List<Blank> blanks) {
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        parts.forEach(part -> counts.merge(part.blank(), 1, Integer::sum));
        return counts.entrySet().stream()
                .map(one -> one.getValue() == 1
                        ? blanks.get(one.getKey()).name()
                        : String.format(
                                Locale.ROOT,
                                "%d of %s",
                                one.getValue(),
                                blanks.get(one.getKey()).name()))
                .collect(Collectors.joining(" and "));
    }

    /** Whether several come out of it. */
    boolean isNested() {
        return parts.size() > 1;
    }

    double area() {
        return size.width().millimetres() * size.height().millimetres();
    }

    /** What one blank takes of it. */
    double each() {
        return area() / parts.size();
    }

    /** The same turned by a quarter to the left. */
    List<InLot> turned() {
        AffineTransformation turn =
                new AffineTransformation(0, -1, size.height().millimetres(), 1, 0, 0);
        return parts.stream()
                .map(part -> new InLot(part.blank(), (Polygon) turn.transform(part.outline())))
                .toList();
    }

    /** How many of each of so many blanks come out of all of these. */
    static int[] counted(List<Lot> lots, int blanks) {
        int[] counts = new int[blanks];
        lots.forEach(lot -> lot.parts().forEach(part -> counts[part.blank()] += lot.copies()));
        return counts;
    }
}
