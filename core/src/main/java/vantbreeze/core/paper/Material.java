package vantbreeze.core.paper;

import vantbreeze.core.length.Length;

/** What a piece of a card is cut from, beside what the maker chose for all that is of card. */
public enum Material {
    /** The card's own cardstock. */
    CARD,
    /** Clear film that flexes. */
    ACETATE;

    /**
     * Acetate that must flex is about 0.1 mm thin (common practice, no source); cellulose acetate has 1.3 g/cm³ (from
     * memory), so a square metre of it weighs 130 g.
     */
    private static final Cardstock FILM = new Cardstock("Acetate", 130, Length.ofMicrometres(100));

    /** The stock of a piece of it, when all that is of card is cut from {@code card}. */
    public Cardstock stock(Cardstock card) {
        return this == ACETATE ? FILM : card;
    }

    /** By what plans name that stock, when all that is of card is cut from {@code card}. */
    public String stockId(String card) {
        return this == ACETATE ? "acetate" : card;
    }
}
