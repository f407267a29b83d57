package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Threaded double concertina: a gate whose two fronts fold back on themselves, tied by two cross strips that are
 * threaded through slots in both. The strips lie mountain, mountain, valley, mountain, mountain; they slide in their
 * slots. As far as their ends stick out of the closed card, so far they can be drawn in, and so far the card opens.
 */
public final class ThreadedConcertina extends CatalogueStructure {

    /** Id of how far the strips stick out of the closed card at each side. */
    public static final String PUSH = "push";
    /** Id of the height of each strip. */
    public static final String STRIP = "strip";

    /** How far each mountain of a strip is folded when the card is displayed, degrees. */
    private static final double FOLDED = 25;

    private static final String POKES = "the strips would be pulled out of their slots, or not go in";

    /** With the usual allowances of the trade. */
    public ThreadedConcertina() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public ThreadedConcertina(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "threaded-concertina",
                "Threaded double concertina",
                "Two zigzag fronts tied by strips that slide through slots in both as it opens.",
                "Cards to be played with; patient makers.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.of(Parameter.WIDTH, "Finished width", "across the closed card, strips and all"),
                Parameter.height(),
                Parameter.of(PUSH, "Ends", "how far the strips stick out at each side"),
                Parameter.of(STRIP, "Strips", "how high each strip is").ofPieces("Low strip", "High strip"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length push = measures.get(PUSH);
        Length strip = measures.get(STRIP);
        Length height = measures.get(Parameter.HEIGHT);
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        push.times(2).plus(bounds.narrowest().times(8).max(push.times(3))),
                        POKES,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        strip.times(3),
                        "the slots would leave too little between them",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case PUSH ->
                new Limits(
                        allowed(Allowance.THREAD_HOLD),
                        POKES,
                        measures.get(Parameter.WIDTH)
                                .dividedBy(5)
                                .min(measures.get(Parameter.WIDTH)
                                        .minus(bounds.narrowest().times(8))
                                        .dividedBy(2)),
                        POKES);
            case STRIP ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        height.dividedBy(3),
                        "the slots would leave too little between them");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static Length base(Measures measures) {
        return measures.get(Parameter.WIDTH).minus(measures.get(PUSH).times(2));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length front = base(measures).dividedBy(2);
        Length eighth = base(measures).dividedBy(8);
        Length height = measures.get(Parameter.HEIGHT);
        Length strip = measures.get(STRIP);
        Length low = height.dividedBy(3).minus(strip.dividedBy(2));
        Length high = height.times(2).dividedBy(3).minus(strip.dividedBy(2));
        Piece gate = Strip.ofHeight("Card base", height)
                .panel("Left wing, outer", eighth)
                .fold(Fold.BEND)
                .panel("Left wing, inner", front.minus(eighth))
                .fold(Fold.MOUNTAIN)
                .panel("Left flap", front)
                .fold(Fold.VALLEY)
                .panel("Back", front.times(2))
                .fold(Fold.VALLEY)
                .panel("Right flap", front)
                .fold(Fold.MOUNTAIN)
                .panel("Right wing, inner", front.minus(eighth))
                .fold(Fold.BEND)
                .panel("Right wing, outer", eighth)
                .piece();
        Length right = gate.cutSize().width().minus(eighth);
        List<Stretch> slots = List.of(
                Lines.upright(eighth, low, low.plus(strip)),
                Lines.upright(eighth, high, high.plus(strip)),
                Lines.upright(right, low, low.plus(strip)),
                Lines.upright(right, high, high.plus(strip)));
        Piece base = new Piece(gate.name(), gate.outline(), gate.creases(), slots, gate.panelNames());
        List<Join> joins = new ArrayList<>();
        List<Over> overs = new ArrayList<>();
        thread(1, "Low", low, measures, eighth, right, joins, overs);
        thread(2, "High", high, measures, eighth, right, joins, overs);
        return new Assembly(List.of(base, strip("Low", measures), strip("High", measures)), joins)
                .laid(overs.toArray(new Over[0]));
    }

    /** A tail behind each wing, and between the slots six panels an eighth of the card wide. */
    private static Piece strip(String name, Measures measures) {
        Length eighth = base(measures).dividedBy(8);
        Length tail = eighth.plus(measures.get(PUSH));
        // the end panels take what an eighth of a whole number of units leaves over
        Length end = base(measures).dividedBy(2).minus(eighth.times(3));
        return Strip.ofHeight(name + " strip", measures.get(STRIP))
                .panel(name + " left tail", tail)
                .fold(Fold.BEND)
                .panel(name + " left end", end)
                .fold(Fold.MOUNTAIN)
                .panel(name + " left arm", eighth)
                .fold(Fold.MOUNTAIN)
                .panel(name + " left middle", eighth)
                .fold(Fold.VALLEY)
                .panel(name + " right middle", eighth)
                .fold(Fold.MOUNTAIN)
                .panel(name + " right arm", eighth)
                .fold(Fold.MOUNTAIN)
                .panel(name + " right end", end)
                .fold(Fold.BEND)
                .panel(name + " right tail", tail)
                .piece();
    }

    private static void thread(
            int piece,
            String name,
            Length foot,
            Measures measures,
            Length left,
            Length right,
            List<Join> joins,
            List<Over> overs) {
        Length tail = base(measures).dividedBy(8).plus(measures.get(PUSH));
        Length end = measures.get(Parameter.WIDTH).minus(tail);
        joins.add(threaded("Left wing, inner", piece, name + " left end", new Spot(left, foot), tail));
        joins.add(threaded("Right wing, inner", piece, name + " right end", new Spot(right, foot), end));
        for (String side : List.of("Left", "Right")) {
            overs.add(new Over(
                    new PanelRef(0, side + " wing, outer"),
                    new PanelRef(piece, name + " " + side.toLowerCase(Locale.ROOT) + " tail")));
        }
    }

    private static Join threaded(String wing, int piece, String end, Spot on, Length at) {
        return Join.of(
                        new PanelRef(0, wing),
                        Side.FACE,
                        new PanelRef(piece, end),
                        Side.BACK,
                        Attachment.at(on, new Spot(at, Length.ZERO)))
                .sliding();
    }

    /** The strips straight through their slots. */
    @Override
    public Pose closed(Measures measures) {
        Pose pose = Pose.closed();
        for (String name : List.of("Low", "High")) {
            pose = folded(pose, name, 0);
        }
        return pose;
    }

    private static Pose folded(Pose pose, String name, double degrees) {
        return pose.but(name + " left end", name + " left arm", -degrees)
                .but(name + " left arm", name + " left middle", -degrees)
                .but(name + " left middle", name + " right middle", 4 * degrees)
                .but(name + " right middle", name + " right arm", -degrees)
                .but(name + " right arm", name + " right end", -degrees);
    }

    /**
     * Drawn in as far as it goes, the wings parallel to the back: half a strip, from slot to middle, must reach from
     * the slot to the middle of the card, which gives the angle of the flaps.
     */
    @Override
    public Pose opened(Measures measures) {
        double half = base(measures).millimetres() / 2;
        double eighth = half / 4;
        double folded = Math.toRadians(FOLDED);
        double arms = eighth * (Math.cos(folded) + Math.cos(2 * folded));
        double most = eighth
                + measures.get(PUSH).millimetres()
                - allowed(Allowance.THREAD_HOLD).millimetres();
        double cos = Math.max(-0.98, (most + eighth - 2 * half + eighth + arms) / half);
        double travel = 2 * half + half * cos - eighth - arms - eighth;
        double flap = Math.toDegrees(Math.acos(cos));
        Pose pose = Pose.open()
                .but("Left flap", "Back", flap)
                .but("Back", "Right flap", flap)
                .but("Left wing, inner", "Left flap", -flap)
                .but("Right flap", "Right wing, inner", -flap);
        for (String name : List.of("Low", "High")) {
            pose = folded(pose, name, FOLDED).slid(name + " left end", travel).slid(name + " right end", -travel);
        }
        return pose;
    }

    /** Ends of ⅜ in, strips of a sixth of the height. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length room = finished.width()
                .minus(bounds.narrowest().times(8))
                .dividedBy(2)
                .min(finished.width().dividedBy(6));
        Length push = ruler.above(allowed(Allowance.TAB, ruler))
                .length()
                .min(ruler.below(room).length());
        return Measures.of(finished, ruler)
                .with(
                        PUSH,
                        inEighths(
                                push.max(ruler.above(allowed(Allowance.THREAD_HOLD))
                                        .length()),
                                room,
                                finished.width(),
                                ruler))
                .with(
                        STRIP,
                        ruler.above(ruler.nearest(finished.height().dividedBy(6))
                                        .length()
                                        .max(bounds.narrowest()))
                                .length());
    }

    /**
     * The nearest push that leaves a base of which an eighth lies on a mark; itself when there is none within the room.
     */
    private Length inEighths(Length push, Length room, Length width, Ruler ruler) {
        Length mark = ruler.division();
        for (int off = 0; off < 4; off++) {
            for (Length tried : List.of(push.minus(mark.times(off)), push.plus(mark.times(off)))) {
                Length base = width.minus(tried.times(2));
                if (!tried.isShorterThan(allowed(Allowance.THREAD_HOLD))
                        && !tried.isLongerThan(room)
                        && base.units() % mark.times(8).units() == 0) {
                    return tried;
                }
            }
        }
        return push;
    }

    @Override
    public double showing() {
        return 0;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
