package vantbreeze.core.wrap;

/**
 * The room in a wrap, which opens at its head.
 *
 * @param halfAcross half the way round inside it, from side to side, mm
 * @param up how far up it reaches inside, mm; nil where it is open at the foot too
 * @param walls how deep its walls are, mm; nil where it is flat
 */
public record Inside(double halfAcross, double up, double walls) {

    /** Whether what goes in comes out at the foot. */
    public boolean isOpenBelow() {
        return up == 0;
    }
}
