package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A figure that came out otherwise than planned.
 *
 * @param came what the ruler shows
 * @param words by how much it is off
 * @param asItIs what is wrong with the card if nothing else changes
 * @param ways what else can be changed so that all fits together again, the best first
 */
public record CameOut(MadeFigure figure, Length came, String words, List<String> asItIs, List<Remedy> ways) {

    /** So many ways are shown. */
    private static final int MOST_WAYS = 3;

    /** More than this off is another piece, or a misread figure (common practice, no source). */
    private static final Length MOST_OFF = Length.ofMillimetres(25);

    public CameOut {
        asItIs = List.copyOf(asItIs);
        ways = List.copyOf(ways);
    }

    /**
     * A way to make the rest fit.
     *
     * @param words which measure is then what, "Height 149.5 mm"
     * @param changes what is cut, scored and laid otherwise
     * @param again what is done already and would have to be done again
     */
    public record Remedy(String words, List<Alteration> changes, List<Alteration> again) {
        public Remedy {
            changes = List.copyOf(changes);
            again = List.copyOf(again);
        }
    }

    /**
     * Something that is another size, or lies elsewhere.
     *
     * @param what of which step or piece
     * @param was as planned until now
     * @param now as it would be
     */
    public record Alteration(String what, String was, String now) {}

    /**
     * A figure of a card as its steps are now.
     *
     * @param figure its id
     */
    public static Optional<MadeFigure> find(BuildPlan building, String figure) {
        return MadeFigures.of(building).values().stream()
                .flatMap(List::stream)
                .filter(one -> one.id().equals(figure))
                .findFirst();
    }

    /**
     * What a ruler shows, as it is kept.
     *
     * @throws ValidationException of {@code field} when it can't be what came of that figure
     */
    public static Length checked(String field, MadeFigure figure, Length came, Ruler ruler) {
        Length off = came.minus(figure.planned()).abs();
        if (!came.isPositive() || off.isLongerThan(MOST_OFF)) {
            throw new ValidationException(
                    field,
                    "%s is planned at %s: %s is too far off to be the same piece. Type what the ruler shows."
                            .formatted(
                                    figure.words(),
                                    Figure.of(figure.planned(), ruler).inWords(),
                                    Figure.of(came, ruler).inWords()));
        }
        return came;
    }

    /**
     * Of a card, all that came out otherwise than it is planned now.
     *
     * @param came what the ruler showed, by the id of the figure; what is not in the plan any more is left out
     * @param done ids of the steps that are done
     */
    public static List<CameOut> of(BuildPlan building, Map<String, Length> came, Set<String> done) {
        List<CameOut> all = new ArrayList<>();
        for (List<MadeFigure> step : MadeFigures.of(building).values()) {
            for (MadeFigure figure : step) {
                Length shown = came.get(figure.id());
                if (shown != null && !shown.equals(figure.planned())) {
                    all.add(of(building, figure, shown, done));
                }
            }
        }
        return List.copyOf(all);
    }

    /**
     * The plan that follows a figure in one way.
     *
     * @param figure its id
     * @param way as its {@linkplain Remedy#words() words} say
     * @return nothing where there is no such figure or way
     */
    public static Optional<Edited> following(BuildPlan building, String figure, Length came, String way) {
        return find(building, figure).stream()
                .flatMap(one -> Following.of(building.card(), one, came).stream())
                .filter(one -> one.words().equals(way))
                .map(one -> new Edited(one.plan(), one.words()))
                .findFirst();
    }

    private static CameOut of(BuildPlan building, MadeFigure figure, Length came, Set<String> done) {
        WorkedPlan card = building.card();
        Remaining before = Remaining.of(building);
        List<Remedy> ways = new ArrayList<>();
        Map<String, String> wrong = wrong(card);
        for (Following way : Following.of(card, figure, came)) {
            try {
                WorkedPlan after = card.workshop().work(way.plan());
                if (wrong.keySet().containsAll(wrong(after).keySet())) {
                    ways.add(told(
                            way,
                            before.beside(Remaining.of(after.of(BuildPlan.STAGE))),
                            figure,
                            came,
                            done,
                            card.ruler()));
                }
            } catch (ValidationException cannotBeWorkedOut) {
                // not that way
            }
        }
        return new CameOut(
                figure,
                came,
                off(figure, came, card.ruler()),
                asItIs(card, figure, came),
                ways.stream()
                        .sorted(Comparator.comparingInt(
                                        (Remedy one) -> one.again().size())
                                .thenComparingInt(one -> one.changes().size()))
                        .limit(MOST_WAYS)
                        .toList());
    }

    private static Remedy told(
            Following way,
            List<Remaining.Changed> changed,
            MadeFigure figure,
            Length came,
            Set<String> done,
            Ruler ruler) {
        List<Alteration> changes = new ArrayList<>();
        List<Alteration> again = new ArrayList<>();
        for (Remaining.Changed one : changed) {
            Alteration change = new Alteration(
                    one.now().what(), one.was().written(ruler), one.now().written(ruler));
            if (!one.isOnly(figure, came)) {
                (done.contains(one.was().step()) ? again : changes).add(change);
            }
        }
        return new Remedy(way.words(), changes, again);
    }

    private static String off(MadeFigure figure, Length came, Ruler ruler) {
        Length off = came.minus(figure.planned());
        return String.format(
                Locale.ROOT,
                "%s: %s, %s %s than planned.",
                figure.words(),
                Figure.of(came, ruler).inWords(),
                Figure.of(off.abs(), ruler).inWords(),
                off.isNegative() ? "less" : "more");
    }

    /** A closed card that came out larger or thicker may not go into its envelope any more. */
    private static List<String> asItIs(WorkedPlan card, MadeFigure.Way way, Length came) {
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
    private static List<String> asItIs(WorkedPlan card, MadeFigure figure, Length came) {
        if (figure.where() instanceof MadeFigure.OfClosed closed) {
            return asItIs(card, closed.way(), came);
        }
        try {
            Plan loose = new Drafting(card.workshop(), card.plan()).loosened();
            Optional<Plan> made = Following.loosely(card.workshop(), loose, figure, came);
            if (made.isEmpty()) {
                return List.of();
            }
            Map<String, String> wrong = wrong(card.workshop().work(made.get()));
            wrong.keySet().removeAll(wrong(card.workshop().work(loose)).keySet());
            return List.copyOf(wrong.values());
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
