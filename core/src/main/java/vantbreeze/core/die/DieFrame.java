package vantbreeze.core.die;

import java.util.List;
import vantbreeze.core.length.Length;

/**
 * Dies that go into one another evenly: two leave a ring, three an even frame.
 *
 * @param dies the largest first
 * @param border what each leaves of the one before, all round
 */
public record DieFrame(List<Die> dies, Length border) {

    public DieFrame {
        dies = List.copyOf(dies);
    }
}
