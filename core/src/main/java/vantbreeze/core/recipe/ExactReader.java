package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;

/**
 * Reads what names panels and pieces by number: glue, what lies over what, what stays open. As the house writes it, and
 * near that.
 */
final class ExactReader {

    private final Cursor cursor;

    ExactReader(Cursor cursor) {
        this.cursor = cursor;
    }

    /**
     * "Glue panel 1 of piece 2 by its back to the face of panel 3 of piece 1, …"; null and back where it was when that
     * does not stand here.
     */
    @Nullable
    GlueLine glue() {
        int mark = cursor.mark();
        int start = cursor.peek().start();
        boolean slides = cursor.peek().isWord("thread");
        cursor.next();
        int[] glued = panel();
        cursor.skip("by");
        cursor.skip("its", "the");
        Side side = side(Side.BACK);
        if (glued == null || !cursor.skip("to", "on", "onto", "through")) {
            cursor.back(mark);
            return null;
        }
        cursor.skip("the");
        Side onSide = side(Side.FACE);
        cursor.skip("of");
        int[] on = panel();
        if (on == null) {
            cursor.back(mark);
            return null;
        }
        return where(glued, side, on, onSide, slides, start);
    }

    private @Nullable GlueLine where(int[] glued, Side side, int[] on, Side onSide, boolean slides, int start) {
        Spot from = null;
        Spot at = null;
        double turn = 0;
        List<Spot> within = new ArrayList<>();
        while (true) {
            cursor.skipCommas();
            if (cursor.skip("with")) {
                cursor.skip("its", "the");
                cursor.skip("corner");
                from = cursor.isAtSpot() ? cursor.spot() : from;
            } else if (cursor.skip("at")) {
                at = cursor.isAtSpot() ? cursor.spot() : at;
            } else if (cursor.peek().isWord("turned") && cursor.peek(1).degrees() >= 0) {
                cursor.next();
                turn = cursor.next().degrees();
                cursor.skip("degrees");
            } else if (cursor.skip("within")) {
                spots(within);
            } else {
                return new GlueLine(
                        glued[0],
                        glued[1],
                        side,
                        on[0],
                        on[1],
                        onSide,
                        at,
                        from,
                        turn,
                        slides,
                        within,
                        start,
                        cursor.peek(-1).end());
            }
        }
    }

    /** Spots one after another, with commas, "and" or "to" between. */
    void spots(List<Spot> spots) {
        while (true) {
            int mark = cursor.mark();
            cursor.skipCommas();
            cursor.skip("to", "and");
            if (!cursor.isAtSpot()) {
                cursor.back(mark);
                return;
            }
            spots.add(cursor.spot());
        }
    }

    /**
     * "panel 2 of piece 1 over panel 4 of piece 1": piece and panel of both, from 1; null when it does not stand here.
     */
    int @Nullable [] over() {
        int mark = cursor.mark();
        cursor.next();
        int[] above = panel();
        int[] below = above != null && cursor.skip("over") ? panel() : null;
        if (above == null || below == null) {
            cursor.back(mark);
            return null;
        }
        return new int[] {above[1], above[0], below[1], below[0]};
    }

    /** "panel 1 and panel 2 of piece 3 stay open"; null when it does not stand here. */
    int @Nullable [] open() {
        int mark = cursor.mark();
        int one = cursor.numbered("panel");
        cursor.skip("and");
        int[] other = one < 0 ? null : panel();
        if (other == null || !cursor.skip("stay", "lie", "stays")) {
            cursor.back(mark);
            return null;
        }
        cursor.skip("open");
        return new int[] {other[1], one, other[0]};
    }

    /** "panel 3 [of piece 2]"; the first piece when none is named. */
    int @Nullable [] panel() {
        int panel = cursor.numbered("panel");
        if (panel < 0) {
            return null;
        }
        int mark = cursor.mark();
        cursor.skip("of");
        int piece = cursor.numbered("piece");
        if (piece < 0) {
            cursor.back(mark);
            piece = 1;
        }
        return new int[] {panel, piece};
    }

    private Side side(Side usual) {
        return cursor.skip("back") ? Side.BACK : cursor.skip("face", "front") ? Side.FACE : usual;
    }
}
