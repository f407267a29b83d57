package vantbreeze.core.fit;

import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;

/**
 * How a closed card sits in an envelope.
 *
 * @param envelope which
 * @param footprint the closed card as it goes in, long side along the envelope's
 * @param turned whether the card must be turned by a quarter for that
 * @param slackAcross envelope's long side less the card's; negative when the card is too long
 * @param slackUp envelope's short side less the card's; negative when the card is too high
 */
public record EnvelopeFit(Envelope envelope, Size footprint, boolean turned, Length slackAcross, Length slackUp) {

    /** Least slack each way for a card to slide in: 1/16 in, common practice, no source. */
    public static final Length LEAST = Length.ofInches(0, 1, 16);
    /** Slack beyond which a card slides about: 20 mm, from memory. */
    public static final Length MOST = Length.ofMillimetres(20);

    /** How good a fit is. */
    public enum Verdict {
        TOO_LARGE,
        TIGHT,
        FITS,
        LOOSE
    }

    /** How a card of this footprint sits in {@code envelope}, turned if it is upright and the envelope is not. */
    public static EnvelopeFit of(Size footprint, Envelope envelope) {
        Size inside = envelope.inside().landscape();
        Size card = footprint.landscape();
        boolean turned = footprint.width().isShorterThan(footprint.height())
                && !inside.width().equals(inside.height());
        return new EnvelopeFit(
                envelope,
                card,
                turned,
                inside.width().minus(card.width()),
                inside.height().minus(card.height()));
    }

    public Verdict verdict() {
        Length least = slackAcross.min(slackUp);
        if (least.isNegative()) {
            return Verdict.TOO_LARGE;
        }
        if (least.isShorterThan(LEAST)) {
            return Verdict.TIGHT;
        }
        return slackAcross.max(slackUp).isLongerThan(MOST) ? Verdict.LOOSE : Verdict.FITS;
    }

    /** Whether it goes in, tightly or not. */
    public boolean goesIn() {
        return verdict() != Verdict.TOO_LARGE;
    }

    /** Envelope left over, both ways together: the less, the better it suits. */
    public Length looseness() {
        return slackAcross.plus(slackUp);
    }
}
