package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Parameter;

/**
 * Whether a card folds: closes, lies flat, stays within its footprint, moves without bending or passing through itself.
 */
record FoldJudge(WorkedPlan worked, Words words, boolean thorough) {

    private static final String PASSING =
            "Its panels can't all fold as they are scored: one would have to pass through another.";

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
                .filter(loop -> loop.gap() >= Precision.CLOSES)
                .forEach(loop -> findings.add(new Finding(
                        Severity.WRONG,
                        "fold",
                        String.format(
                                Locale.ROOT,
                                "The card does not close: going round %s leaves a gap of %.2f mm.",
                                loop.inWords(form.graph()),
                                loop.gap()),
                        null)));
        switch (form.ordering().verdict()) {
            case FOUND -> {}
            case IMPOSSIBLE -> findings.add(new Finding(Severity.WRONG, "fold", impossible(form), null));
            case NOT_DECIDED -> undecided(findings);
        }
    }

    /** Which panels can't all lie is told when the line is let go: to find out takes longer than a drag waits. */
    private String impossible(WorkedForm form) {
        return thorough ? form.orders().conflictInWords().orElse(PASSING) : PASSING;
    }

    private void undecided(List<Finding> findings) {
        if (thorough) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "fold",
                    "Whether all its panels can lie on one another can't be told: there are too many ways to try. Fold "
                            + "one from scrap paper first. Which lies over which is shown as a guess.",
                    null));
        }
    }

    /** What a free card is meant to measure, nobody said: there a panel may reach past the others on purpose. */
    private void footprint(List<Finding> findings) {
        if (worked.plan().isFree()) {
            WorkedForm form = worked.form();
            Overhang.of(form.graph(), form.closed(), form.flat()).stream()
                    .findFirst()
                    .ifPresent(reach -> findings.add(new Finding(
                            Severity.NOTE,
                            "fold",
                            "%s reaches %s past %s in the closed card. Bring it in, unless it is to show there."
                                    .formatted(
                                            words.name(reach.panel()),
                                            words.write(Length.nearest(reach.millimetres())),
                                            words.name(reach.body())),
                            null)));
            return;
        }
        Size closed = worked.footprint();
        Size meant = new Size(
                worked.plan().measures().get(Parameter.WIDTH),
                worked.plan().measures().get(Parameter.HEIGHT));
        Length out = closed.width().minus(meant.width()).max(closed.height().minus(meant.height()));
        if (out.millimetres() >= Precision.CLOSES) {
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
            outermost = reach(placed.get(i), across, middle)
                            > reach(placed.get(outermost), across, middle) + Precision.CLOSES
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
