package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.Lot.InLot;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;

/**
 * Ways in which outlines that are no rectangles share one: a row in which each is slid up to the one before, every
 * other one turned head to tail, one above the other if that is closer, and rows above rows, each let down between
 * those of the row below (circles lie staggered then). Two right triangles come out of one rectangle by its diagonal.
 * What is cut off the corners of one is another where it fits.
 *
 * <p>Sliding in rows is the lattice of two of Mount and Silverman (1990) and others, taken from one side only (from
 * memory).
 */
final class Nesting {

    /** Outlines that fill their rectangle up to this part of it are left as they are. */
    private static final double FULL = 0.98;
    /** So much less paper for each is worth lying closely. */
    private static final double WORTH = 0.99;
    /** Most blanks that come out of one rectangle: more than that are too many to cut by hand at once. */
    private static final int MOST = 40;
    /** How far up or down every other one is put at most, in steps of its height. */
    private static final int STEPS = 16;

    private final List<Blank> blanks;
    private final List<Size> sheets;

    /** @param sheets as large as each lot may be */
    Nesting(List<Blank> blanks, List<Size> sheets) {
        this.blanks = List.copyOf(blanks);
        this.sheets = List.copyOf(sheets);
    }

    /** Whether it fills its rectangle, so that nothing can share that. */
    static boolean isFull(Blank blank) {
        return blank.outline().getArea()
                > FULL * blank.outline().getEnvelopeInternal().getArea();
    }

    /** How many are laid closely at once. */
    private enum Way {
        PAIRS,
        ROWS,
        COLUMNS,
        BLOCKS,
        /** As many as come from one sheet, though fewer might lie more closely. */
        MOST
    }

    /**
     * Ways to lay all of them, each by itself first.
     *
     * @param counts how many of each
     */
    List<List<Lot>> ways(int[] counts) {
        Set<List<Lot>> ways = new LinkedHashSet<>();
        ways.add(singles(counts));
        Optional<List<Lot>> corners = new Corners(blanks, counts).lots();
        corners.ifPresent(ways::add);
        for (Way way : Way.values()) {
            List<Lot> lots = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                lots.addAll(lots(i, counts[i], way));
            }
            ways.add(lots);
        }
        return List.copyOf(ways);
    }

    /** Each by itself. */
    List<Lot> singles(int[] counts) {
        List<Lot> singles = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                singles.add(Lot.single(i, blanks.get(i), counts[i]));
            }
        }
        return singles;
    }

    private List<Lot> lots(int number, int count, Way way) {
        List<Lot> lots = new ArrayList<>();
        int left = count;
        while (left > 0) {
            Lot lot = closest(number, left, way);
            int copies = left / lot.parts().size();
            lots.add(lot.times(copies));
            left -= copies * lot.parts().size();
        }
        return lots;
    }

    /** The lot of at most so many that takes least paper for each. */
    private Lot closest(int number, int count, Way way) {
        Blank blank = blanks.get(number);
        Lot single = Lot.single(number, blank, 1);
        if (count < 2 || isFull(blank)) {
            return single;
        }
        List<Lot> lots = new ArrayList<>();
        boolean turns = blank.lie() == Blank.Lie.ANY;
        double longest = sheets.stream()
                .mapToDouble(sheet -> sheet.width().max(sheet.height()).millimetres())
                .max()
                .orElse(0);
        for (boolean upright : new boolean[] {false, true}) {
            if ((way == Way.ROWS && upright) || (way == Way.COLUMNS && !upright)) {
                continue;
            }
            Rows rows = new Rows(number, blank.outline(), upright, turns, longest);
            int together = way == Way.PAIRS ? 2 : Math.min(count, MOST);
            lots.addAll(rows.of(together, way == Way.BLOCKS || way == Way.MOST));
        }
        Comparator<Lot> closest = Comparator.comparingDouble((Lot lot) -> Math.rint(lot.each() * 1e4))
                .thenComparing(lot -> -lot.parts().size());
        Comparator<Lot> most =
                Comparator.comparingInt((Lot lot) -> -lot.parts().size()).thenComparing(closest);
        return lots.stream()
                .filter(this::fitsASheet)
                .min(way == Way.MOST ? most : closest)
                .filter(lot -> lot.each() < WORTH * single.each())
                .orElse(single);
    }

    private boolean fitsASheet(Lot lot) {
        Size size = lot.size();
        return sheets.stream().anyMatch(sheet -> fits(size, sheet) || fits(size.turned(), sheet));
    }

    private static boolean fits(Size one, Size in) {
        return !one.width().isLongerThan(in.width()) && !one.height().isLongerThan(in.height());
    }

    /**
     * Rows of one outline.
     *
     * @param upright whether each row runs upwards
     * @param turns whether every other one may be turned by half
     * @param longest no row is longer, no rows are higher; millimetres
     */
    private record Rows(int number, Polygon outline, boolean upright, boolean turns, double longest) {

        private static final AffineTransformation SWAP = new AffineTransformation(0, 1, 0, 1, 0, 0);

        /** Rows of two up to so many, the closest of each number; with rows above rows if that is asked. */
        List<Lot> of(int most, boolean above) {
            Polygon lying = upright ? (Polygon) SWAP.transform(outline) : outline;
            List<Pitch> pitches = pitches(lying);
            List<Lot> lots = new ArrayList<>();
            for (int length = above ? 1 : 2; length <= most; length++) {
                List<Polygon> row = closest(lying, pitches, length);
                if (box(row).getWidth() > longest) {
                    break;
                }
                if (length > 1) {
                    lots.add(lot(row));
                }
                if (above) {
                    stacked(row, most).forEach(all -> lots.add(lot(all)));
                }
            }
            return lots;
        }

        private static List<Polygon> closest(Polygon lying, List<Pitch> pitches, int length) {
            List<Polygon> closest = List.of(lying);
            double least = Double.POSITIVE_INFINITY;
            for (Pitch pitch : pitches) {
                List<Polygon> row = pitch.row(lying, length);
                double area = box(row).getArea();
                if (area < least - Precision.NO_AREA) {
                    least = area;
                    closest = row;
                }
            }
            return closest;
        }

        private Lot lot(List<Polygon> row) {
            return Lot.of(
                    row.stream()
                            .map(one -> new InLot(number, upright ? (Polygon) SWAP.transform(one) : one))
                            .toList(),
                    1);
        }

        /** Every other one head to tail or not, and so far up or down. */
        private List<Pitch> pitches(Polygon lying) {
            Envelope box = lying.getEnvelopeInternal();
            Polygon turned = (Polygon) AffineTransformation.rotationInstance(0, -1, box.centre().x, box.centre().y)
                    .transform(lying);
            double alike = Sliding.right(lying, lying);
            List<Pitch> pitches = new ArrayList<>();
            for (Polygon other : turns ? List.of(turned, lying) : List.of(lying)) {
                for (int step = -STEPS; step <= STEPS; step++) {
                    Polygon shifted = moved(other, 0, box.getHeight() * step / STEPS / 2);
                    pitches.add(
                            new Pitch(shifted, Sliding.right(lying, shifted), Sliding.right(shifted, lying), alike));
                }
            }
            return pitches;
        }

        /**
         * How a row goes on.
         *
         * @param other every other one, where it stood beside the first
         * @param there how far from one to the next
         * @param back how far from that to the one after
         * @param alike how far at least from one to the next but one
         */
        private record Pitch(Polygon other, double there, double back, double alike) {

            List<Polygon> row(Polygon first, int length) {
                List<Polygon> row = new ArrayList<>();
                double last = 0;
                double before = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < length; i++) {
                    double at = i == 0 ? 0 : Math.max(last + (i % 2 == 1 ? there : back), before + alike);
                    row.add(moved(i % 2 == 1 ? other : first, at, 0));
                    before = i == 0 ? Double.NEGATIVE_INFINITY : last;
                    last = at;
                }
                return row;
            }
        }

        /**
         * Rows above one another, let down until they touch: in line, every other one shifted by half of a step of the
         * row, and that with one fewer.
         */
        private List<List<Polygon>> stacked(List<Polygon> row, int most) {
            double step = row.size() > 1
                    ? row.get(1).getEnvelopeInternal().getMinX()
                            - row.get(0).getEnvelopeInternal().getMinX()
                    : row.get(0).getEnvelopeInternal().getWidth();
            List<List<Polygon>> all = new ArrayList<>();
            for (double shift : row.size() > 1 ? new double[] {0, step / 2, -step / 2} : new double[] {0}) {
                all.addAll(stacked(row, shifted(row, shift), most));
            }
            if (row.size() > 1) {
                all.addAll(stacked(row, shifted(row.subList(0, row.size() - 1), step / 2), most));
            }
            return all;
        }

        /** Two rows, three and so on, as many as there may be. */
        private List<List<Polygon>> stacked(List<Polygon> even, List<Polygon> odd, int most) {
            double there = lift(even, odd);
            double back = lift(odd, even);
            double overEven = lift(even, even);
            double overOdd = lift(odd, odd);
            List<List<Polygon>> all = new ArrayList<>();
            List<Polygon> so = new ArrayList<>(even);
            double last = 0;
            double before = Double.NEGATIVE_INFINITY;
            for (int i = 1; ; i++) {
                boolean isOdd = i % 2 == 1;
                double up = Math.max(last + (isOdd ? there : back), before + (isOdd ? overOdd : overEven));
                for (Polygon one : isOdd ? odd : even) {
                    so.add(moved(one, 0, up));
                }
                if (so.size() > most || box(so).getHeight() > longest) {
                    return all;
                }
                all.add(List.copyOf(so));
                before = last;
                last = up;
            }
        }

        private static List<Polygon> shifted(List<Polygon> row, double shift) {
            return row.stream().map(one -> moved(one, shift, 0)).toList();
        }

        /** How far up a row has to be put to lie above another, touching it. */
        private static double lift(List<Polygon> below, List<Polygon> row) {
            List<Polygon> lower =
                    below.stream().map(one -> (Polygon) SWAP.transform(one)).toList();
            double up = Double.NEGATIVE_INFINITY;
            for (Polygon one : row) {
                Polygon swapped = (Polygon) SWAP.transform(one);
                for (Polygon other : lower) {
                    up = Math.max(up, Sliding.right(other, swapped));
                }
            }
            return up;
        }

        private static Polygon moved(Polygon one, double x, double y) {
            return (Polygon) AffineTransformation.translationInstance(x, y).transform(one);
        }

        private static Envelope box(List<Polygon> all) {
            Envelope box = new Envelope();
            all.forEach(one -> box.expandToInclude(one.getEnvelopeInternal()));
            return box;
        }
    }
}
