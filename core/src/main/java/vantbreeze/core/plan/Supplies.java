package vantbreeze.core.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.paper.Slide;

/**
 * What a card is made from and goes into, by the ids of the maker's stock.
 *
 * @param envelopeId the envelope it shall go in, or null
 * @param sheetId the sheet it shall be cut from, or null
 * @param cardstockId what its pieces are made of, or null for the usual card
 * @param ofPieces cardstocks of pieces that are made of another
 * @param slides where the print begins on pieces on which it does not at the lower left corner
 */
public record Supplies(
        @Nullable String envelopeId,
        @Nullable String sheetId,
        @Nullable String cardstockId,
        Map<PieceId, String> ofPieces,
        Map<PieceId, Slide> slides) {

    /** Nothing chosen. */
    public static final Supplies NONE = new Supplies(null, null, null, Map.of(), Map.of());

    public Supplies {
        ofPieces = Collections.unmodifiableMap(new LinkedHashMap<>(ofPieces));
        slides = Collections.unmodifiableMap(new LinkedHashMap<>(slides));
    }

    /** The same with another envelope, null for none. */
    public Supplies withEnvelope(@Nullable String envelope) {
        return new Supplies(envelope, sheetId, cardstockId, ofPieces, slides);
    }

    /** The same from another sheet, null for none. */
    public Supplies withSheet(@Nullable String sheet) {
        return new Supplies(envelopeId, sheet, cardstockId, ofPieces, slides);
    }

    /** The same of another cardstock, null for the usual one; pieces made of one of their own stay so. */
    public Supplies withCardstock(@Nullable String cardstock) {
        return new Supplies(envelopeId, sheetId, cardstock, ofPieces, slides);
    }

    /** The same with one piece of another cardstock; null for that of the card. */
    public Supplies withCardstock(PieceId piece, @Nullable String cardstock) {
        Map<PieceId, String> own = new LinkedHashMap<>(ofPieces);
        if (cardstock == null) {
            own.remove(piece);
        } else {
            own.put(piece, cardstock);
        }
        return new Supplies(envelopeId, sheetId, cardstockId, own, slides);
    }

    /** The same with the print of a piece slid. */
    public Supplies sliding(PieceId piece, Slide slide) {
        Map<PieceId, Slide> other = new LinkedHashMap<>(slides);
        if (slide.equals(Slide.NONE)) {
            other.remove(piece);
        } else {
            other.put(piece, slide);
        }
        return new Supplies(envelopeId, sheetId, cardstockId, ofPieces, other);
    }

    /** The cardstock of a piece of card, or null for the usual one. */
    public @Nullable String cardstockOf(PieceId piece) {
        return ofPieces.getOrDefault(piece, cardstockId);
    }

    /** The same under other ids. */
    public Supplies renaming(UnaryOperator<String> ids) {
        UnaryOperator<String> given = id -> id == null ? null : ids.apply(id);
        Map<PieceId, String> own = new LinkedHashMap<>();
        ofPieces.forEach((piece, id) -> own.put(piece, ids.apply(id)));
        return new Supplies(given.apply(envelopeId), given.apply(sheetId), given.apply(cardstockId), own, slides);
    }
}
