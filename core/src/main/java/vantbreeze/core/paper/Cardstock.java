package vantbreeze.core.paper;

import vantbreeze.core.length.Length;

/**
 * A paper or card.
 *
 * @param name what the maker calls it
 * @param grammage grams in a square metre (ISO 536)
 * @param caliper thickness of one sheet (ISO 534)
 * @param grain which way its fibres run in the sheet
 * @param pattern what its sides look like
 * @param colour of its decorated side, as #rrggbb
 * @param look what is printed on it, and its other side
 */
public record Cardstock(
        String name, int grammage, Length caliper, Grain grain, Pattern pattern, String colour, Look look) {

    /** Which way the fibres run in a sheet as it is sold. */
    public enum Grain {
        /** Not known; taken as along the long side, as most is sold. */
        UNKNOWN,
        /** Along the long side. */
        LONG,
        /** Along the short side. */
        SHORT
    }

    /** What its sides look like. */
    public enum Pattern {
        /** One colour, or a pattern that is the same whichever way it is held. */
        PLAIN,
        /** A pattern that has an upper end. */
        DIRECTIONAL,
        /** Another colour or pattern on its back. */
        DOUBLE_SIDED
    }

    /** White, when nobody says otherwise. */
    public static final String WHITE = "#fffdf8";

    /** Paper with nothing printed on it, both sides alike. */
    public Cardstock(String name, int grammage, Length caliper, Grain grain, Pattern pattern, String colour) {
        this(name, grammage, caliper, grain, pattern, colour, Look.plain(colour));
    }

    /** Plain white paper whose grain is not known. */
    public Cardstock(String name, int grammage, Length caliper) {
        this(name, grammage, caliper, Grain.UNKNOWN, Pattern.PLAIN, WHITE);
    }

    /** Volume of a gram of uncoated cardstock, cm³, when the maker has not measured; from memory. */
    public static final double USUAL_BULK = 1.2;

    /** @throws IllegalArgumentException when it weighs nothing or has no thickness */
    public Cardstock {
        if (grammage <= 0 || !caliper.isPositive()) {
            throw new IllegalArgumentException(
                    "A paper weighs something and is not infinitely thin. Give its grammage and thickness.");
        }
    }

    /** A cardstock whose thickness follows from its weight by {@link #USUAL_BULK}: 300 g/m² gives 0.36 mm. */
    public static Cardstock of(String name, int grammage) {
        return new Cardstock(name, grammage, Length.nearest(grammage * USUAL_BULK / 1000));
    }

    /** The same with this printed on it. */
    public Cardstock printed(Look other) {
        return new Cardstock(name, grammage, caliper, grain, pattern, colour, other);
    }

    /** Whether one can write on it: nothing printed, and pale. */
    public boolean takesWriting(boolean otherSide) {
        return otherSide ? Look.isPale(look.back()) : look.print() == Look.Print.NONE && Look.isPale(colour);
    }

    /** Grams of so many square millimetres. */
    public double grams(double squareMillimetres) {
        return squareMillimetres / 1e6 * grammage;
    }
}
