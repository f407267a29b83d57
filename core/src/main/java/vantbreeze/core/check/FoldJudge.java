package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.LoopGap;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.folding.Overhang;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Parameter;

/**
 * Whether a card folds: closes, lies flat, stays within its footprint, moves without bending or passing through itself.
 */
record FoldJudge(CheckedCard card, Words words) {

    private static final Kind ADVICE = Kind.check("advice");
    private static final Kind GAP = Kind.mustFix("does-not-close");
    private static final Kind PASSES = Kind.mustFix("can-not-fold");
    private static final Kind UNDECIDED = Kind.check("order-not-decided");
    private static final Kind REACHES_PAST = Kind.check("reaches-past");
    private static final Kind POKES_OUT = Kind.mustFix("pokes-out");
    private static final Kind HELD = Kind.mustFix("held-shut");
    private static final Kind BENDS = Kind.check("bends-on-the-way");
    private static final Kind MEETS = Kind.check("meets-on-the-way");

    private static final String PASSING =
            "Its panels can't all fold as they are scored: one would have to pass through another.";

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        closing(findings);
        footprint(findings);
        if (card.isThorough()) {
            int before = findings.size();
            heldShut(findings);
            moving(findings, findings.size() > before);
        }
        for (Advice advice : card.structure().advice(card.measures())) {
            String text = advice.text()
                    .formatted(advice.amounts().stream().map(words::write).toArray());
            findings.add(ADVICE.of(advice.parameter(), text).mendedBy(mend(advice)));
        }
        return findings;
    }

    /** On the mark beyond what is suggested, so that it is enough. */
    private @Nullable Mend mend(Advice advice) {
        Length suggested = advice.suggested();
        if (suggested == null) {
            return null;
        }
        Length now = card.structure().measure(advice.parameter(), card.measures());
        return suggested.isLongerThan(now)
                ? words.atLeast(advice.parameter(), suggested)
                : words.atMost(advice.parameter(), suggested);
    }

    private void closing(List<Finding> findings) {
        Folding form = card.form();
        form.closed().loops().stream()
                .filter(loop -> loop.gap() >= Precision.CLOSES)
                .forEach(loop -> findings.add(GAP.of(
                        "fold",
                        ("The card does not close: going round %s, the ends come %s apart. Make one of them "
                                        + "wider or narrower by that.")
                                .formatted(loop.inWords(form.graph()), words.estimate(loop.gap())))));
        switch (form.ordering().verdict()) {
            case FOUND -> {}
            case IMPOSSIBLE -> findings.add(PASSES.of("fold", impossible(form)));
            case NOT_DECIDED -> undecided(findings);
        }
    }

    /** Which panels can't all lie is told when the line is let go: to find out takes longer than a drag waits. */
    private String impossible(Folding form) {
        return card.isThorough() ? form.orders().conflictInWords().orElse(PASSING) : PASSING;
    }

    private void undecided(List<Finding> findings) {
        if (card.isThorough()) {
            findings.add(UNDECIDED.of(
                    "fold",
                    "Whether all its panels can lie on one another can't be told: there are too many ways to try. Fold "
                            + "one from scrap paper first. Which lies over which is shown as a guess."));
        }
    }

    /** What a free card is meant to measure, nobody said: there a panel may reach past the others on purpose. */
    private void footprint(List<Finding> findings) {
        if (card.isFree()) {
            Folding form = card.form();
            Overhang.of(form.graph(), form.closed(), form.flat()).stream()
                    .findFirst()
                    .ifPresent(reach -> findings.add(REACHES_PAST.of(
                            "fold",
                            "%s reaches %s past %s in the closed card. Bring it in, unless it is to show there."
                                    .formatted(
                                            words.name(reach.panel()),
                                            words.estimate(reach.millimetres()),
                                            words.name(reach.body())))));
            return;
        }
        Size closed = card.footprint();
        Size meant = card.structure().finished(card.measures());
        Length out = closed.width().minus(meant.width()).max(closed.height().minus(meant.height()));
        if (out.millimetres() >= Precision.CLOSES) {
            boolean across = closed.width().minus(meant.width()).equals(out);
            // what is set on a card may be meant to show there
            OptionalInt setOn = setOnBeyond(across);
            boolean maybeMeant = setOn.isPresent();
            int outermost = setOn.orElseGet(() -> outermost(across));
            findings.add((maybeMeant ? REACHES_PAST : POKES_OUT)
                    .of(
                            across ? Parameter.WIDTH : Parameter.HEIGHT,
                            "%s pokes out of the closed card by %s. %s"
                                    .formatted(
                                            words.name(outermost),
                                            words.least(out),
                                            maybeMeant
                                                    ? "Bring it in, unless it is to show there."
                                                    : "Make it that much %s."
                                                            .formatted(across ? "narrower" : "lower"))));
        }
    }

    /** What is set on a card holds it where the loops that it closes are open in one of the card's poses. */
    private void heldShut(List<Finding> findings) {
        Folding form = card.form();
        if (IntStream.range(0, form.graph().panels().size()).noneMatch(card::isSetOn)) {
            return;
        }
        for (Station station : form.stations().subList(0, form.stations().size() - 1)) {
            FoldedForm.of(form.graph(), station.pose()).loops().stream()
                    .filter(loop -> loop.gap() >= Precision.CLOSES)
                    .filter(loop -> loop.panels().stream().anyMatch(card::isSetOn))
                    .max(Comparator.comparingDouble(LoopGap::gap))
                    .ifPresent(loop -> findings.add(HELD.of(
                            "extras",
                            "%s locks the card: on the way to \"%s\" its ends come %s apart. Glue it elsewhere."
                                    .formatted(
                                            words.name(loop.panels().stream()
                                                    .filter(card::isSetOn)
                                                    .findFirst()
                                                    .orElseThrow()),
                                            station.name(),
                                            words.estimate(loop.gap())))));
        }
    }

    /** The panel set on the card that reaches farthest beyond all of the card's own, if one does. */
    private OptionalInt setOnBeyond(boolean across) {
        List<PlacedPanel> placed = card.form().closed().placed();
        Envelope own = new Envelope();
        IntStream.range(0, placed.size())
                .filter(panel -> !card.isSetOn(panel))
                .forEach(panel -> own.expandToInclude(placed.get(panel).shadow().getEnvelopeInternal()));
        return IntStream.range(0, placed.size())
                .filter(card::isSetOn)
                .filter(panel -> beyond(own, placed.get(panel), across) >= Precision.CLOSES)
                .boxed()
                .max(Comparator.comparingDouble(panel -> beyond(own, placed.get(panel), across)))
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }

    private static double beyond(Envelope own, PlacedPanel panel, boolean across) {
        Envelope box = panel.shadow().getEnvelopeInternal();
        return across
                ? Math.max(own.getMinX() - box.getMinX(), box.getMaxX() - own.getMaxX())
                : Math.max(own.getMinY() - box.getMinY(), box.getMaxY() - own.getMaxY());
    }

    /** The panel that reaches farthest from the middle of the base. */
    private int outermost(boolean across) {
        List<PlacedPanel> placed = card.form().closed().placed();
        int base = card.form().graph().base();
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

    /** @param held whether it is told already that it can't go all the way */
    private void moving(List<Finding> findings, boolean held) {
        Folding form = card.form();
        form.motion().firstBent().stream()
                .filter(frame -> !held)
                .findFirst()
                .ifPresent(frame -> findings.add(BENDS.of(
                        "fold",
                        "On the way to closed the panels must bend: stiff card may crack. Take lighter card.")));
        form.motion().passings().stream()
                .findFirst()
                .ifPresent(passing -> findings.add(MEETS.of(
                        "fold",
                        "%s and %s meet on the way to closed. Fold one side in before the other."
                                .formatted(words.name(passing.one()), words.name(passing.other())))));
    }
}
