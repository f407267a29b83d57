package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * An edge that a die would cut: the outer one, or a hole's.
 *
 * @param size what the die must measure
 */
public record DieCut(DieShape shape, Size size) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** The edges of an upright shape that no ruler cuts: round ones and labels, the outer one first. */
    public static List<DieCut> of(Polygon shape) {
        List<DieCut> cuts = new ArrayList<>();
        of(shape.getExteriorRing().getCoordinates()).ifPresent(cuts::add);
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            of(shape.getInteriorRingN(i).getCoordinates()).ifPresent(cuts::add);
        }
        return cuts;
    }

    private static Optional<DieCut> of(Coordinate[] ring) {
        Polygon filled = FACTORY.createPolygon(ring);
        Envelope box = filled.getEnvelopeInternal();
        Size size = new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
        return DieShape.of(filled)
                .filter(shape -> shape != DieShape.SQUARE && shape != DieShape.RECTANGLE)
                .map(shape -> new DieCut(shape, size));
    }

    /**
     * Which dies cut them: "with the 3 in and 2½ in circles of Round nest". Where none does, which comes nearest; empty
     * where there is nothing to say, or no die of that shape at all.
     */
    public static String inWords(List<DieCut> cuts, Dies dies, Ruler ruler) {
        List<Die> found = cuts.stream().flatMap(cut -> cut.die(dies).stream()).toList();
        List<String> words = new ArrayList<>();
        if (!found.isEmpty()) {
            words.add("with " + listed(found, ruler));
        }
        cuts.stream()
                .filter(cut -> cut.die(dies).isEmpty())
                .flatMap(cut -> cut.missing(dies, ruler).stream())
                .forEach(words::add);
        return String.join("; ", words);
    }

    private Optional<Die> die(Dies dies) {
        return dies.cutting(shape, size);
    }

    private Optional<String> missing(Dies dies, Ruler ruler) {
        return dies.nearest(shape, size).map(die -> "no die on hand cuts a %s of %s: the nearest is %s, of %s"
                .formatted(
                        shape.label(),
                        Die.sizeInWords(shape, size, ruler),
                        Die.sizeInWords(die.shape(), die.size(), ruler),
                        die.nest().name()));
    }

    /** Those of one nest together. */
    private static String listed(List<Die> found, Ruler ruler) {
        return found.stream()
                .map(Die::nest)
                .distinct()
                .map(nest -> {
                    List<Die> own = found.stream()
                            .filter(die -> die.nest().equals(nest))
                            .toList();
                    return "the %s %s of %s"
                            .formatted(
                                    own.stream()
                                            .map(die -> Die.sizeInWords(die.shape(), die.size(), ruler))
                                            .collect(Collectors.joining(" and ")),
                                    own.size() > 1
                                            ? nest.shape().many()
                                            : nest.shape().label(),
                                    nest.name());
                })
                .collect(Collectors.joining(" and "));
    }
}
