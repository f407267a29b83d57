package vantbreeze.app.api;

import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;

/**
 * How the closed card sits in its envelope.
 *
 * @param bulk how thick it is and where, in words
 */
public record FitView(
        String envelope,
        String source,
        SizeView inside,
        boolean turned,
        FigureView slackAcross,
        FigureView slackUp,
        EnvelopeFit.Verdict verdict,
        String bulk) {

    static FitView of(EnvelopeFit fit, Ruler ruler) {
        return new FitView(
                fit.envelope().name(),
                fit.envelope().source().label(),
                SizeView.of(fit.envelope().inside().landscape(), ruler),
                fit.turned(),
                FigureView.of(fit.slackAcross(), ruler),
                FigureView.of(fit.slackUp(), ruler),
                fit.verdict(),
                "%s thick %s"
                        .formatted(
                                Figure.estimate(fit.girth().thickness(), ruler).inWords(),
                                fit.girth().where()));
    }
}
