package vantbreeze.core.cutting;

import vantbreeze.core.fold.PieceId;
import vantbreeze.core.paper.Cardstock;

/**
 * What a piece of a card is made of.
 *
 * @param stockId the same, as plans name it
 */
public record PieceStock(PieceId piece, String stockId, Cardstock stock) {}
