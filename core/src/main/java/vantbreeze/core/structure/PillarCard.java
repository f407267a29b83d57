package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Pillar card: two strips back to back, each a tab, two wide panels and five narrow ones that roll into a square tube;
 * each strip's tab is glued on the other's tube. Where the tabs are glued decides where the walls hang:
 *
 * <ul>
 *   <li>on opposite corners of the pillars, the pillars stand between the walls, and either way of pressing them flat
 *       leaves each half on the wall and half beyond it;
 *   <li>on one and the same corner, the walls stand back to back and the pillars beyond them; pressed one way they lie
 *       half on the walls, pressed the other way wholly beyond, two pillar sides wider.
 * </ul>
 *
 * Doubled, a separate tube stands before each pillar, and may be pressed flat either way too.
 */
public final class PillarCard extends CatalogueStructure {

    /** Id of the side of the pillars. */
    public static final String PILLAR = "pillar";
    /** Id of the width of the tabs. */
    public static final String TAB = "tab";
    /** Id of how much narrower than the others the last panel of a tube is. */
    public static final String SLIVER = "sliver";
    /** How it goes in the envelope. */
    public static final Choice LIES = Choice.of(
            "lies",
            "Closed",
            "pressed flat only, or folded in half besides",
            new Choice.Alternative("half", "folded in half"),
            new Choice.Alternative("flat", "pressed flat"),
            new Choice.Alternative("wide", "pressed flat, tubes outwards"));
    /** Where the walls hang on the pillars: each tab is glued by that corner. */
    public static final Choice WALLS = Choice.of(
            "walls",
            "Walls",
            "hung on opposite corners of the pillars, or back to back on one corner",
            new Choice.Alternative("apart", "apart"),
            new Choice.Alternative("together", "back to back"));
    /** Whether there are two pillars or four. */
    public static final Choice PILLARS = Choice.of(
            "pillars",
            "Pillars",
            "two, or two pairs",
            new Choice.Alternative("single", "single"),
            new Choice.Alternative("doubled", "doubled"));

    /** With the usual allowances of the trade. */
    public PillarCard() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public PillarCard(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "pillar-card",
                "Pillar card",
                "Two square pillars hold a front and a back wall apart; it presses flat and folds in half.",
                "Festive tables: it stands alone and is decorated all round.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height().ofPieces("Front strip", "Back strip"),
                Parameter.of(PILLAR, "Pillar width", "the side of the square pillars"),
                Parameter.of(TAB, "Tab width", "glued on the other strip's pillar", "Front tab", "Back tab")
                        .following(),
                Parameter.of(SLIVER, "Last panel narrower by", "how much narrower the last panel of each tube is")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(LIES, PILLARS, WALLS);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        int sides = sides(measures);
        Length pillar = measures.get(PILLAR);
        String narrow = "the wide panels would be narrower than the pillars";
        return switch (parameter) {
            case Parameter.WIDTH -> new Limits(pillar.times(2L * sides), narrow, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT -> bounds.height();
            case TAB ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        pillar,
                        "it would be wider than the pillar it is glued on");
            case SLIVER ->
                new Limits(
                        Length.ZERO,
                        "the tube would not square",
                        pillar.minus(bounds.leastTab()),
                        "too little would be left to glue the tube");
            case PILLAR ->
                new Limits(
                        measures.said(TAB, Length.ZERO)
                                .max(of(SLIVER, measures).plus(bounds.leastTab()))
                                .max(bounds.narrowest()),
                        "too little would be left to glue the tube",
                        measures.get(Parameter.WIDTH).dividedBy(2L * sides),
                        narrow);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case TAB -> usual(Allowance.TAB, measures).min(measures.get(PILLAR));
            case SLIVER -> usual(Allowance.TUBE_SLIVER, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How many sides of a pillar lie beside each wide panel, half of the closed card. */
    private static int beside(Measures measures) {
        return measures.isChosen(LIES, "wide") && isFlatTwoWays(measures) ? 2 : 1;
    }

    /** Whether the tubes can be pressed outwards, so that the card is two pillar sides wider. */
    private static boolean isFlatTwoWays(Measures measures) {
        return isTogether(measures) || isDoubled(measures);
    }

    private static boolean isTogether(Measures measures) {
        return measures.isChosen(WALLS, "together");
    }

    private static boolean isDoubled(Measures measures) {
        return measures.isChosen(PILLARS, "doubled");
    }

    /** How many sides of a pillar half the card is at the least. */
    private static int sides(Measures measures) {
        return measures.isChosen(LIES, "half") ? 1 : beside(measures) + 1;
    }

    private static Length wide(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length pillar = measures.get(PILLAR);
        return measures.isChosen(LIES, "half")
                ? width.minus(pillar)
                : width.dividedBy(2).minus(pillar.times(beside(measures)));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        Length pillar = measures.get(PILLAR);
        Length tab = of(TAB, measures);
        Length tube = tab.plus(wide(measures).times(2));
        List<Piece> pieces = new ArrayList<>(
                List.of(strip("Front", "Right pillar", measures, tab), strip("Back", "Left pillar", measures, tab)));
        List<Join> joins = new ArrayList<>(List.of(
                rolled(0, "Right pillar", tube, pillar),
                rolled(1, "Left pillar", tube, pillar),
                tab(measures, 1, "Left pillar", 0, "Front tab", tab),
                tab(measures, 0, "Right pillar", 1, "Back tab", tab)));
        if (isDoubled(measures)) {
            pieces.add(tube(Strip.ofHeight("Right tube", height), "Right tube", measures)
                    .piece());
            pieces.add(tube(Strip.ofHeight("Left tube", height), "Left tube", measures)
                    .piece());
            joins.add(rolled(2, "Right tube", Length.ZERO, pillar));
            joins.add(rolled(3, "Left tube", Length.ZERO, pillar));
            // on the pillars' front sides, those that no tab is glued on
            int right = isTogether(measures) ? 2 : 1;
            joins.add(backToBack(0, "Right pillar ", right, tube, 2, "Right tube 1", pillar));
            joins.add(backToBack(1, "Left pillar ", right + 1, tube, 3, "Left tube 1", pillar));
        }
        return new Assembly(pieces, joins);
    }

    private Piece strip(String name, String side, Measures measures, Length tab) {
        // a tab by the corner that the own wall hangs on turns back along the tube, towards whoever looks at the wall
        Fold hinge = isTogether(measures) ? Fold.VALLEY : Fold.MOUNTAIN;
        Strip strip = Strip.ofHeight(name + " strip", measures.get(Parameter.HEIGHT))
                .panel(name + " tab", tab)
                .fold(hinge)
                .panel("First half of %s wall".formatted(name.toLowerCase(Locale.ROOT)), wide(measures))
                .fold(name.equals("Front") ? Fold.VALLEY : Fold.MOUNTAIN)
                .panel("Second half of %s wall".formatted(name.toLowerCase(Locale.ROOT)), wide(measures))
                .fold(hinge);
        return tube(strip, side, measures).piece();
    }

    private Strip tube(Strip strip, String side, Measures measures) {
        Length pillar = measures.get(PILLAR);
        for (int panel = 1; panel <= 4; panel++) {
            strip.panel(side + " " + panel, pillar).fold(Fold.MOUNTAIN);
        }
        return strip.panel(side + " 5", pillar.minus(of(SLIVER, measures)));
    }

    /** The fifth panel lies behind the first. */
    private static Join rolled(int piece, String side, Length start, Length pillar) {
        return Join.of(
                new PanelRef(piece, side + " 1"),
                Side.BACK,
                new PanelRef(piece, side + " 5"),
                Side.FACE,
                Attachment.at(new Spot(start, Length.ZERO), new Spot(start.plus(pillar.times(4)), Length.ZERO)));
    }

    /**
     * A strip's tab lies on the other's tube: where the walls hang on opposite corners, face to face on its third
     * panel, their fold on that panel's first edge; where they hang on one, by its back on the fourth, their fold on
     * the edge where the tube closes.
     */
    private Join tab(Measures measures, int on, String side, int piece, String name, Length tab) {
        boolean together = isTogether(measures);
        Length tube = tab.plus(wide(measures).times(2));
        Length edge = tube.plus(measures.get(PILLAR).times(together ? 4L : 2L));
        return Join.of(
                new PanelRef(on, side + (together ? " 4" : " 3")),
                Side.FACE,
                new PanelRef(piece, name),
                together ? Side.BACK : Side.FACE,
                Attachment.at(new Spot(edge, Length.ZERO), new Spot(tab, Length.ZERO)));
    }

    /** A separate tube on the {@code count}th side of the tube that begins at {@code start}. */
    private static Join backToBack(
            int on, String side, int count, Length start, int piece, String glued, Length pillar) {
        return Join.of(
                new PanelRef(on, side + count),
                Side.FACE,
                new PanelRef(piece, glued),
                Side.FACE,
                Attachment.at(
                        new Spot(start.plus(pillar.times(count - 1L)), Length.ZERO), new Spot(pillar, Length.ZERO)));
    }

    @Override
    public Pose closed(Measures measures) {
        Pose flat = flat(measures, measures.isChosen(LIES, "wide"));
        return measures.isChosen(LIES, "half")
                ? flat.but("First half of front wall", "Second half of front wall", 180)
                        .but("First half of back wall", "Second half of back wall", -180)
                : flat;
    }

    /**
     * Pressed flat, which a square tube can be in two ways: folded at its second and fourth corner or at its first and
     * third.
     */
    private static Pose flat(Measures measures, boolean outwards) {
        boolean together = isTogether(measures);
        boolean beyond = together && outwards;
        Pose pose = walls(Pose.closed())
                .but("Second half of front wall", "Right pillar 1", 0)
                .but("Second half of back wall", "Left pillar 1", 0);
        if (beyond) {
            pose = pose.but("Front tab", "First half of front wall", 0).but("Back tab", "First half of back wall", 0);
        }
        // a separate tube that would lie beyond its pillar, or not beyond it, if it were pressed as the other is
        boolean right = together == outwards;
        boolean left = !together && outwards;
        pose = pressed(pressed(pose, "Right pillar", beyond), "Left pillar", beyond);
        return pressed(pressed(pose, "Right tube", right), "Left tube", left);
    }

    /** A tube folded at its second and fourth corner, or at its first and third. */
    private static Pose pressed(Pose pose, String side, boolean atFirst) {
        double odd = atFirst ? 0 : -180;
        return pose.but(side + " 1", side + " 2", odd)
                .but(side + " 2", side + " 3", -180 - odd)
                .but(side + " 3", side + " 4", odd)
                .but(side + " 4", side + " 5", -180 - odd);
    }

    private static Pose walls(Pose pose) {
        return pose.but("First half of front wall", "Second half of front wall", 0)
                .but("First half of back wall", "Second half of back wall", 0);
    }

    /** Standing, the pillars corner to corner between the walls, or corner to corner with both. */
    @Override
    public Pose opened(Measures measures) {
        boolean together = isTogether(measures);
        double tab = together ? 45 : -135;
        double tube = together ? 45 : -45;
        return walls(Pose.partly(0.5))
                .but("Front tab", "First half of front wall", tab)
                .but("Back tab", "First half of back wall", tab)
                .but("Second half of front wall", "Right pillar 1", tube)
                .but("Second half of back wall", "Left pillar 1", tube);
    }

    @Override
    public List<Station> stations(Measures measures) {
        List<Station> stations = new ArrayList<>(List.of(new Station("Standing", opened(measures))));
        boolean half = measures.isChosen(LIES, "half");
        boolean wide = measures.isChosen(LIES, "wide");
        if (isFlatTwoWays(measures)) {
            stations.add(new Station(wide ? "Tubes inwards" : "Tubes outwards", flat(measures, !wide)));
        }
        if (half) {
            stations.add(new Station("Flat", flat(measures, false)));
        }
        stations.add(new Station("Closed", closed(measures)));
        return List.copyOf(stations);
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length pillar = ruler.nearest(finished.width().dividedBy(5)).length();
        return Measures.of(finished, ruler)
                .with(PILLAR, pillar.max(ruler.above(bounds.narrowest()).length()));
    }

    @Override
    public double showing() {
        return 0;
    }
}
