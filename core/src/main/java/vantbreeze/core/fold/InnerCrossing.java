package vantbreeze.core.fold;

/**
 * A spot inside the paper where creases meet, judged by the two theorems of flat folding.
 *
 * @param at where
 * @param mountains how many of its creases are mountains
 * @param valleys how many are valleys
 * @param unassigned how many may go either way
 * @param kawasakiError how far the sum of every other angle is from 180°, degrees
 */
public record InnerCrossing(Spot at, int mountains, int valleys, int unassigned, double kawasakiError) {

    /**
     * Kawasaki's theorem (Kawasaki 1989; Justin 1986): the alternate angles sum to 180°, of an even number of creases.
     */
    public boolean satisfiesKawasaki() {
        return (mountains + valleys + unassigned) % 2 == 0 && kawasakiError < 1e-4;
    }

    /** Maekawa's theorem (Maekawa 1986; Justin 1986): mountains and valleys differ by two, or still can. */
    public boolean satisfiesMaekawa() {
        int difference = Math.abs(mountains - valleys);
        return unassigned == 0
                ? difference == 2
                : (mountains + valleys + unassigned) % 2 == 0 && difference <= unassigned + 2;
    }
}
