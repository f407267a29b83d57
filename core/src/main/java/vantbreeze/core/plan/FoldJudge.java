package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Parameter;

/**
 * Whether a card folds: closes, lies flat, stays within its footprint, moves without bending or passing through itself.
 */
record FoldJudge(WorkedPlan worked, Words words, boolean thorough) {

    /** A loop that closes to within this is closed, mm. */
    private static final double CLOSES = 0.001;
    /** What sticks out less than this does not, mm. */
    private static final double STICKS_OUT = 0.01;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        closing(findings);
        footprint(findings);
        if (thorough) {
            moving(findings);
        }
        slits(findings);
        for (Advice advice : worked.structure().advice(worked.plan().measures())) {
            String text = advice.text()
                    .formatted(advice.figures().stream().map(words::write).toArray());
            findings.add(new Finding(
                    Severity.NOTE,
                    advice.parameter(),
                    text,
                    advice.suggested() == null ? null : words.atLeast(advice.parameter(), advice.suggested())));
        }
        return findings;
    }

    private void closing(List<Finding> findings) {
        WorkedForm form = worked.form();
        form.closed().loops().stream()
                .filter(loop -> loop.gap() > CLOSES)
                .forEach(loop -> findings.add(new Finding(
                        Severity.WRONG,
                        "fold",
                        "The card does not close: going round %s leaves a gap of %.2f mm."
                                .formatted(loop.inWords(form.graph()), loop.gap()),
                        null)));
        if (form.order() == null) {
            LayerOrders.of(form.closed(), form.flat())
                    .conflictInWords()
                    .ifPresent(text -> findings.add(new Finding(Severity.WRONG, "fold", text, null)));
        }
    }

    /** What a free card is meant to measure, nobody said. */
    private void footprint(List<Finding> findings) {
        if (worked.plan().isFree()) {
            return;
        }
        Size closed = worked.footprint();
        Size meant = new Size(
                worked.plan().measures().get(Parameter.WIDTH),
                worked.plan().measures().get(Parameter.HEIGHT));
        Length out = closed.width().minus(meant.width()).max(closed.height().minus(meant.height()));
        if (out.millimetres() > STICKS_OUT) {
            boolean across = closed.width().minus(meant.width()).equals(out);
            findings.add(new Finding(
                    Severity.WRONG,
                    across ? Parameter.WIDTH : Parameter.HEIGHT,
                    "%s pokes out of the closed card by %s.".formatted(words.name(outermost(across)), words.write(out)),
                    null));
        }
    }

    /** The panel that reaches farthest from the middle of the base. */
    private int outermost(boolean across) {
        List<PlacedPanel> placed = worked.form().closed().placed();
        int base = worked.form().graph().base();
        double middle = reach(placed.get(base), across, 0);
        int outermost = base;
        for (int i = 0; i < placed.size(); i++) {
            outermost = reach(placed.get(i), across, middle) > reach(placed.get(outermost), across, middle) + STICKS_OUT
                    ? i
                    : outermost;
        }
        return outermost;
    }

    private static double reach(PlacedPanel panel, boolean across, double from) {
        return panel.corners().stream()
                .mapToDouble(corner -> Math.abs((across ? corner.getX() : corner.getY()) - from))
                .max()
                .orElse(0);
    }

    private void moving(List<Finding> findings) {
        WorkedForm form = worked.form();
        form.motion()
                .firstBent()
                .ifPresent(frame -> findings.add(new Finding(
                        Severity.NOTE,
                        "fold",
                        "On the way to closed the panels must bend: stiff card may crack. Take a lighter one.",
                        null)));
        form.motion().passings().stream()
                .findFirst()
                .ifPresent(passing -> findings.add(new Finding(
                        Severity.NOTE,
                        "fold",
                        "%s and %s meet on the way to closed. Fold one side in before the other."
                                .formatted(words.name(passing.one()), words.name(passing.other())),
                        null)));
    }

    private void slits(List<Finding> findings) {
        for (WorkedPiece piece : worked.pieces()) {
            for (Stretch score : piece.panels().looseCreases()) {
                findings.add(new Finding(
                        Severity.WRONG,
                        "fold",
                        ("A score of %s ends inside a panel, %s from its left edge and %s up: it folds "
                                        + "nothing there. Run it on to an edge, a slit or another score.")
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(score.to().x()),
                                        words.write(score.to().y())),
                        null));
            }
            for (Stretch slit : piece.panels().looseSlits()) {
                findings.add(new Finding(
                        Severity.WRONG,
                        "fold",
                        ("A slit of %s does not end on a score, %s from its left edge and %s up: the "
                                        + "paper would tear on from there. Draw it as far as the score.")
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(slit.to().x()),
                                        words.write(slit.to().y())),
                        null));
            }
        }
    }
}
