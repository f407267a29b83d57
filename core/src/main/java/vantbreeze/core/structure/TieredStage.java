package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Tiered stage: tiers of falling height stand one before the other on springs, each glued on the front of the last, the
 * first on a flat backdrop. Every foot is on the base line; a tier stands at most two springs deep; its tabs turn in.
 */
public final class TieredStage extends CatalogueStructure {

    /** Id of the width of each spring. */
    public static final String SPRING = "spring";
    /** Id of the width of each tab. */
    public static final String TAB = "tab";
    /** Id of how much lower each tier is than the last. */
    public static final String FALL = "fall";
    /** Id of how much narrower each tier is at each side. */
    public static final String INSET = "inset";
    /** What the ids of the heights of single tiers begin with; behind it which, from the backdrop, from 1. */
    public static final String TIER_HEIGHT = "height-";
    /** What the ids of the widths of their fronts begin with. */
    public static final String TIER_FRONT = "front-";

    private static final int MOST_TIERS = 6;

    /** Id of the number of tiers. */
    public static final Choice TIERS =
            Choice.count("tiers", "Tiers", "how many stand before the backdrop", 3, MOST_TIERS, 3);

    /** With the usual allowances of the trade. */
    public TieredStage() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public TieredStage(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "tiered-stage",
                "Tiered stage",
                "Tiers of falling height spring forward one before the other and press flat.",
                "Crowds, hills, waves: scenes in layers that stand on a shelf.");
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.width("Backdrop"),
                Parameter.height().ofPieces("Backdrop"),
                Parameter.of(SPRING, "Spring width", "half the depth of each tier"),
                Parameter.of(TAB, "Tab width", "turned in and glued"),
                Parameter.of(FALL, "Front of the next lower by", "how much lower each tier is"),
                Parameter.of(INSET, "Front of the next set in by", "how much narrower each tier is at each side")));
        for (int tier = 1; tier <= MOST_TIERS; tier++) {
            int which = tier;
            String name = "Tier " + tier;
            all.add(Parameter.of(TIER_HEIGHT + tier, name + " height", "how high it is")
                    .ofPieces(name)
                    .whenCounting(TIERS, count -> count >= which)
                    .following());
            all.add(Parameter.of(TIER_FRONT + tier, name + " front width", "how wide its front is", name + " front")
                    .whenCounting(TIERS, count -> count >= which)
                    .following());
        }
        return all;
    }

    /** As the tier behind it, lower by the fall and narrower by the inset. */
    @Override
    public Length usual(String parameter, Measures measures) {
        if (parameter.startsWith(TIER_HEIGHT)) {
            Length behind = height(tier(parameter, TIER_HEIGHT) - 1, measures);
            return behind.minus(measures.get(FALL));
        }
        if (parameter.startsWith(TIER_FRONT)) {
            Length behind = front(tier(parameter, TIER_FRONT) - 1, measures);
            return behind.minus(measures.get(INSET).times(2));
        }
        throw Bounds.unknown(this, parameter);
    }

    private static int tier(String parameter, String kind) {
        return Integer.parseInt(parameter.substring(kind.length()));
    }

    /** How high a tier is, the backdrop being the first. */
    private Length height(int tier, Measures measures) {
        return tier == 0 ? measures.get(Parameter.HEIGHT) : of(TIER_HEIGHT + tier, measures);
    }

    /** How wide its front is. */
    private Length front(int tier, Measures measures) {
        return tier == 0 ? measures.get(Parameter.WIDTH) : of(TIER_FRONT + tier, measures);
    }

    /** Springs and tabs hide behind so wide a front. */
    private static Length needed(Measures measures) {
        return measures.get(SPRING).max(measures.get(TAB)).times(2);
    }

    private Limits ofTier(String parameter, Measures measures) {
        boolean isHeight = parameter.startsWith(TIER_HEIGHT);
        String kind = isHeight ? TIER_HEIGHT : TIER_FRONT;
        int tier = tier(parameter, kind);
        Length least = isHeight ? bounds.narrowest() : needed(measures);
        Length behind = isHeight ? height(tier - 1, measures) : front(tier - 1, measures);
        String tooLarge = isHeight ? TABS_ABOVE : "its folds would lie beyond what its tabs are glued on";
        Length before = before(kind, tier, measures, least);
        return before.equals(least)
                ? new Limits(least, isHeight ? Bounds.TOO_NARROW : HIDDEN, behind, tooLarge)
                : new Limits(before, "the tiers before it would not be less", behind, tooLarge);
    }

    /** What a tier is at least, as those before it that nobody said anything of fall by as much each. */
    private static Length before(String kind, int tier, Measures measures, Length least) {
        Length step = kind.equals(TIER_HEIGHT)
                ? measures.get(FALL)
                : measures.get(INSET).times(2);
        int tiers = measures.count(TIERS);
        for (int next = tier + 1; next <= tiers; next++) {
            if (measures.says(kind + next)) {
                return step.times(next - tier - 1L)
                        .plus(measures.get(kind + next))
                        .max(least);
            }
        }
        return step.times((long) tiers - tier).plus(least);
    }

    private static final String HIDDEN = "springs and tabs would not hide behind the last tier";
    private static final String TOO_WIDE = "a tier wider than the last would poke out";
    private static final String TABS_ABOVE = "its tabs would stick out above what they are glued on";

    @Override
    public List<Choice> choices() {
        return List.of(TIERS);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        if (parameter.startsWith(TIER_HEIGHT) || parameter.startsWith(TIER_FRONT)) {
            return ofTier(parameter, measures);
        }
        int tiers = measures.count(TIERS);
        Length width = measures.get(Parameter.WIDTH);
        Length inset = measures.get(INSET);
        Length front = front(tiers, measures);
        Length needed = needed(measures);
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(needed.plus(inset.times(2L * tiers)), HIDDEN, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        measures.get(FALL).times(tiers).plus(bounds.narrowest()),
                        "the last tier would have no height",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case SPRING ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "a narrower spring does not fold",
                        front.dividedBy(2),
                        HIDDEN);
            case TAB -> new Limits(bounds.leastTab(), Bounds.TAB_TOO_NARROW, front.dividedBy(2), HIDDEN);
            case FALL ->
                new Limits(
                        allowed(Allowance.TIER_STEP),
                        "the tiers would hide one another",
                        measures.get(Parameter.HEIGHT).minus(bounds.narrowest()).dividedBy(tiers),
                        "the last tier would have no height");
            case INSET -> new Limits(Length.ZERO, TOO_WIDE, width.minus(needed).dividedBy(2L * tiers), HIDDEN);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length spring = measures.get(SPRING);
        Length tab = measures.get(TAB);
        Length height = measures.get(Parameter.HEIGHT);
        Length behind = measures.get(Parameter.WIDTH);
        List<Piece> pieces = new ArrayList<>(List.of(
                Strip.ofHeight("Backdrop", height).panel("Backdrop", behind).piece()));
        List<Join> joins = new ArrayList<>();
        PanelRef last = new PanelRef(0, "Backdrop");
        Length lastAt = Length.ZERO;
        Length frontAt = tab.plus(spring.times(2));
        for (int tier = 1; tier <= measures.count(TIERS); tier++) {
            Length front = front(tier, measures);
            String name = "Tier " + tier;
            pieces.add(Strip.ofHeight(name, height(tier, measures))
                    .panel(name + " left tab", tab)
                    .fold(Fold.MOUNTAIN)
                    .panel(name + " left back spring", spring)
                    .fold(Fold.VALLEY)
                    .panel(name + " left spring", spring)
                    .fold(Fold.MOUNTAIN)
                    .panel(name + " front", front)
                    .fold(Fold.MOUNTAIN)
                    .panel(name + " right spring", spring)
                    .fold(Fold.VALLEY)
                    .panel(name + " right back spring", spring)
                    .fold(Fold.MOUNTAIN)
                    .panel(name + " right tab", tab)
                    .piece());
            Length left = lastAt.plus(behind.minus(front).dividedBy(2));
            joins.add(turnedIn(last, tier, name + " left tab", left, tab));
            joins.add(turnedIn(
                    last,
                    tier,
                    name + " right tab",
                    left.plus(front),
                    frontAt.plus(front).plus(spring.times(2))));
            last = new PanelRef(tier, name + " front");
            lastAt = frontAt;
            behind = front;
        }
        return new Assembly(pieces, joins);
    }

    /** A tab whose decorated side lies in the glue, its fold on {@code edge}. */
    private static Join turnedIn(PanelRef on, int piece, String tab, Length edge, Length fold) {
        return Join.of(
                on,
                Side.FACE,
                new PanelRef(piece, tab),
                Side.FACE,
                Attachment.at(new Spot(edge, Length.ZERO), new Spot(fold, Length.ZERO)));
    }

    /** The springs straight, two deep. */
    @Override
    public Pose opened(Measures measures) {
        return link -> link.hinge().fold() == Fold.VALLEY ? 0 : -90;
    }

    /** Springs of a tenth of the width, tabs of ½ in; the tiers fall so that a third of the height is left. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length spring = ruler.nearest(finished.width().dividedBy(12)).length().max(allowed(Allowance.NARROWEST_SPRING));
        Length fall =
                ruler.nearest(finished.height().times(2).dividedBy(11)).length().max(allowed(Allowance.TIER_STEP));
        Length tab = ruler.nearest(allowed(Allowance.TAB, ruler)).length().max(bounds.leastTab());
        return Measures.of(finished, ruler)
                .with(SPRING, ruler.above(spring).length())
                .with(TAB, ruler.above(tab).length())
                .with(FALL, ruler.above(fall).length())
                .with(INSET, ruler.nearest(finished.width().dividedBy(36)).length());
    }

    @Override
    public double showing() {
        return 0;
    }
}
