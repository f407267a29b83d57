package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;

/** Whether the closed card goes into its envelope, thickness and all. */
record EnvelopeJudge(WorkedPlan worked, Words words) {

    /** A flat envelope takes no more, mm; beyond it a box envelope. From memory. */
    private static final double FLAT_ENVELOPE_TAKES = 5;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        EnvelopeFit fit = worked.fit();
        if (fit == null) {
            return findings;
        }
        String name = fit.envelope().name();
        double thickness = worked.heft().thickness();
        Length least = fit.slackAcross().min(fit.slackUp());
        switch (fit.verdict()) {
            case TOO_LARGE -> findings.add(new Finding(Severity.WRONG, "envelope", tooLarge(fit), shrink(fit)));
            case TIGHT ->
                findings.add(new Finding(
                        Severity.NOTE,
                        "envelope",
                        "%s is tight: only %s to spare. A card with layers may not slide in."
                                .formatted(name, words.write(least)),
                        shrink(fit)));
            case LOOSE ->
                findings.add(new Finding(
                        Severity.NOTE,
                        "envelope",
                        "The card slides about in %s: %s to spare one way."
                                .formatted(name, words.write(fit.slackAcross().max(fit.slackUp()))),
                        null));
            case FITS -> {
                // an envelope wrapped round a thick card is as much narrower as that is thick (from memory)
                if (least.millimetres() - thickness < 0) {
                    findings.add(new Finding(
                            Severity.NOTE,
                            "envelope",
                            "%s is tight for a card %s thick: it leaves %s."
                                    .formatted(name, words.write(thickness), words.write(least)),
                            null));
                }
            }
        }
        if (thickness > FLAT_ENVELOPE_TAKES) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "envelope",
                    "Closed it is %s thick: make it a box envelope, and expect more postage."
                            .formatted(words.write(thickness)),
                    null));
        }
        return findings;
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
        boolean across = fit.slackAcross().isShorterThan(EnvelopeFit.LEAST);
        boolean up = fit.slackUp().isShorterThan(EnvelopeFit.LEAST);
        if (across == up || worked.plan().isFree()) {
            return null;
        }
        boolean landscape =
                !worked.footprint().width().isShorterThan(worked.footprint().height());
        String side = across == landscape ? Parameter.WIDTH : Parameter.HEIGHT;
        Length excess = EnvelopeFit.LEAST.minus(across ? fit.slackAcross() : fit.slackUp());
        return words.atMost(side, worked.plan().measures().get(side).minus(excess));
    }
}
