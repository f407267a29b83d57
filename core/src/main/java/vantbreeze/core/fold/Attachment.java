package vantbreeze.core.fold;

/**
 * How a glued piece lies on the piece that it is glued to.
 *
 * @param on a spot on the piece below
 * @param glued the spot of the glued piece that comes to lie there
 * @param turnDegrees how far the glued piece is turned, anticlockwise on the sheet of the piece below
 */
public record Attachment(Spot on, Spot glued, double turnDegrees) {

    /** Laid on with no turn. */
    public static Attachment at(Spot on, Spot glued) {
        return new Attachment(on, glued, 0);
    }

    /** From the glued piece's sheet to that of the piece below; turned over when two like sides meet. */
    Rigid motion(boolean turnedOver) {
        double angle = Math.toRadians(turnDegrees);
        double cos = Math.rint(Math.cos(angle) * 1e15) / 1e15;
        double sin = Math.rint(Math.sin(angle) * 1e15) / 1e15;
        double flip = turnedOver ? -1 : 1;
        Rigid turn = new Rigid(flip * cos, -sin, 0, flip * sin, cos, 0, 0, 0, flip, 0, 0, 0);
        var moved = turn.apply(glued);
        return turn.shifted(on.x().millimetres() - moved.getX(), on.y().millimetres() - moved.getY(), 0);
    }
}
