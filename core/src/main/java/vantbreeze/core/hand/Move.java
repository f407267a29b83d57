package vantbreeze.core.hand;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * A line moved by hand.
 *
 * @param handle what is moved
 * @param across where it is let go, from the left edge of its sheet
 * @param up where it is let go, from the foot of its sheet
 * @param divisions instead of a place, which is then of no matter: how many marks of the ruler to move it, or null
 * @param snap what it snaps to
 * @param pushes whether what lies beyond it moves along; otherwise it stays and the panel beyond gives way
 */
public record Move(Handle handle, Length across, Length up, @Nullable Integer divisions, Snap snap, boolean pushes) {}
