package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
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
import vantbreeze.core.paper.Material;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Floating book: two struts of four equal panels stand on a flat base and carry an open side-fold card, its fold over
 * the base's centre line. Standing, the struts open to a box; pressed down, each folds in half outwards. Their tabs
 * meet on the centre line.
 */
public final class FloatingBook extends CatalogueStructure {

    /** Id of the width of each panel of a strut. */
    public static final String STRUT = "strut";
    /** Id of the width of each page of the book. */
    public static final String PAGE = "page";
    /** Id of the height of the book. */
    public static final String BOOK = "book";
    /** Id of the length of the arch over the book. */
    public static final String ARCH = "arch";
    /** Id of the height of the struts. */
    public static final String STRUT_HEIGHT = "strut-height";
    /** Id of how far up the base the book lies. */
    public static final String UP = "up";
    /** Id of the height of the arch. */
    public static final String ARCH_HEIGHT = "arch-height";
    /** Id of how far up the book the arch is. */
    public static final String ARCH_UP = "arch-up";
    /** Id of the width of the arch's tabs. */
    public static final String ARCH_TAB = "arch-tab";
    /** Whether an arch spans the book. */
    public static final Choice OVER = Choice.of(
            "over",
            "Over the book",
            "nothing, or an arch of acetate",
            new Choice.Alternative("nothing", "nothing"),
            new Choice.Alternative("acetate", "acetate arch"));

    private static final int ARCH_PARTS = 8;

    /** With the usual allowances of the trade. */
    public FloatingBook() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public FloatingBook(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "floating-book",
                "Floating book",
                "An open book floats above its base on two struts that press down flat.",
                "Verses and photographs that lie on a table and rise from it.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Base"),
                Parameter.height().ofPieces("Base"),
                Parameter.of(
                        STRUT, "Strut panel", "half the height at which the book floats", "Left foot", "Right foot"),
                Parameter.of(PAGE, "Page width", "across each page of the book", "Left page", "Right page"),
                Parameter.of(BOOK, "Book height", "up the book").ofPieces("Book"),
                Parameter.of(ARCH, "Arch length", "along the acetate").when(OVER, "acetate"),
                Parameter.of(STRUT_HEIGHT, "Strut height", "how high the struts are, up the card")
                        .ofPieces("Left strut", "Right strut")
                        .following(),
                Parameter.of(UP, "Book from foot", "how far above the foot of the base the book lies")
                        .following(),
                Parameter.of(ARCH_HEIGHT, "Arch height", "how high the strip of acetate is, up the card")
                        .ofPieces("Arch")
                        .when(OVER, "acetate")
                        .following(),
                Parameter.of(ARCH_UP, "Arch from foot of the book", "how far above the foot of the book the arch is")
                        .when(OVER, "acetate")
                        .following(),
                Parameter.of(ARCH_TAB, "Arch tab", "turned round the edges of the book", "Arch tab", "Far tab")
                        .when(OVER, "acetate")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(OVER);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length half = measures.get(Parameter.WIDTH).dividedBy(2);
        Length strut = measures.get(STRUT);
        Length page = measures.get(PAGE);
        String pokes = "it would poke out of the base";
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(strut.times(4).max(page.times(2)), pokes, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                bounds.covering(measures.get(BOOK).plus(measures.said(UP, Length.ZERO)), BOOK_POKES);
            case STRUT ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        half.dividedBy(2).min(page.minus(onStrut(measures))),
                        onStrut(measures).isPositive()
                                ? TAB_ON_STRUT
                                : "the struts would poke out from under the book");
            case PAGE ->
                new Limits(
                        strut.plus(onStrut(measures)).max(bounds.narrowest()),
                        onStrut(measures).isPositive() ? TAB_ON_STRUT : "the strut would poke out from under the page",
                        half,
                        pokes);
            case BOOK ->
                new Limits(
                        leastBook(measures),
                        leastBook(measures).isLongerThan(bounds.narrowest()) ? OFF_BOOK : Bounds.TOO_NARROW,
                        measures.get(Parameter.HEIGHT).minus(measures.said(UP, Length.ZERO)),
                        BOOK_POKES);
            case UP ->
                new Limits(
                        Length.ZERO, BOOK_POKES, measures.get(Parameter.HEIGHT).minus(measures.get(BOOK)), BOOK_POKES);
            case STRUT_HEIGHT -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, measures.get(BOOK), OFF_BOOK);
            case ARCH_HEIGHT ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "so narrow an arch does not stand",
                        measures.get(BOOK).minus(measures.said(ARCH_UP, Length.ZERO)),
                        OFF_BOOK);
            case ARCH_UP ->
                new Limits(Length.ZERO, OFF_BOOK, measures.get(BOOK).minus(of(ARCH_HEIGHT, measures)), OFF_BOOK);
            case ARCH_TAB ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        meets(measures) ? page.minus(strut) : page,
                        meets(measures) ? TAB_ON_STRUT : "the tab would reach over the fold of the book");
            case ARCH ->
                new Limits(
                        page.times(2),
                        "an arch is no shorter than what it spans",
                        half.plus(page),
                        "pressed flat, it would poke out of the base");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String BOOK_POKES = "the book would poke out of the base";
    private static final String OFF_BOOK = "it would stick out from the book";

    private static final String TAB_ON_STRUT = "the arch's tab would be glued where the strut is";

    /** Whether the arch is as far up the book as the struts are somewhere. */
    private boolean meets(Measures measures) {
        Length book = measures.get(BOOK);
        Length beside = book.minus(of(STRUT_HEIGHT, measures)).dividedBy(2);
        Length from = of(ARCH_UP, measures);
        Length to = from.plus(of(ARCH_HEIGHT, measures));
        return to.isLongerThan(beside) && from.isShorterThan(book.minus(beside));
    }

    /** What of a page is left to the arch's tab beside the strut. */
    private Length onStrut(Measures measures) {
        return measures.isChosen(OVER, "acetate") && meets(measures) ? of(ARCH_TAB, measures) : Length.ZERO;
    }

    /** As high as what was said to be on it. */
    private Length leastBook(Measures measures) {
        Length struts = measures.said(STRUT_HEIGHT, Length.ZERO);
        Length arch = Length.ZERO;
        if (measures.isChosen(OVER, "acetate")) {
            arch = measures.said(ARCH_UP, Length.ZERO)
                    .plus(measures.said(ARCH_HEIGHT, allowed(Allowance.NARROWEST_SPRING)));
        }
        return bounds.narrowest().max(struts).max(arch);
    }

    /** Struts three quarters as high as the book, which lies in the middle; an arch half as high, in its middle. */
    @Override
    public Length usual(String parameter, Measures measures) {
        Length book = measures.get(BOOK);
        return switch (parameter) {
            case STRUT_HEIGHT ->
                measures.marked(book.times(3).dividedBy(4))
                        .max(bounds.narrowest())
                        .min(book);
            case UP ->
                measures.markedBelow(measures.get(Parameter.HEIGHT).minus(book).dividedBy(2));
            case ARCH_HEIGHT -> measures.marked(book.dividedBy(2)).min(book.minus(measures.said(ARCH_UP, Length.ZERO)));
            case ARCH_UP ->
                measures.markedBelow(book.minus(of(ARCH_HEIGHT, measures)).dividedBy(2));
            case ARCH_TAB -> usual(Allowance.HIDDEN_TAB, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length strut = measures.get(STRUT);
        Length page = measures.get(PAGE);
        Length book = measures.get(BOOK);
        Length high = of(STRUT_HEIGHT, measures);
        Length centre = measures.get(Parameter.WIDTH).dividedBy(2);
        Length middle = of(UP, measures).plus(book.dividedBy(2));
        Length half = high.dividedBy(2);
        Piece base = Strip.ofHeight("Base", measures.get(Parameter.HEIGHT))
                .panel("Base", measures.get(Parameter.WIDTH))
                .piece();
        Piece left = Strip.ofHeight("Left strut", high)
                .panel("Left top", strut)
                .fold(Fold.VALLEY)
                .panel("Left upper wall", strut)
                .fold(Fold.VALLEY)
                .panel("Left lower wall", strut)
                .fold(Fold.VALLEY)
                .panel("Left foot", strut)
                .piece();
        Piece right = Strip.ofHeight("Right strut", high)
                .panel("Right foot", strut)
                .fold(Fold.VALLEY)
                .panel("Right lower wall", strut)
                .fold(Fold.VALLEY)
                .panel("Right upper wall", strut)
                .fold(Fold.VALLEY)
                .panel("Right top", strut)
                .piece();
        Piece pages = Strip.ofHeight("Book", book)
                .panel("Left page", page)
                .fold(Fold.VALLEY)
                .panel("Right page", page)
                .piece();
        Length end = strut.times(4);
        Spot spine = new Spot(page, book.dividedBy(2));
        List<Piece> pieces = new ArrayList<>(List.of(base, left, right, pages));
        List<Join> joins = new ArrayList<>(List.of(
                foot(1, "Left foot", new Spot(centre, middle), new Spot(end, half)),
                foot(2, "Right foot", new Spot(centre, middle), new Spot(Length.ZERO, half)),
                Join.of(
                        new PanelRef(1, "Left top"),
                        Side.BACK,
                        new PanelRef(3, "Left page"),
                        Side.BACK,
                        Attachment.at(new Spot(Length.ZERO, half), spine)),
                Join.of(
                        new PanelRef(2, "Right top"),
                        Side.BACK,
                        new PanelRef(3, "Right page"),
                        Side.BACK,
                        Attachment.at(new Spot(end, half), spine))));
        if (measures.isChosen(OVER, "acetate")) {
            pieces.add(arch(measures));
            joins.add(Join.of(
                    new PanelRef(3, "Left page"),
                    Side.BACK,
                    new PanelRef(4, "Arch tab"),
                    Side.BACK,
                    Attachment.at(
                            new Spot(Length.ZERO, of(ARCH_UP, measures)),
                            new Spot(of(ARCH_TAB, measures), Length.ZERO))));
        }
        return new Assembly(pieces, joins);
    }

    private Join foot(int piece, String name, Spot on, Spot glued) {
        return Join.of(
                new PanelRef(0, "Base"), Side.FACE, new PanelRef(piece, name), Side.BACK, Attachment.at(on, glued));
    }

    /** Scored only for its tabs; between them it bends. */
    private Piece arch(Measures measures) {
        Strip strip = Strip.ofHeight("Arch", of(ARCH_HEIGHT, measures))
                .panel("Arch tab", of(ARCH_TAB, measures))
                .fold(Fold.MOUNTAIN);
        for (int part = 1; part <= ARCH_PARTS; part++) {
            Length done = measures.get(ARCH).times(part - 1).dividedBy(ARCH_PARTS);
            strip.panel(
                            "Arch " + part,
                            measures.get(ARCH).times(part).dividedBy(ARCH_PARTS).minus(done))
                    .fold(part < ARCH_PARTS ? Fold.BEND : Fold.MOUNTAIN);
        }
        return strip.panel("Far tab", of(ARCH_TAB, measures)).piece().of(Material.ACETATE);
    }

    /** Only the middles of the struts are folded; the book lies open on them, an arch flat over it. */
    @Override
    public Pose closed(Measures measures) {
        return feet(Pose.closed(), 0, 180).but("Left page", "Right page", 0).but("Arch tab", "Arch 1", -180);
    }

    /** The struts straight, the book level; the arch bowed until its far tab comes down at the far edge of the book. */
    @Override
    public Pose opened(Measures measures) {
        Pose pose = feet(Pose.closed(), 90, 0).but("Left page", "Right page", 0);
        double bend = bend(
                measures.get(ARCH).millimetres() / ARCH_PARTS,
                2 * measures.get(PAGE).millimetres());
        double rise = bend * (ARCH_PARTS - 1) / 2;
        pose = pose.but("Arch tab", "Arch 1", rise - 180).but("Arch " + ARCH_PARTS, "Far tab", rise - 180);
        for (int part = 1; part < ARCH_PARTS; part++) {
            pose = pose.but("Arch " + part, "Arch " + (part + 1), -bend);
        }
        return pose;
    }

    private static Pose feet(Pose pose, double ends, double middle) {
        for (String side : List.of("Left", "Right")) {
            pose = pose.but(side + " foot", side + " lower wall", ends)
                    .but(side + " lower wall", side + " upper wall", middle)
                    .but(side + " upper wall", side + " top", ends);
        }
        return pose;
    }

    /** By halving: the turn between equal chords of a circle, degrees, at which they together span {@code span}. */
    private static double bend(double chord, double span) {
        double low = 0;
        double high = 360.0 / ARCH_PARTS;
        for (int i = 0; i < 60; i++) {
            double turn = (low + high) / 2;
            double reach = IntStream.range(0, ARCH_PARTS)
                    .mapToDouble(part -> chord * Math.cos(Math.toRadians((part - (ARCH_PARTS - 1) / 2.0) * turn)))
                    .sum();
            low = reach > span ? turn : low;
            high = reach > span ? high : turn;
        }
        return low;
    }

    /** Struts of a sixth of the width, pages a little narrower than half the base. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length strut = ruler.below(finished.width().dividedBy(6)).length();
        Length page = ruler.below(finished.width().times(2).dividedBy(5)).length();
        Length arch = ruler.below(finished.width().dividedBy(2).plus(page)).length();
        return Measures.of(finished, ruler)
                .with(STRUT, strut)
                .with(PAGE, page)
                .with(BOOK, ruler.below(finished.height().times(4).dividedBy(5)).length())
                .with(ARCH, arch);
    }

    @Override
    public double showing() {
        return 0;
    }

    @Override
    public boolean lies() {
        return true;
    }
}
