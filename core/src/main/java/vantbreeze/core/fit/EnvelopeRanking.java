package vantbreeze.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.tool.Allowances;

/**
 * The envelopes that a closed card goes in, those that suit it best first.
 *
 * @param atHand of the maker's own, those that are not used up
 * @param toBuy of the sizes that are sold, the best few
 */
public record EnvelopeRanking(List<EnvelopeFit> atHand, List<EnvelopeFit> toBuy) {

    /** So many to buy are worth telling. */
    private static final int TO_BUY = 4;

    /** What fits first, then what is loose, then what is tight; of these what leaves least over. */
    private static final Comparator<EnvelopeFit> BEST = Comparator.<EnvelopeFit, Integer>comparing(
                    fit -> switch (fit.verdict()) {
                        case FITS -> 0;
                        case LOOSE -> 1;
                        case TIGHT -> 2;
                        case TOO_LARGE, TOO_THICK -> 3;
                    })
            .thenComparing(EnvelopeFit::looseness);

    public EnvelopeRanking {
        atHand = List.copyOf(atHand);
        toBuy = List.copyOf(toBuy);
    }

    /** Of a closed card, with what goes round it inside the envelope. */
    public static EnvelopeRanking of(ClosedCard closed, List<Envelope> envelopes, Allowances allowances) {
        Girth girth = Girth.of(closed);
        return new EnvelopeRanking(
                goingIn(closed, girth, envelopes.stream().filter(Envelope::isAtHand), allowances)
                        .toList(),
                goingIn(
                                closed,
                                girth,
                                envelopes.stream().filter(one -> one.source() != Envelope.Source.OWN),
                                allowances)
                        .filter(fit -> fit.verdict() != EnvelopeFit.Verdict.TIGHT)
                        .limit(TO_BUY)
                        .toList());
    }

    private static Stream<EnvelopeFit> goingIn(
            ClosedCard closed, Girth girth, Stream<Envelope> envelopes, Allowances allowances) {
        return envelopes
                .map(envelope -> EnvelopeFit.of(closed.footprint(), girth, envelope, allowances))
                .filter(EnvelopeFit::goesIn)
                .sorted(BEST);
    }
}
