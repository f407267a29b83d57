package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.die.Dies;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.DieOffer;
import vantbreeze.core.structure.Limits;

/** Something that can be set on a card of any structure: what can be chosen about it, and how it is built. */
interface ExtraKind {

    /** How plans name it. */
    String id();

    /** What the maker calls it. */
    String name();

    /** What it does, in a few plain words. */
    String meaning();

    /** What else than {@code on} it is glued on. */
    Reach reach();

    /** How many faces something is glued on. */
    enum Reach {
        /** One. */
        ONE,
        /** One, and the next beyond a fold that closes over it. */
        NEIGHBOUR,
        /** One, and any other that looks the same way when the card is closed. */
        ANY
    }

    /** Whether the faces lie so that it can be set on them. */
    default boolean suits(Fitted at) {
        return switch (reach()) {
            case ONE -> at.to() == null;
            case NEIGHBOUR -> at.fold() != null;
            case ANY -> at.to() != null;
        };
    }

    /** What can be measured of it. */
    List<Measure> measures();

    /** What can be chosen about it. */
    default List<Choice> choices() {
        return List.of();
    }

    /** How long a measure usually is with the others. */
    Length usual(String key, Fitted at);

    /** How far a measure can go while the rest stay. */
    Limits limits(String key, Fitted at);

    /** How it is built. */
    Body body(Fitted at);

    /**
     * How its scores stand while the card is open, degrees; where a loop forbids that, the nearest at which it closes.
     *
     * @param degrees how far the fold between the two faces is closed, where there is one
     */
    double[] standing(Fitted at, double degrees);

    /**
     * How its scores lie when the card is closed, degrees, the best first; of one whose loop none closes all are tried.
     */
    List<double[]> lying(Fitted at);

    /** Whether a die may cut it. */
    default boolean takesDies() {
        return false;
    }

    /** What dies on hand would cut of it. */
    default List<DieOffer> offers(Dies dies, Fitted at) {
        return List.of();
    }

    /** The error of one asked for a measure it has not. */
    default IllegalArgumentException unknown(String key) {
        return new IllegalArgumentException("A %s has no measure \"%s\".".formatted(name(), key));
    }
}
