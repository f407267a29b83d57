package vantbreeze.core.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;

/**
 * What a recipe says of glue: panels by number, each of a piece by number, from 1.
 *
 * @param at where the glued sheet's corner lies on the other, or null for the middle
 * @param from the spot of the glued sheet that lies there, or null for its lower left corner
 */
record GlueLine(
        int panel,
        int piece,
        Side side,
        int onPanel,
        int onPiece,
        Side onSide,
        @Nullable Spot at,
        @Nullable Spot from,
        double turn,
        boolean slides,
        List<Spot> within,
        int start,
        int end) {}
