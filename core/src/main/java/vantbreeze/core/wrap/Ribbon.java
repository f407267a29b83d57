package vantbreeze.core.wrap;

import vantbreeze.core.fit.Girth;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * How much ribbon it takes to go round a closed card and tie a bow: once round and what the bow takes (common practice:
 * once round + 45 cm).
 *
 * @param across round from side to side
 * @param up round from foot to head
 * @param crossed round both ways, crossing behind, with one bow
 */
public record Ribbon(Length across, Length up, Length crossed) {

    /** Round a card, on the marks above. */
    public static Ribbon round(Girth girth, Allowances allowances, Ruler ruler) {
        double bow = allowances.of(Allowance.RIBBON_BOW, ruler).millimetres();
        double across = 2 * girth.across();
        double up = 2 * girth.up();
        return new Ribbon(above(across + bow, ruler), above(up + bow, ruler), above(across + up + bow, ruler));
    }

    private static Length above(double millimetres, Ruler ruler) {
        return ruler.above(Length.nearest(millimetres)).length();
    }
}
