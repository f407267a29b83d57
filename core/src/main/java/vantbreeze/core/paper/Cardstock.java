package vantbreeze.core.paper;

import vantbreeze.core.length.Length;

/**
 * A paper or card.
 *
 * @param name what the maker calls it
 * @param grammage grams in a square metre (ISO 536)
 * @param caliper thickness of one sheet (ISO 534)
 */
public record Cardstock(String name, int grammage, Length caliper) {

    /** Volume of a gram of uncoated cardstock, cm³, when the maker has not measured; from memory. */
    public static final double USUAL_BULK = 1.2;

    /**
     * @throws IllegalArgumentException when it weighs nothing or has no thickness
     */
    public Cardstock {
        if (grammage <= 0 || !caliper.isPositive()) {
            throw new IllegalArgumentException("A paper weighs something and is not infinitely thin. Give its grammage and thickness.");
        }
    }

    /** A cardstock whose thickness follows from its weight by {@link #USUAL_BULK}: 300 g/m² gives 0.36 mm. */
    public static Cardstock of(String name, int grammage) {
        return new Cardstock(name, grammage, Length.nearest(grammage * USUAL_BULK / 1000));
    }

    /** Grams of so many square millimetres. */
    public double grams(double squareMillimetres) {
        return squareMillimetres / 1e6 * grammage;
    }
}
