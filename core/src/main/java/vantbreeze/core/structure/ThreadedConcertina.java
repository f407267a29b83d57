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
import vantbreeze.core.fold.folding.Station;
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

    /** Id of how far each slot is from the edge of its front. */
    public static final String SLOT = "slot";
    /** Id of the width of the strips' four middle panels. */
    public static final String ARM = "arm";
    /** Id of the height of the upper strip. */
    public static final String HIGH_STRIP = "high-strip";
    /** Id of how far up the lower strip is. */
    public static final String LOW_UP = "low-up";
    /** Id of how far up the upper strip is. */
    public static final String HIGH_UP = "high-up";

    /** Id of how much longer a slot is than its strip is high. */
    public static final String EASE = "slot-ease";

    /** Whether the wide back is scored once more. */
    public static final Choice BACK = Choice.of(
            "back",
            "Back",
            "whole, or scored once more down its middle: then the card closes to half its width",
            new Choice.Alternative("whole", "whole"),
            new Choice.Alternative("scored", "scored down the middle"));

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
                Parameter.of(PUSH, "Strip ends show", "how far the strips stick out at each side"),
                Parameter.of(STRIP, "Strip height", "how high each strip is").ofPieces("Low strip"),
                Parameter.of(HIGH_STRIP, "Upper strip height", "where it is higher or lower than the other")
                        .ofPieces("High strip")
                        .following(),
                Parameter.of(LOW_UP, "Lower strip from foot", "how far up its slots begin")
                        .following(),
                Parameter.of(HIGH_UP, "Upper strip from foot", "how far up its slots begin")
                        .following(),
                Parameter.of(SLOT, "Slot from the edge", "how far each slot is from the edge of its front")
                        .following(),
                Parameter.of(EASE, "Slots longer by", "than the strips are high, so that they slide")
                        .following(),
                Parameter.of(
                                ARM,
                                "Strip panel",
                                "the four in the middle of each strip",
                                "Low left arm",
                                "Low left middle",
                                "High left arm",
                                "High left middle")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(BACK);
    }

    /** Slots and panels of the strips an eighth of the card, the strips' middles at a third and two thirds of it. */
    @Override
    public Length usual(String parameter, Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        Length strip = measures.get(STRIP);
        return switch (parameter) {
            case HIGH_STRIP -> strip;
            case LOW_UP ->
                measures.markedBelow(
                        height.dividedBy(3).minus(strip.dividedBy(2)).max(Length.ZERO));
            case HIGH_UP ->
                measures.markedAbove(height.times(2)
                        .dividedBy(3)
                        .minus(of(HIGH_STRIP, measures).dividedBy(2)));
            case SLOT, ARM -> eighth(measures);
            case EASE -> usual(Allowance.SLOT_EASE, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** On a mark where that leaves panels wide enough to score. */
    private Length eighth(Measures measures) {
        Length eighth = base(measures).dividedBy(8);
        Length marked = measures.marked(eighth);
        Length end = base(measures).dividedBy(2).minus(marked.times(3));
        return marked.min(end).isShorterThan(bounds.narrowest()) ? eighth : marked;
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length push = measures.get(PUSH);
        Length height = measures.get(Parameter.HEIGHT);
        Length width = measures.get(Parameter.WIDTH);
        Length least = bounds.narrowest();
        Length front = base(measures).dividedBy(2);
        // two panels of each half of a strip, its end and the front beside the slot
        Length leastFront = measures.said(SLOT, least)
                .plus(measures.said(ARM, least).times(2))
                .plus(least);
        boolean halved = isHalved(measures);
        return switch (parameter) {
            case Parameter.WIDTH -> {
                Length leastBase = leastFront.times(halved ? 1 : 2);
                yield new Limits(
                        halved
                                ? push.plus(leastBase.max(push.times(3).dividedBy(2)))
                                : push.times(2).plus(leastBase.max(push.times(3))),
                        POKES,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            }
            case Parameter.HEIGHT -> new Limits(leastHeight(measures), BETWEEN, Bounds.LONGEST, Bounds.TOO_LONG);
            case PUSH ->
                new Limits(
                        allowed(Allowance.THREAD_HOLD),
                        POKES,
                        halved
                                ? width.times(2).dividedBy(5).min(width.minus(leastFront))
                                : width.dividedBy(5).min(width.dividedBy(2).minus(leastFront)),
                        POKES);
            case STRIP, HIGH_STRIP ->
                new Limits(
                        least,
                        Bounds.TOO_NARROW,
                        Halving.last(least, height, tried -> fits(measures.with(parameter, tried))),
                        BETWEEN);
            case LOW_UP ->
                new Limits(
                        Length.ZERO,
                        "the strip would hang below the foot",
                        Halving.last(Length.ZERO, height, tried -> fits(measures.with(parameter, tried))),
                        BETWEEN);
            case HIGH_UP -> {
                Length most = height.minus(slotted(of(HIGH_STRIP, measures), measures));
                yield new Limits(
                        Halving.last(most, Length.ZERO, tried -> fits(measures.with(parameter, tried))),
                        BETWEEN,
                        most,
                        "the strip would stand out above the card");
            }
            case EASE ->
                new Limits(
                        Length.ZERO,
                        "the strip would not go through its slot",
                        Halving.last(Length.ZERO, height, tried -> fits(measures.with(EASE, tried))),
                        BETWEEN);
            case SLOT ->
                new Limits(
                        least,
                        "too little would be left beside the slots",
                        front.minus(of(ARM, measures).times(2)).minus(least),
                        "the ends of the strips would be too narrow to score and burnish cleanly");
            case ARM ->
                new Limits(
                        least,
                        Bounds.TOO_NARROW,
                        front.minus(of(SLOT, measures)).minus(least).dividedBy(2),
                        "the ends of the strips would be too narrow to score and burnish cleanly");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String BETWEEN = "the slots would leave too little between them";

    /** Whether both strips lie within the card's height, and enough is left between their slots. */
    private boolean fits(Measures measures) {
        // on no marks, or a little more of one strip could leave a mark more between them
        Measures exact = new Measures(measures.byId(), measures.choices());
        Length lowHead = of(LOW_UP, exact).plus(slotted(measures.get(STRIP), measures));
        Length foot = of(HIGH_UP, exact);
        return !foot.minus(lowHead).isShorterThan(allowed(Allowance.NARROWEST_SPRING))
                && !foot.plus(slotted(of(HIGH_STRIP, measures), measures)).isLongerThan(measures.get(Parameter.HEIGHT));
    }

    /** How long the slot for a strip is. */
    private Length slotted(Length strip, Measures measures) {
        return strip.plus(of(EASE, measures));
    }

    private Length leastHeight(Measures measures) {
        if (List.of(LOW_UP, HIGH_UP, HIGH_STRIP).stream().anyMatch(measures::says)) {
            // those that were said say how far they fit
            return measures.said(HIGH_UP, Length.ZERO)
                    .plus(slotted(measures.said(HIGH_STRIP, measures.get(STRIP)), measures))
                    .max(measures.said(LOW_UP, Length.ZERO).plus(slotted(measures.get(STRIP), measures)));
        }
        return Halving.last(Bounds.LONGEST, measures.get(STRIP), tried -> fits(measures.with(Parameter.HEIGHT, tried)));
    }

    private static boolean isHalved(Measures measures) {
        return measures.isChosen(BACK, "scored");
    }

    /** The card without the ends that stick out of it, as wide as its back. */
    private static Length base(Measures measures) {
        Length push = measures.get(PUSH);
        Length width = measures.get(Parameter.WIDTH);
        return isHalved(measures) ? width.minus(push).times(2) : width.minus(push.times(2));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length front = base(measures).dividedBy(2);
        Length slot = of(SLOT, measures);
        Length low = of(LOW_UP, measures);
        Length high = of(HIGH_UP, measures);
        Strip gate = Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Outer left wing", slot)
                .fold(Fold.BEND)
                .panel("Inner left wing", front.minus(slot))
                .fold(Fold.MOUNTAIN)
                .panel("Left flap", front)
                .fold(Fold.VALLEY);
        if (isHalved(measures)) {
            gate.panel("Left half of back", front).fold(Fold.VALLEY).panel("Right half of back", front);
        } else {
            gate.panel("Back", front.times(2));
        }
        Piece sheet = gate.fold(Fold.VALLEY)
                .panel("Right flap", front)
                .fold(Fold.MOUNTAIN)
                .panel("Inner right wing", front.minus(slot))
                .fold(Fold.BEND)
                .panel("Outer right wing", slot)
                .piece();
        Length right = sheet.cutSize().width().minus(slot);
        List<Stretch> slots = List.of(
                slit(slot, low, STRIP, measures),
                slit(slot, high, HIGH_STRIP, measures),
                slit(right, low, STRIP, measures),
                slit(right, high, HIGH_STRIP, measures));
        Piece base = new Piece(sheet.name(), sheet.outline(), sheet.creases(), slots, sheet.panelNames());
        List<Join> joins = new ArrayList<>();
        List<Over> overs = new ArrayList<>();
        thread(1, "Low", low, measures, slot, right, joins, overs);
        thread(2, "High", high, measures, slot, right, joins, overs);
        return new Assembly(List.of(base, strip("Low", measures), strip("High", measures)), joins)
                .laid(overs.toArray(new Over[0]));
    }

    private Stretch slit(Length x, Length foot, String strip, Measures measures) {
        return Lines.upright(x, foot, foot.plus(slotted(of(strip, measures), measures)));
    }

    /** How much of each end of a strip lies behind its front, up to the slot. */
    private Length tail(Measures measures) {
        return of(SLOT, measures).plus(measures.get(PUSH));
    }

    /** What is left of half a strip between slot and middle. */
    private Length end(Measures measures) {
        return base(measures)
                .dividedBy(2)
                .minus(of(SLOT, measures))
                .minus(of(ARM, measures).times(2));
    }

    /** A tail behind each wing, and between the slots two ends and four panels. */
    private Piece strip(String name, Measures measures) {
        Length arm = of(ARM, measures);
        Length tail = tail(measures);
        Length end = end(measures);
        return Strip.ofHeight(name + " strip", of(name.equals("Low") ? STRIP : HIGH_STRIP, measures))
                .panel(name + " left tail", tail)
                .fold(Fold.BEND)
                .panel(name + " left end", end)
                .fold(Fold.MOUNTAIN)
                .panel(name + " left arm", arm)
                .fold(Fold.MOUNTAIN)
                .panel(name + " left middle", arm)
                .fold(Fold.VALLEY)
                .panel(name + " right middle", arm)
                .fold(Fold.MOUNTAIN)
                .panel(name + " right arm", arm)
                .fold(Fold.MOUNTAIN)
                .panel(name + " right end", end)
                .fold(Fold.BEND)
                .panel(name + " right tail", tail)
                .piece();
    }

    private void thread(
            int piece,
            String name,
            Length foot,
            Measures measures,
            Length left,
            Length right,
            List<Join> joins,
            List<Over> overs) {
        Length tail = tail(measures);
        Length end = base(measures).plus(measures.get(PUSH).times(2)).minus(tail);
        joins.add(threaded("Inner left wing", piece, name + " left end", new Spot(left, foot), tail));
        joins.add(threaded("Inner right wing", piece, name + " right end", new Spot(right, foot), end));
        for (String side : List.of("Left", "Right")) {
            overs.add(new Over(
                    new PanelRef(0, "Outer %s wing".formatted(side.toLowerCase(Locale.ROOT))),
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

    /** The strips straight through their slots; once more folded in half where the back is scored. */
    @Override
    public Pose closed(Measures measures) {
        Pose flat = flat(measures);
        if (!isHalved(measures)) {
            return flat;
        }
        Pose pose = flat.but("Left half of back", "Right half of back", 180);
        for (String name : List.of("Low", "High")) {
            pose = pose.but(name + " left middle", name + " right middle", 180);
        }
        return pose;
    }

    /** As wide as the back. */
    private static Pose flat(Measures measures) {
        Pose pose =
                isHalved(measures) ? Pose.closed().but("Left half of back", "Right half of back", 0) : Pose.closed();
        for (String name : List.of("Low", "High")) {
            pose = folded(pose, name, 0);
        }
        return pose;
    }

    @Override
    public List<Station> stations(Measures measures) {
        Station open = new Station("Open", opened(measures));
        Station closed = new Station("Closed", closed(measures));
        return isHalved(measures) ? List.of(open, new Station("Flat", flat(measures)), closed) : List.of(open, closed);
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
        double slot = of(SLOT, measures).millimetres();
        double end = end(measures).millimetres();
        double folded = Math.toRadians(FOLDED);
        double arms = of(ARM, measures).millimetres() * (Math.cos(folded) + Math.cos(2 * folded));
        double most = tail(measures).minus(allowed(Allowance.THREAD_HOLD)).millimetres();
        double cos = Math.max(-0.98, (most + end + arms + slot - 2 * half) / half);
        double travel = 2 * half + half * cos - slot - arms - end;
        double flap = Math.toDegrees(Math.acos(cos));
        Pose pose = Pose.open()
                .but("Left flap", isHalved(measures) ? "Left half of back" : "Back", flap)
                .but(isHalved(measures) ? "Right half of back" : "Back", "Right flap", flap)
                .but("Inner left wing", "Left flap", -flap)
                .but("Right flap", "Inner right wing", -flap);
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
