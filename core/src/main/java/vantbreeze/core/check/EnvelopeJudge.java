package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;

/** Whether the closed card goes into its envelope, thickness and all. */
record EnvelopeJudge(CheckedCard card, Words words) {

    private static final Kind TOO_LARGE = Kind.wrong("too-large-for-envelope");
    private static final Kind TIGHT = Kind.note("envelope-tight");
    private static final Kind LOOSE = Kind.note("envelope-loose");
    private static final Kind TOO_THICK = Kind.wrong("too-thick-for-envelope");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        EnvelopeFit fit = card.fit();
        if (fit == null) {
            return findings;
        }
        String name = fit.envelope().name();
        Length least = fit.slackAcross().min(fit.slackUp());
        switch (fit.verdict()) {
            case TOO_LARGE ->
                findings.add(TOO_LARGE.of("envelope", tooLarge(fit)).mendedBy(shrink(fit)));
            case TIGHT ->
                findings.add(TIGHT.of(
                                "envelope",
                                "%s is tight: only %s to spare. A card with layers may not slide in."
                                        .formatted(name, words.write(least)))
                        .mendedBy(shrink(fit)));
            case LOOSE ->
                findings.add(LOOSE.of(
                        "envelope",
                        "The card slides about in %s: %s to spare one way."
                                .formatted(name, words.write(fit.slackAcross().max(fit.slackUp())))));
            case TOO_THICK -> findings.add(TOO_THICK.of("envelope", tooThick(fit)));
            case FITS -> {}
        }
        return findings;
    }

    /** Where the bulk lies decides what helps: at an edge all of it counts, in the middle the envelope bows over it. */
    private String tooThick(EnvelopeFit fit) {
        String thick = "Closed it is %s thick %s"
                .formatted(words.write(fit.girth().thickness()), fit.girth().where());
        return fit.girth().thickness() > fit.thickest()
                ? "%s: a flat envelope takes %s. Make it a box envelope, and expect more postage."
                        .formatted(thick, words.write(fit.thickest()))
                : "%s, and %s does not go round it: %s is missing. Take a larger envelope, or less foam there."
                        .formatted(thick, fit.envelope().name(), words.write(-fit.slackRound()));
    }

    private String tooLarge(EnvelopeFit fit) {
        List<String> ways = new ArrayList<>();
        if (fit.slackAcross().isNegative()) {
            ways.add(words.write(fit.slackAcross().abs()) + " too long");
        }
        if (fit.slackUp().isNegative()) {
            ways.add(words.write(fit.slackUp().abs()) + (ways.isEmpty() ? " too high" : " too high besides"));
        }
        return "The closed card is %s for %s."
                .formatted(String.join(", ", ways), fit.envelope().name());
    }

    /** The one side to change, when one is enough. */
    private @Nullable Mend shrink(EnvelopeFit fit) {
        boolean across = fit.slackAcross().isShorterThan(fit.least());
        boolean up = fit.slackUp().isShorterThan(fit.least());
        if (across == up || card.isFree()) {
            return null;
        }
        boolean landscape =
                !card.footprint().width().isShorterThan(card.footprint().height());
        String side = across == landscape ? Parameter.WIDTH : Parameter.HEIGHT;
        Length excess = fit.least().minus(across ? fit.slackAcross() : fit.slackUp());
        return words.atMost(side, card.measures().get(side).minus(excess));
    }
}
