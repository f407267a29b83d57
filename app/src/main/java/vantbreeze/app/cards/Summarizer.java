package vantbreeze.app.cards;

/** Makes what the list shows of a card. */
public interface Summarizer {

    /** Of a card. */
    Summary of(Card card);

    /** Of a card that can't be opened, and why. */
    Summary unopenable(String why);
}
