package vantbreeze.core.wrap;

/**
 * The room in a wrap, which opens at its head.
 *
 * @param halfAcross half the way round inside it, from side to side, mm
 * @param up how far up it reaches inside, mm; nil where it is open at the foot too, infinite where the card stands out
 * @param walls how deep its walls are, mm; nil where it is flat
 */
public record Inside(double halfAcross, double up, double walls) {

    /** Of what holds nothing. */
    static final Inside NONE = new Inside(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0);

    /** Whether what goes in comes out at the foot. */
    public boolean isOpenBelow() {
        return up == 0;
    }
}
