package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.structure.Parameter;

/** Whether the closed card goes into its envelope, thickness and all. */
record EnvelopeJudge(CheckedCard card, Words words) {

    private static final Kind TOO_LARGE = Kind.check("too-large-for-envelope");
    private static final Kind TIGHT = Kind.check("envelope-tight");
    private static final Kind LOOSE = Kind.tip("envelope-loose");
    private static final Kind TOO_THICK = Kind.check("too-thick-for-envelope");

    /** What findings about the envelope are about, and the field that chooses it. */
    static final String ABOUT = "envelope";

    List<Finding> findings() {
        EnvelopeFit fit = card.fit();
        if (fit == null) {
            return List.of();
        }
        return switch (fit.verdict()) {
            case TOO_LARGE -> List.of(mended(TOO_LARGE, tooLarge(fit), shrink(fit)));
            case TIGHT -> List.of(tight(fit));
            case LOOSE -> loose(fit).map(List::of).orElse(List.of());
            case TOO_THICK -> List.of(mended(TOO_THICK, tooThick(fit), null));
            case FITS -> List.of();
        };
    }

    private Finding mended(Kind kind, String text, @Nullable Mend first) {
        List<Mend> mends = new ArrayList<>();
        if (first != null) {
            mends.add(first);
        }
        card.betterEnvelope().map(EnvelopeJudge::taking).ifPresent(mends::add);
        return kind.of(ABOUT, text).mendedByAny(mends);
    }

    private static Mend taking(Envelope other) {
        return Mend.choosing(ABOUT, other.id(), "Take the envelope %s".formatted(other.name()));
    }

    private Finding tight(EnvelopeFit fit) {
        boolean up = !fit.slackUp().isLongerThan(fit.slackAcross());
        Length less = fit.least().minus(up ? fit.slackUp() : fit.slackAcross());
        return mended(
                TIGHT,
                "The envelope %s is tight: with %s less %s the card slides in."
                        .formatted(fit.envelope().name(), words.least(less), up ? "height" : "length"),
                shrink(fit));
    }

    /** Only where there is an envelope that suits better: what is to be done about it otherwise? */
    private Optional<Finding> loose(EnvelopeFit fit) {
        return card.betterEnvelope().map(better -> LOOSE.of(
                        ABOUT,
                        "The card slides about in the envelope %s, with %s to spare: %s suits it better."
                                .formatted(
                                        fit.envelope().name(),
                                        words.estimate(fit.slackAcross().max(fit.slackUp())),
                                        better.name()))
                .mendedBy(taking(better)));
    }

    /** Where the bulk lies decides what helps: at an edge all of it counts, in the middle the envelope bows over it. */
    private String tooThick(EnvelopeFit fit) {
        String thick = "The closed card is %s thick %s"
                .formatted(words.estimate(fit.girth().thickness()), fit.girth().where());
        return fit.girth().thickness() > fit.thickest()
                ? tooDeep(thick, fit)
                : "%s, and the envelope %s lacks %s to go round it. Take a larger one%s."
                        .formatted(
                                thick,
                                fit.envelope().name(),
                                words.estimate(-fit.slackRound()),
                                card.layers().all().isEmpty() ? "" : ", or thinner layers there");
    }

    private String tooDeep(String thick, EnvelopeFit fit) {
        String most = words.most(Length.nearest(fit.thickest()));
        return fit.envelope().depth().isPositive()
                ? "%s, and %s is %s deep. Take a deeper one."
                        .formatted(thick, fit.envelope().name(), most)
                : "%s, and a flat envelope takes %s. Make it a box envelope; it costs more to send."
                        .formatted(thick, most);
    }

    private String tooLarge(EnvelopeFit fit) {
        List<String> ways = new ArrayList<>();
        if (fit.slackAcross().isNegative()) {
            ways.add("%s too long".formatted(words.least(fit.slackAcross().abs())));
        }
        if (fit.slackUp().isNegative()) {
            ways.add("%s too high".formatted(words.least(fit.slackUp().abs())));
        }
        return "The closed card is %s for the envelope %s. Make it smaller, or take a larger envelope."
                .formatted(Words.list(ways), fit.envelope().name());
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
