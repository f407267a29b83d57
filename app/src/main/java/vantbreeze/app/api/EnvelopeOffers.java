package vantbreeze.app.api;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fit.EnvelopeRanking;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.tool.Allowances;

/** Envelopes that a closed card goes in, as they are offered: those at hand first, then those to buy. */
final class EnvelopeOffers {

    private EnvelopeOffers() {}

    /** Where an envelope comes from. */
    public enum Origin {
        AT_HAND,
        TO_BUY
    }

    /**
     * An envelope that the card goes in.
     *
     * @param words how it sits in it, how many are left, what one costs
     */
    public record EnvelopeOffer(
            String id,
            String name,
            Origin origin,
            SizeView inside,
            @Nullable FigureView depth,
            EnvelopeFit.Verdict verdict,
            String words) {

        private static EnvelopeOffer of(EnvelopeFit fit, Origin origin, Ruler ruler) {
            Envelope envelope = fit.envelope();
            return new EnvelopeOffer(
                    envelope.id(),
                    envelope.name(),
                    origin,
                    SizeView.of(envelope.inside().landscape(), ruler),
                    envelope.depth().isPositive() ? FigureView.of(envelope.depth(), ruler) : null,
                    fit.verdict(),
                    words(fit, ruler));
        }

        private static String words(EnvelopeFit fit, Ruler ruler) {
            Envelope envelope = fit.envelope();
            StringBuilder words = new StringBuilder(
                    switch (fit.verdict()) {
                        case FITS -> "fits";
                        case LOOSE -> "loose";
                        default -> "tight";
                    });
            words.append(": %s across and %s up to spare"
                    .formatted(
                            Figure.of(fit.slackAcross(), ruler).inWords(),
                            Figure.of(fit.slackUp(), ruler).inWords()));
            if (envelope.count() != null) {
                words.append(String.format(Locale.ROOT, "; %d left", envelope.count()));
            }
            if (envelope.price() != null) {
                words.append("; %s each".formatted(envelope.price().toPlainString()));
            }
            return words.toString();
        }
    }

    /**
     * All that are worth offering.
     *
     * @param away ids of those that are no longer offered
     */
    static List<EnvelopeOffer> of(
            ClosedCard closed, List<Envelope> envelopes, Set<String> away, Allowances allowances, Ruler ruler) {
        EnvelopeRanking ranking = EnvelopeRanking.of(
                closed,
                envelopes.stream().filter(one -> !away.contains(one.id())).toList(),
                allowances);
        return Stream.concat(
                        ranking.atHand().stream().map(fit -> EnvelopeOffer.of(fit, Origin.AT_HAND, ruler)),
                        ranking.toBuy().stream().map(fit -> EnvelopeOffer.of(fit, Origin.TO_BUY, ruler)))
                .toList();
    }
}
