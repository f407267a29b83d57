package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Edited;
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
        PresentCard present = new PresentCard(building, done);
        List<CameOut> all = new ArrayList<>();
        for (List<MadeFigure> step : MadeFigures.of(building).values()) {
            for (MadeFigure figure : step) {
                Length shown = came.get(figure.id());
                if (shown != null && !shown.equals(figure.planned())) {
                    all.add(of(present, figure, shown));
                }
            }
        }
        return List.copyOf(all);
    }

    /**
     * What the plan that follows a figure in one way changes.
     *
     * @param figure its id
     * @param way as its {@linkplain Remedy#words() words} say
     * @param done ids of the steps that are done
     * @return nothing where there is no such figure or way, or where it brings something new to be fixed
     */
    public static Optional<Remedy> remedy(
            BuildPlan building, String figure, Length came, String way, Set<String> done) {
        PresentCard present = new PresentCard(building, done);
        return find(building, figure).stream()
                .flatMap(one -> Following.of(building.card(), one, came).stream()
                        .filter(follows -> follows.words().equals(way))
                        .flatMap(follows -> present.remedy(follows, one, came).stream()))
                .findFirst();
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

    private static CameOut of(PresentCard present, MadeFigure figure, Length came) {
        WorkedPlan card = present.card();
        List<Remedy> ways = Following.of(card, figure, came).stream()
                .flatMap(way -> present.remedy(way, figure, came).stream())
                .sorted(Comparator.comparingInt((Remedy one) -> one.again().size())
                        .thenComparingInt(one -> one.changes().size()))
                .limit(MOST_WAYS)
                .toList();
        return new CameOut(figure, came, off(figure, came, card.ruler()), present.asItIs(figure, came), ways);
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
}
