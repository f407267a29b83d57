package vantbreeze.app.api;

import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Ruler;

/** How the closed card sits in its envelope. */
public record FitView(
        String envelope,
        String source,
        SizeView inside,
        boolean turned,
        FigureView slackAcross,
        FigureView slackUp,
        EnvelopeFit.Verdict verdict) {

    static FitView of(EnvelopeFit fit, Ruler ruler) {
        return new FitView(
                fit.envelope().name(),
                fit.envelope().source().label(),
                SizeView.of(fit.envelope().inside().landscape(), ruler),
                fit.turned(),
                FigureView.of(fit.slackAcross(), ruler),
                FigureView.of(fit.slackUp(), ruler),
                fit.verdict());
    }
}
