package vantbreeze.core.fit;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * How a closed card sits in an envelope.
 *
 * @param envelope which
 * @param footprint the closed card as it goes in, long side along the envelope's
 * @param turned whether the card must be turned by a quarter for that
 * @param slackAcross envelope's long side less the card's; negative when the card is too long
 * @param slackUp envelope's short side less the card's; negative when the card is too high
 * @param girth what the envelope has to go round, as the card lies
 * @param allowances what the maker allows for
 */
public record EnvelopeFit(
        Envelope envelope,
        Size footprint,
        boolean turned,
        Length slackAcross,
        Length slackUp,
        Girth girth,
        Allowances allowances) {

    /** How good a fit is. */
    public enum Verdict {
        /** It is larger than the envelope. */
        TOO_LARGE,
        /** It is as large as the envelope takes, but so thick that the envelope does not go round it. */
        TOO_THICK,
        TIGHT,
        FITS,
        LOOSE
    }

    /** How a card of this footprint, as good as flat, sits in {@code envelope}, with the usual allowances. */
    public static EnvelopeFit of(Size footprint, Envelope envelope) {
        return of(ClosedCard.flat(footprint), envelope, Allowances.usual());
    }

    /** How a card sits in {@code envelope}, turned if it is upright and the envelope is not. */
    public static EnvelopeFit of(ClosedCard closed, Envelope envelope, Allowances allowances) {
        return of(closed.footprint(), Girth.of(closed), envelope, allowances);
    }

    /** The envelope with the least left over in which the card sits well enough, if there is one. */
    public static Optional<EnvelopeFit> best(
            ClosedCard closed, Envelopes envelopes, Allowances allowances, Set<Verdict> wellEnough) {
        Girth girth = Girth.of(closed);
        return envelopes.all().stream()
                .map(envelope -> of(closed.footprint(), girth, envelope, allowances))
                .filter(fit -> wellEnough.contains(fit.verdict()))
                .min(Comparator.comparing(EnvelopeFit::looseness));
    }

    static EnvelopeFit of(Size footprint, Girth girth, Envelope envelope, Allowances allowances) {
        Size inside = envelope.inside().landscape();
        Size card = footprint.landscape();
        boolean turned = footprint.width().isShorterThan(footprint.height())
                && !inside.width().equals(inside.height());
        return new EnvelopeFit(
                envelope,
                card,
                turned,
                inside.width().minus(card.width()),
                inside.height().minus(card.height()),
                girth,
                allowances);
    }

    /**
     * The same card as it was measured: the envelope goes as much further round it as it is larger, and as thicker.
     *
     * @param planned the closed card as it should be, and lies for {@link #girth}
     * @param closed as it came out, the same way round
     * @param thickness millimetres
     */
    public EnvelopeFit measured(Size planned, Size closed, double thickness) {
        double thicker = thickness - girth.thickness();
        Girth measured = new Girth(
                girth.across() + closed.width().minus(planned.width()).millimetres() + thicker,
                girth.up() + closed.height().minus(planned.height()).millimetres() + thicker,
                thickness,
                girth.where());
        return of(closed, measured, envelope, allowances);
    }

    /**
     * What is left of the envelope each way once it has gone round the card, the less of the two, mm. Half the way
     * round inside a box is its side and its depth.
     */
    public double slackRound() {
        Size inside = envelope.inside().landscape();
        boolean lies = !(turned || girth.up() > girth.across());
        double along = lies ? girth.across() : girth.up();
        double over = lies ? girth.up() : girth.across();
        double deep = envelope.depth().millimetres();
        return Math.min(
                inside.width().millimetres() + deep - along, inside.height().millimetres() + deep - over);
    }

    /** The least slack each way for a card to slide in. */
    public Length least() {
        return allowances.of(Allowance.ENVELOPE_LEAST);
    }

    /** No thicker card goes in it, millimetres. */
    public double thickest() {
        double deep = envelope.depth().millimetres();
        return deep > 0 ? deep : allowances.of(Allowance.FLAT_ENVELOPE).millimetres();
    }

    /** How good it is. */
    public Verdict verdict() {
        Length least = slackAcross.min(slackUp);
        if (least.isNegative()) {
            return Verdict.TOO_LARGE;
        }
        if (slackRound() < 0 || girth.thickness() > thickest()) {
            return Verdict.TOO_THICK;
        }
        if (least.isShorterThan(least())) {
            return Verdict.TIGHT;
        }
        return slackAcross.max(slackUp).isLongerThan(allowances.of(Allowance.ENVELOPE_MOST))
                ? Verdict.LOOSE
                : Verdict.FITS;
    }

    /** Whether it goes in, tightly or not. */
    public boolean goesIn() {
        return verdict() != Verdict.TOO_LARGE && verdict() != Verdict.TOO_THICK;
    }

    /** Envelope left over, both ways together: the less, the better it suits. */
    public Length looseness() {
        return slackAcross.plus(slackUp);
    }
}
