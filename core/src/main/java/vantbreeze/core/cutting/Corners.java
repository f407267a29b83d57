package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.Lot.InLot;
import vantbreeze.core.length.Precision;

/**
 * What is cut off the corners of one outline, or out of its middle, used for others that fit there: a fan's leaves
 * beside the fan, a disc out of its ring.
 */
final class Corners {

    private static final double HALF = 0.5;

    private final List<Blank> blanks;
    private final int[] left;

    Corners(List<Blank> blanks, int[] counts) {
        this.blanks = blanks;
        this.left = counts.clone();
    }

    /** Lots in which some lie in the corners of others; nothing where none fit. */
    Optional<List<Lot>> lots() {
        List<Lot> lots = new ArrayList<>();
        boolean any = false;
        List<Integer> largest = IntStream.range(0, blanks.size())
                .boxed()
                .sorted(Comparator.comparingDouble(
                        i -> -blanks.get(i).outline().getEnvelopeInternal().getArea()))
                .toList();
        for (int number : largest) {
            while (left[number] > 0) {
                left[number]--;
                Lot lot = new Lot(blanks.get(number).size(), filled(number, largest), 1);
                any |= lot.isNested();
                int copies = 1;
                while (lot.isNested() && canRepeat(lot)) {
                    lot.parts().forEach(part -> left[part.blank()]--);
                    copies++;
                }
                if (!lot.isNested()) {
                    copies += left[number];
                    left[number] = 0;
                }
                lots.add(lot.times(copies));
            }
        }
        return any ? Optional.of(lots) : Optional.empty();
    }

    private boolean canRepeat(Lot lot) {
        return IntStream.range(0, left.length).allMatch(blank -> lot.of(blank) <= left[blank]);
    }

    /** One with others in its corners, which are taken from those that are left. */
    private List<InLot> filled(int number, List<Integer> largest) {
        Blank blank = blanks.get(number);
        Polygon outline = blank.outline();
        List<InLot> parts = new ArrayList<>(List.of(new InLot(number, outline)));
        if (Nesting.isFull(blank)) {
            return parts;
        }
        Geometry taken = outline;
        for (int other : largest) {
            for (Place place : Place.of(blank)) {
                Optional<Polygon> there =
                        left[other] > 0 && other != number ? lying(blanks.get(other), place, taken) : Optional.empty();
                if (there.isPresent()) {
                    left[other]--;
                    parts.add(new InLot(other, there.get()));
                    taken = taken.union(there.get());
                }
            }
        }
        return parts;
    }

    /** The outline there, as it stands or turned, where it lies on nothing. */
    private static Optional<Polygon> lying(Blank blank, Place place, Geometry taken) {
        // what folds keeps the direction of its folds, for the grain
        int step = blank.folds() == Blank.Folds.NONE ? 1 : 2;
        for (int quarters = 0; quarters < (blank.lie() == Blank.Lie.ANY ? 4 : 1); quarters += step) {
            Polygon there = place.put(turned(blank, quarters));
            double allowed = Precision.ALIKE * there.getLength();
            if (place.box.covers(there.getEnvelopeInternal())
                    && there.intersection(taken).getArea() <= allowed) {
                return Optional.of(there);
            }
        }
        return Optional.empty();
    }

    /**
     * Where another may lie.
     *
     * @param box within this
     * @param across at its left edge 0, in its middle ½, at its right edge 1
     * @param up at its foot 0, at its top 1
     */
    private record Place(Envelope box, double across, double up) {

        static List<Place> of(Blank blank) {
            Polygon outline = blank.outline();
            Envelope box = outline.getEnvelopeInternal();
            List<Place> places = new ArrayList<>(
                    List.of(new Place(box, 0, 0), new Place(box, 1, 0), new Place(box, 0, 1), new Place(box, 1, 1)));
            for (int i = 0; i < outline.getNumInteriorRing(); i++) {
                places.add(new Place(outline.getInteriorRingN(i).getEnvelopeInternal(), HALF, HALF));
            }
            return places;
        }

        Polygon put(Polygon outline) {
            Envelope own = outline.getEnvelopeInternal();
            return (Polygon) AffineTransformation.translationInstance(
                            box.getMinX() + across * (box.getWidth() - own.getWidth()),
                            box.getMinY() + up * (box.getHeight() - own.getHeight()))
                    .transform(outline);
        }
    }

    private static Polygon turned(Blank blank, int quarters) {
        Lot lot = Lot.single(0, blank, 1);
        for (int i = 0; i < quarters; i++) {
            lot = Lot.of(lot.turned(), 1);
        }
        return lot.parts().get(0).outline();
    }
}
