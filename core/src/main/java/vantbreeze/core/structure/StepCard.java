package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Step card: slits across a folded sheet and alternate folds between them make stairs. All treads turn alike and all
 * risers turn alike, so that the wall's one tread and one riser and the stairs' many stay closed at every angle: each
 * side covers the same depth and the same drop. Closed it is as high as the back and the depth together.
 */
public final class StepCard extends CatalogueStructure {

    /** Id of the depth of one tread. */
    public static final String TREAD = "tread";
    /** Id of the height of one riser; the last takes what is left. */
    public static final String RISER = "riser";
    /** Id of the width of the stairs. */
    public static final String STAIRS = "stairs";
    /** What the ids of the depths of single treads begin with; behind it which, from the back, from 1. */
    public static final String ONE_TREAD = "tread-";
    /** What the ids of the heights of single risers begin with; behind it which, from the back, from 1. */
    public static final String ONE_RISER = "riser-";
    /** Id of the width of the wall at the left of the stairs. */
    public static final String LEFT = "left";

    private static final int MOST_STEPS = 6;

    /** Id of the number of treads. */
    public static final Choice STEPS = Choice.count("steps", "Steps", "how many treads", 2, MOST_STEPS, 3);
    /** Id of where the stairs are. */
    public static final Choice PLACE = Choice.of(
            "place",
            "Stairs",
            "in the middle between two walls, or beside one",
            new Choice.Alternative("centre", "in the middle"),
            new Choice.Alternative("side", "at the side"));

    /** With the usual allowances of the trade. */
    public StepCard() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public StepCard(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "step-card",
                "Step card",
                "Slits and alternate folds make stairs that stand by themselves and fold flat.",
                "Little scenes with a thing on every step.");
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.of(Parameter.WIDTH, "Finished width", "across the card as it stands")
                        .ofPieces("Card base"),
                Parameter.of(Parameter.HEIGHT, "Finished height", "up the closed card: back and depth together"),
                Parameter.of(TREAD, "Tread depth", "how deep each step is"),
                Parameter.of(RISER, "Riser height", "how high each step is"),
                Parameter.of(STAIRS, "Stairs width", "how wide the stairs are"),
                Parameter.of(LEFT, "Wall beside the stairs", "how wide the lower wall is on the sheet")
                        .when(PLACE, "centre")
                        .following()));
        for (int step = 1; step <= MOST_STEPS; step++) {
            int which = step;
            all.add(Parameter.of(
                            ONE_TREAD + step, "Tread " + step, "how deep it is, the first at the back", "Tread " + step)
                    .whenCounting(STEPS, count -> count >= which)
                    .following());
            all.add(Parameter.of(
                            ONE_RISER + step, "Riser " + step, "how high it is, the first at the back", "Riser " + step)
                    .whenCounting(STEPS, count -> count > which)
                    .following());
        }
        return all;
    }

    @Override
    public List<Choice> choices() {
        return List.of(STEPS, PLACE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        int steps = measures.count(STEPS);
        boolean atSide = measures.isChosen(PLACE, "side");
        Length walls = measures.says(LEFT) && !atSide
                ? measures.get(LEFT).plus(bounds.narrowest())
                : bounds.narrowest().times(atSide ? 1 : 2);
        Length room = measures.get(Parameter.HEIGHT)
                .minus(depth(measures))
                .minus(drop(measures))
                .minus(bounds.narrowest());
        String noBack = "the risers would be higher than the back";
        if (parameter.startsWith(ONE_TREAD) || parameter.startsWith(ONE_RISER)) {
            return new Limits(
                    bounds.narrowest(),
                    Bounds.TOO_NARROW,
                    of(parameter, measures).plus(room),
                    noBack);
        }
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        measures.get(STAIRS).plus(walls),
                        "no wall would be left beside the stairs",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        depth(measures).plus(drop(measures)).plus(bounds.narrowest()),
                        noBack,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case TREAD ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        mostOfAll(TREAD, ONE_TREAD, steps, room, measures),
                        noBack);
            case RISER ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        mostOfAll(RISER, ONE_RISER, steps - 1, room, measures),
                        noBack);
            case STAIRS ->
                bounds.part(
                        bounds.narrowest(),
                        measures.get(Parameter.WIDTH),
                        walls,
                        "no wall would be left beside the stairs");
            case LEFT ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.WIDTH)
                                .minus(measures.get(STAIRS))
                                .minus(bounds.narrowest()),
                        "no wall would be left beside the stairs");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How long each of several that follow may be when what is left over is shared among them. */
    private static Length mostOfAll(String all, String one, int count, Length room, Measures measures) {
        long following = IntStream.rangeClosed(1, count)
                .filter(step -> !measures.says(one + step))
                .count();
        return following == 0
                ? Bounds.LONGEST
                : measures.get(all).plus(room.dividedBy(following)).min(Bounds.LONGEST);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (parameter.equals(LEFT)) {
            return measures.get(Parameter.WIDTH).minus(measures.get(STAIRS)).dividedBy(2);
        }
        if (parameter.startsWith(ONE_TREAD)) {
            return measures.get(TREAD);
        }
        if (parameter.startsWith(ONE_RISER)) {
            return measures.get(RISER);
        }
        throw Bounds.unknown(this, parameter);
    }

    /** How deep the stairs are. */
    private Length depth(Measures measures) {
        return sum(ONE_TREAD, measures.count(STEPS), measures);
    }

    /** How far the stairs go down but for the last riser, which takes what is left. */
    private Length drop(Measures measures) {
        return sum(ONE_RISER, measures.count(STEPS) - 1, measures);
    }

    private Length sum(String one, int count, Measures measures) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(step -> of(one + step, measures))
                .reduce(Length.ZERO, Length::plus);
    }

    /** More steps in the same depth are shallower and lower. */
    @Override
    public Measures rechosen(Measures before, String choice, String value, Ruler ruler) {
        Measures after = before.choosing(choice, value);
        long was = before.count(STEPS);
        long is = after.count(STEPS);
        if (was == is) {
            return super.rechosen(before, choice, value, ruler);
        }
        Length tread = ruler.nearest(before.get(TREAD).times(was).dividedBy(is)).length();
        Length riser = ruler.nearest(before.get(RISER).times(was).dividedBy(is)).length();
        return after.with(TREAD, tread.max(ruler.above(bounds.narrowest()).length()))
                .with(RISER, riser.max(ruler.above(bounds.narrowest()).length()));
    }

    /** The sheet lies with the foot of the back on the left, as its scores run straight up the board. */
    @Override
    public Assembly assemble(Measures measures) {
        int steps = measures.count(STEPS);
        Length width = measures.get(Parameter.WIDTH);
        Length depth = depth(measures);
        Length back = measures.get(Parameter.HEIGHT).minus(depth);
        Length stairs = measures.get(STAIRS);
        Length low = measures.isChosen(PLACE, "side") ? Length.ZERO : of(LEFT, measures);
        Length high = low.plus(stairs);
        Length end = back.times(2).plus(depth);
        Length slitEnd = back.plus(depth).plus(drop(measures));
        List<Crease> creases = new ArrayList<>(List.of(Lines.score(back, Length.ZERO, width, Fold.VALLEY)));
        List<Stretch> slits = new ArrayList<>(List.of(Lines.level(back, slitEnd, high)));
        List<PanelName> names = new ArrayList<>(List.of(
                new PanelName(new Spot(back.dividedBy(2), width.dividedBy(2)), "Back"),
                new PanelName(new Spot(end.minus(Length.ofMillimetres(1)), width.dividedBy(2)), "Front")));
        wall("Top", high, width, back, depth, creases, names);
        if (low.isPositive()) {
            wall("Second top", Length.ZERO, low, back, depth, creases, names);
            slits.add(Lines.level(back, slitEnd, low));
        }
        Length at = back;
        for (int step = 1; step <= steps; step++) {
            Length tread = of(ONE_TREAD + step, measures);
            names.add(new PanelName(
                    new Spot(at.plus(tread.dividedBy(2)), low.plus(high).dividedBy(2)), "Tread " + step));
            at = at.plus(tread);
            creases.add(Lines.score(at, low, high, Fold.VALLEY));
            if (step < steps) {
                Length riser = of(ONE_RISER + step, measures);
                names.add(new PanelName(
                        new Spot(at.plus(riser.dividedBy(2)), low.plus(high).dividedBy(2)), "Riser " + step));
                at = at.plus(riser);
                creases.add(Lines.score(at, low, high, Fold.MOUNTAIN));
            }
        }
        return Assembly.of(new Piece("Card base", Patch.sheet(end, width), creases, slits, names))
                .turned(1);
    }

    private static void wall(
            String name,
            Length low,
            Length high,
            Length back,
            Length depth,
            List<Crease> creases,
            List<PanelName> names) {
        creases.add(Lines.score(back.plus(depth), low, high, Fold.VALLEY));
        names.add(new PanelName(
                new Spot(back.plus(depth.dividedBy(2)), low.plus(high).dividedBy(2)), name));
    }

    /** The tops lie in one plane with the back, all other folds are shut. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.closed().but("Back", "Top", 0).but("Back", "Second top", 0).but("Back", "Tread 1", 0);
    }

    /** Standing square. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.partly(0.5);
    }

    /** Treads that take two fifths of the height, risers as even as the ruler allows, stairs of half the width. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        int steps = Integer.parseInt(STEPS.usual().id());
        Length tread =
                ruler.below(finished.height().dividedBy(2L * steps)).length().max(bounds.narrowest());
        return Measures.of(finished, ruler)
                .with(TREAD, ruler.above(tread).length())
                .with(RISER, ruler.above(tread).length())
                .with(
                        STAIRS,
                        Measures.centred(
                                ruler.nearest(finished.width().dividedBy(2)).length(), finished.width(), ruler));
    }

    @Override
    public double showing() {
        return 0;
    }
}
