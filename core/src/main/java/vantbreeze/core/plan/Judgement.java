package vantbreeze.core.plan;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fit.SheetYield;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruled;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Sheet;
import vantbreeze.core.structure.Parameter;

/** Looks a worked plan over and says what a maker should know before cutting. */
final class Judgement {

    /** A loop that closes to within this is closed, mm. */
    private static final double CLOSES = 0.001;

    private final Workshop workshop;
    private final WorkedPlan worked;
    private final Plan plan;
    private final Ruler ruler;

    Judgement(Workshop workshop, WorkedPlan worked) {
        this.workshop = workshop;
        this.worked = worked;
        this.plan = worked.plan();
        this.ruler = plan.ruler();
    }

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        folding(worked.form(), findings);
        moving(worked.form(), findings);
        if (worked.fit() != null) {
            envelope(worked.fit()).ifPresent(findings::add);
        }
        worked.pieces().stream().map(WorkedPiece::yield)
                .filter(yield -> yield != null && yield.count() == 0)
                .forEach(yield -> findings.add(sheetTooSmall(yield)));
        plan.measures().byId().forEach((id, length) -> {
            if (!ruler.marks(length)) {
                findings.add(offRuler(id, length));
            }
        });
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }

    private static void folding(WorkedForm form, List<Finding> findings) {
        form.closed().loops().stream()
                .filter(loop -> loop.gap() > CLOSES)
                .forEach(loop -> findings.add(new Finding(Severity.WRONG, "fold",
                        "The card does not close: going round %s leaves a gap of %.2f mm.".formatted(loop.inWords(form.graph()), loop.gap()), null)));
        if (form.fromBelow().isEmpty()) {
            LayerOrders.of(form.closed(), form.flat()).conflictInWords()
                    .ifPresent(words -> findings.add(new Finding(Severity.WRONG, "fold", words, null)));
        }
    }

    private static void moving(WorkedForm form, List<Finding> findings) {
        form.motion().firstBent().ifPresent(frame -> findings.add(new Finding(Severity.NOTE, "fold",
                "On the way to closed the panels must bend: stiff card may crack. Take a lighter one.", null)));
        form.motion().passings().stream().findFirst().ifPresent(passing -> findings.add(new Finding(Severity.NOTE, "fold",
                "%s and %s meet on the way to closed. Fold one side in before the other.".formatted(
                        form.graph().name(passing.one()), form.graph().name(passing.other())), null)));
    }

    private Optional<Finding> envelope(EnvelopeFit fit) {
        String name = fit.envelope().name();
        return switch (fit.verdict()) {
            case FITS -> Optional.empty();
            case LOOSE -> Optional.of(new Finding(Severity.NOTE, "envelope",
                    "The card slides about in %s: %s to spare one way.".formatted(
                            name, write(fit.slackAcross().max(fit.slackUp()))), null));
            case TIGHT -> Optional.of(new Finding(Severity.NOTE, "envelope",
                    "%s is tight: only %s to spare. A card with layers may not slide in.".formatted(
                            name, write(fit.slackAcross().min(fit.slackUp()))), shrink(fit)));
            case TOO_LARGE -> Optional.of(new Finding(Severity.WRONG, "envelope", tooLarge(fit), shrink(fit)));
        };
    }

    private String tooLarge(EnvelopeFit fit) {
        List<String> ways = new ArrayList<>();
        if (fit.slackAcross().isNegative()) {
            ways.add(write(fit.slackAcross().abs()) + " too long");
        }
        if (fit.slackUp().isNegative()) {
            ways.add(write(fit.slackUp().abs()) + (ways.isEmpty() ? " too high" : " too high besides"));
        }
        return "The closed card is %s for %s.".formatted(String.join(", ", ways), fit.envelope().name());
    }

    /** The one side to change, when one is enough. */
    private Mend shrink(EnvelopeFit fit) {
        boolean across = fit.slackAcross().isShorterThan(EnvelopeFit.LEAST);
        boolean up = fit.slackUp().isShorterThan(EnvelopeFit.LEAST);
        if (across == up) {
            return null;
        }
        boolean landscape = !worked.footprint().width().isShorterThan(worked.footprint().height());
        String side = across == landscape ? Parameter.WIDTH : Parameter.HEIGHT;
        Length excess = EnvelopeFit.LEAST.minus(across ? fit.slackAcross() : fit.slackUp());
        return mend(side, plan.measures().get(side).minus(excess));
    }

    private Finding sheetTooSmall(SheetYield yield) {
        Sheet sheet = yield.sheet();
        String text = "The strip is %s too long for %s.".formatted(write(yield.missing()), sheet.name());
        Length widest = workshop.proposals(worked.structure(), ruler, sheet)
                .widestOfHeight(plan.measures().get(Parameter.HEIGHT));
        Mend mend = widest.isPositive() ? mend(Parameter.WIDTH, widest) : null;
        return new Finding(Severity.WRONG, "sheet", text, mend);
    }

    private Finding offRuler(String id, Length length) {
        Ruled mark = ruler.nearest(length);
        String text = "%s is not on a mark of this ruler: the nearest, %s, is %s mm %s.".formatted(
                label(id), write(mark.length()), micrometres(mark.drift().abs()),
                mark.drift().isPositive() ? "more" : "less");
        return new Finding(Severity.NOTE, id, text, mend(id, mark.length()));
    }

    private Mend mend(String parameter, Length length) {
        Length marked = ruler.below(length).length();
        return new Mend(parameter, marked, "Make the %s %s".formatted(label(parameter).toLowerCase(), write(marked)));
    }

    private String label(String id) {
        return worked.structure().parameters().stream()
                .filter(parameter -> parameter.id().equals(id)).map(Parameter::label).findFirst().orElse(id);
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }

    private static String micrometres(Length drift) {
        return drift.exactMillimetres().setScale(2, RoundingMode.HALF_UP).toPlainString();
    }
}
