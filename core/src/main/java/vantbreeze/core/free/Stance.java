package vantbreeze.core.free;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;

/**
 * A pose of a free card, written down.
 *
 * @param name what the maker calls it
 * @param isClosed whether a score that is not among {@code angles} is folded flat; otherwise it lies open
 * @param angles the hinges that stand otherwise
 * @param slides how far threaded panels have slid
 */
public record Stance(String name, boolean isClosed, List<Angle> angles, List<Slide> slides) {

    /** The angle between two panels, degrees: 0 open, +180 a closed valley, −180 a closed mountain. */
    public record Angle(String one, String other, double degrees) {}

    /** How far a threaded panel has slid, millimetres to the right. */
    public record Slide(String panel, double millimetres) {}

    public Stance {
        angles = List.copyOf(angles);
        slides = List.copyOf(slides);
    }

    /** Every score open. */
    public static Stance open() {
        return new Stance("Open", false, List.of(), List.of());
    }

    /** Every score folded flat the way it folds. */
    public static Stance closed() {
        return new Stance("Closed", true, List.of(), List.of());
    }

    /** The same as the engine wants it. */
    public Pose pose() {
        Map<String, Double> byPair = new HashMap<>();
        angles.forEach(angle -> byPair.put(pair(angle.one, angle.other), angle.degrees));
        Map<String, Double> travels = new HashMap<>();
        slides.forEach(slide -> travels.put(slide.panel, slide.millimetres));
        Pose otherwise = isClosed ? Pose.closed() : Pose.open();
        return new Pose() {
            @Override
            public double degreesAt(Link.Folded link) {
                Double degrees = byPair.get(
                        pair(link.hinge().left().name(), link.hinge().right().name()));
                return degrees == null ? otherwise.degreesAt(link) : degrees;
            }

            @Override
            public double travelAt(Link.Glued link) {
                return travels.getOrDefault(link.join().glued().panel(), 0.0);
            }
        };
    }

    /** The same without the angles and slides of panels that are not among {@code names}. */
    Stance keeping(Set<String> names) {
        return new Stance(
                name,
                isClosed,
                angles.stream()
                        .filter(angle -> names.contains(angle.one) && names.contains(angle.other))
                        .toList(),
                slides.stream().filter(slide -> names.contains(slide.panel)).toList());
    }

    /** The same without a say on the hinge between these two. */
    Stance without(String one, String other) {
        return new Stance(
                name,
                isClosed,
                angles.stream()
                        .filter(angle -> !pair(angle.one, angle.other).equals(pair(one, other)))
                        .toList(),
                slides);
    }

    /** The same with every slide so many times as far. */
    Stance slidTimes(double factor) {
        return new Stance(
                name,
                isClosed,
                angles,
                slides.stream()
                        .map(slide -> new Slide(slide.panel, slide.millimetres * factor))
                        .toList());
    }

    private static String pair(String one, String other) {
        return one.compareTo(other) <= 0 ? one + "|" + other : other + "|" + one;
    }
}
