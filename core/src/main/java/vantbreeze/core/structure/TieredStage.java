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
    /** Id of the number of tiers. */
    public static final Choice TIERS = Choice.count("tiers", "Tiers", "how many stand before the backdrop", 3, 6, 3);

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
        return List.of(
                Parameter.width("Backdrop"),
                Parameter.height().ofPieces("Backdrop"),
                Parameter.of(SPRING, "Spring", "half the depth of each tier"),
                Parameter.of(TAB, "Tab", "turned in and glued"),
                Parameter.of(FALL, "Fall", "how much lower each tier is"),
                Parameter.of(INSET, "Inset", "how much narrower each tier is at each side"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(TIERS);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        int tiers = measures.count(TIERS);
        Length width = measures.get(Parameter.WIDTH);
        Length inset = measures.get(INSET);
        Length front = width.minus(inset.times(2L * tiers));
        Length needed = measures.get(SPRING).max(measures.get(TAB)).times(2);
        String hidden = "springs and tabs would not hide behind the last tier";
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(needed.plus(inset.times(2L * tiers)), hidden, Bounds.LONGEST, Bounds.TOO_LONG);
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
                        hidden);
            case TAB -> new Limits(bounds.leastTab(), Bounds.TAB_TOO_NARROW, front.dividedBy(2), hidden);
            case FALL ->
                new Limits(
                        allowed(Allowance.TIER_STEP),
                        "the tiers would hide one another",
                        measures.get(Parameter.HEIGHT).minus(bounds.narrowest()).dividedBy(tiers),
                        "the last tier would have no height");
            case INSET ->
                new Limits(
                        Length.ZERO,
                        "a tier wider than the last would poke out",
                        width.minus(needed).dividedBy(2L * tiers),
                        hidden);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length spring = measures.get(SPRING);
        Length tab = measures.get(TAB);
        Length inset = measures.get(INSET);
        Length height = measures.get(Parameter.HEIGHT);
        Length front = measures.get(Parameter.WIDTH);
        List<Piece> pieces = new ArrayList<>(List.of(
                Strip.ofHeight("Backdrop", height).panel("Backdrop", front).piece()));
        List<Join> joins = new ArrayList<>();
        PanelRef last = new PanelRef(0, "Backdrop");
        Length lastAt = Length.ZERO;
        Length frontAt = tab.plus(spring.times(2));
        for (int tier = 1; tier <= measures.count(TIERS); tier++) {
            front = front.minus(inset.times(2));
            height = height.minus(measures.get(FALL));
            String name = "Tier " + tier;
            pieces.add(Strip.ofHeight(name, height)
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
            Length left = lastAt.plus(inset);
            joins.add(turnedIn(last, tier, name + " left tab", left, tab));
            joins.add(turnedIn(
                    last,
                    tier,
                    name + " right tab",
                    left.plus(front),
                    frontAt.plus(front).plus(spring.times(2))));
            last = new PanelRef(tier, name + " front");
            lastAt = frontAt;
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
