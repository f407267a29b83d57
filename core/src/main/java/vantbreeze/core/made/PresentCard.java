package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.length.Length;
import vantbreeze.core.made.CameOut.Alteration;
import vantbreeze.core.made.CameOut.Remedy;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/** The card as it is planned now, and what is compared with it: worked out once for all figures. */
final class PresentCard {

    private final WorkedPlan card;
    private final Set<String> done;
    private final Remaining remaining;
    private final Map<String, String> wrong;
    private @Nullable Loose loose;

    /** @param done ids of the steps that are done */
    PresentCard(BuildPlan building, Set<String> done) {
        this.card = building.card();
        this.done = Set.copyOf(done);
        this.remaining = Remaining.of(building);
        this.wrong = wrong(card);
    }

    WorkedPlan card() {
        return card;
    }

    /** The card taken as free, and what is wrong with it then. */
    private record Loose(Plan plan, Map<String, String> wrong) {}

    private Loose loose() {
        if (loose == null) {
            Plan plan = new Drafting(card.workshop(), card.plan()).loosened();
            loose = new Loose(plan, wrong(card.workshop().work(plan)));
        }
        return loose;
    }

    /** What a way changes; nothing where it can't be worked out or brings something new to be fixed. */
    Optional<Remedy> remedy(Following way, MadeFigure figure, Length came) {
        try {
            WorkedPlan after = card.workshop().work(way.plan());
            return wrong.keySet().containsAll(wrong(after).keySet())
                    ? Optional.of(told(way, remaining.beside(Remaining.of(after.of(BuildPlan.STAGE))), figure, came))
                    : Optional.empty();
        } catch (ValidationException cannotBeWorkedOut) {
            return Optional.empty();
        }
    }

    private Remedy told(Following way, List<Remaining.Changed> changed, MadeFigure figure, Length came) {
        List<Alteration> changes = new ArrayList<>();
        List<Alteration> again = new ArrayList<>();
        for (Remaining.Changed one : changed) {
            Alteration change = new Alteration(
                    one.now().what(), one.was().written(card.ruler()), one.now().written(card.ruler()));
            if (!one.isOnly(figure, came)) {
                (done.contains(one.was().step()) ? again : changes).add(change);
            }
        }
        return new Remedy(way.words(), changes, again);
    }

    /** A closed card that came out larger or thicker may not go into its envelope any more. */
    private List<String> asItIs(MadeFigure.Way way, Length came) {
        EnvelopeFit fit = card.fit();
        if (fit == null || !fit.goesIn()) {
            return List.of();
        }
        Size planned = card.footprint();
        Size closed =
                switch (way) {
                    case WIDTH -> new Size(came, planned.height());
                    case HEIGHT -> new Size(planned.width(), came);
                    case THICKNESS -> planned;
                };
        double thickness = way == MadeFigure.Way.THICKNESS
                ? came.millimetres()
                : fit.girth().thickness();
        return fit.measured(planned, closed, thickness).goesIn()
                ? List.of()
                : List.of("It does not go into the %s any more: make or choose another."
                        .formatted(fit.envelope().name()));
    }

    /** What is wrong with the card with only that line where it came out, and is not wrong without. */
    List<String> asItIs(MadeFigure figure, Length came) {
        if (figure.where() instanceof MadeFigure.OfClosed closed) {
            return asItIs(closed.way(), came);
        }
        try {
            Loose before = loose();
            Optional<Plan> made = Following.loosely(card.workshop(), before.plan(), figure, came);
            if (made.isEmpty()) {
                return List.of();
            }
            Map<String, String> then = wrong(card.workshop().work(made.get()));
            then.keySet().removeAll(before.wrong().keySet());
            return List.copyOf(then.values());
        } catch (ValidationException cannotBeWorkedOut) {
            return List.of(String.valueOf(cannotBeWorkedOut.getMessage()));
        }
    }

    /** What must be fixed or looked at, in words, by what it is and of what. */
    private static Map<String, String> wrong(WorkedPlan card) {
        Map<String, String> wrong = new LinkedHashMap<>();
        card.findings().stream()
                .filter(finding -> finding.severity() != Finding.Severity.TIP)
                .forEach(finding -> wrong.putIfAbsent(finding.kind().id() + " of " + finding.about(), finding.text()));
        return wrong;
    }
}
