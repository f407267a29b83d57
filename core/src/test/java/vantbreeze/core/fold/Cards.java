package vantbreeze.core.fold;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;

/** Cards to try the engine on, built from pieces and joins; sizes in inches where the handbook has check values. */
@SuppressWarnings("MutablePublicArray") // poses are told by arrays; tests do not change them
public final class Cards {

    private Cards() {}

    static Length in(String text) {
        return MeasureReader.of(Ruler.THIRTY_SECONDS).read(text);
    }

    static Spot at(double x, double y) {
        return Spot.nearest(x, y);
    }

    static Spot inches(String x, String y) {
        return new Spot(in(x), in(y));
    }

    static Crease crease(Fold fold, Spot from, Spot to) {
        return new Crease(new Stretch(from, to), fold);
    }

    static List<Spot> rectangle(double width, double height) {
        return List.of(at(0, 0), at(width, 0), at(width, height), at(0, height));
    }

    static PanelName name(String name, double x, double y) {
        return new PanelName(at(x, y), name);
    }

    /** n equal panels, alternately valley and mountain. */
    public static FoldGraph concertina(int panels) {
        Strip strip = Strip.ofHeight("concertina", Length.ofMillimetres(90));
        for (int i = 0; i < panels; i++) {
            strip.panel("Panel " + (i + 1), Length.ofMillimetres(30)).fold(i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN);
        }
        return FoldGraph.of(Panels.of(strip.piece()));
    }

    public static FoldGraph gate() {
        return FoldGraph.of(Assembly.of(gatePiece()));
    }

    static Piece gatePiece() {
        return Strip.ofHeight("gate", in("5 1/2"))
                .panel("Left flap", in("2 3/4"))
                .fold(Fold.VALLEY)
                .panel("Back", in("5 1/2"))
                .fold(Fold.VALLEY)
                .panel("Right flap", in("2 3/4"))
                .piece();
    }

    /** Common practice, no source: 8 × 4¼, scores 1¼ and 2½ from both ends, band 5½ long glued on the wings. */
    public static FoldGraph stage() {
        return stageWithBandAt(12.7);
    }

    /** The same with the band glued so many millimetres above the foot. */
    public static FoldGraph stageWithBandAt(double height) {
        Piece base = Strip.ofHeight("base", in("4 1/4"))
                .panel("Left wing", in("1 1/4"))
                .fold(Fold.MOUNTAIN)
                .panel("Left wall", in("1 1/4"))
                .fold(Fold.VALLEY)
                .panel("Back", in("3"))
                .fold(Fold.VALLEY)
                .panel("Right wall", in("1 1/4"))
                .fold(Fold.MOUNTAIN)
                .panel("Right wing", in("1 1/4"))
                .piece();
        Piece band = Strip.ofHeight("band", in("1")).panel("Band", in("5 1/2")).piece();
        return FoldGraph.of(new Assembly(
                List.of(base, band),
                List.of(
                        Join.of(
                                new PanelRef(0, "Left wing"),
                                Side.FACE,
                                new PanelRef(1, "Band"),
                                Side.BACK,
                                Attachment.at(at(0, height), at(0, 0))),
                        Join.of(
                                new PanelRef(0, "Right wing"),
                                Side.FACE,
                                new PanelRef(1, "Band"),
                                Side.BACK,
                                Attachment.at(at(203.2, height), at(139.7, 0))))));
    }

    /** The stage sheared flat to the left: left wing, left wall and back in one line. */
    public static final double[] STAGE_FLAT = {0, 0, 180, -180};

    public static final double[] STAGE_STANDING = {-90, 90, 90, -90};

    /** Common practice, no source: 29.7 cm strip scored 5 and 10 cm from each end, bridge 9.7 cm long. */
    public static FoldGraph bridge() {
        Strip strip = Strip.ofHeight("base", Length.ofMillimetres(120));
        strip.panel("Left wing", Length.ofMillimetres(50))
                .fold(Fold.VALLEY)
                .panel("Left wall", Length.ofMillimetres(50))
                .fold(Fold.VALLEY)
                .panel("Back", Length.ofMillimetres(97))
                .fold(Fold.VALLEY)
                .panel("Right wall", Length.ofMillimetres(50))
                .fold(Fold.VALLEY)
                .panel("Right wing", Length.ofMillimetres(50));
        Piece bridge = Strip.ofHeight("bridge", Length.ofMillimetres(40))
                .panel("Bridge", Length.ofMillimetres(97))
                .piece();
        // standing, the wings show their backs to the front: the bridge is glued on those, along their folds only,
        // since
        // wings of 5 cm lie on each other by 3 mm in a back of 9.7
        return FoldGraph.of(new Assembly(
                List.of(strip.piece(), bridge),
                List.of(
                        Join.of(
                                        new PanelRef(0, "Left wing"),
                                        Side.BACK,
                                        new PanelRef(1, "Bridge"),
                                        Side.BACK,
                                        Attachment.at(at(50, 30), at(0, 0)))
                                .onlyOn(List.of(at(40, 30), at(50, 30), at(50, 70), at(40, 70))),
                        Join.of(
                                        new PanelRef(0, "Right wing"),
                                        Side.BACK,
                                        new PanelRef(1, "Bridge"),
                                        Side.BACK,
                                        Attachment.at(at(247, 30), at(97, 0)))
                                .onlyOn(List.of(at(247, 30), at(257, 30), at(257, 70), at(247, 70))))));
    }

    public static final double[] BRIDGE_FLAT = {180, 0, 180, 0};
    public static final double[] BRIDGE_STANDING = {90, 90, 90, 90};

    /** A square tube of four sides and a fifth, a sliver short, glued over the first. */
    public static FoldGraph tube() {
        Piece piece = Strip.ofHeight("tube", Length.ofMillimetres(100))
                .panel("First", Length.ofMillimetres(20))
                .fold(Fold.MOUNTAIN)
                .panel("Second", Length.ofMillimetres(20))
                .fold(Fold.MOUNTAIN)
                .panel("Third", Length.ofMillimetres(20))
                .fold(Fold.MOUNTAIN)
                .panel("Fourth", Length.ofMillimetres(20))
                .fold(Fold.MOUNTAIN)
                .panel("Fifth", Length.ofMicrometres(18_400))
                .piece();
        return FoldGraph.of(Assembly.of(
                piece,
                Join.of(
                        new PanelRef(0, "First"),
                        Side.FACE,
                        new PanelRef(0, "Fifth"),
                        Side.BACK,
                        Attachment.at(at(0, 0), at(80, 0)))));
    }

    public static final double[] TUBE_FLAT = {-180, 0, -180, 0};
    public static final double[] TUBE_SQUARE = {-90, -90, -90, -90};

    /**
     * A gate and an insert of the same size, scored like it and along both diagonals of each half; square and side
     * triangles glued.
     */
    public static FoldGraph explodingGate() {
        Piece insert = new Piece(
                "insert",
                rectangleInches("11", "5 1/2"),
                List.of(
                        crease(Fold.MOUNTAIN, inches("2 3/4", "0"), inches("2 3/4", "5 1/2")),
                        crease(Fold.MOUNTAIN, inches("8 1/4", "0"), inches("8 1/4", "5 1/2")),
                        crease(Fold.VALLEY, inches("0", "0"), inches("5 1/2", "5 1/2")),
                        crease(Fold.VALLEY, inches("0", "5 1/2"), inches("5 1/2", "0")),
                        crease(Fold.VALLEY, inches("5 1/2", "0"), inches("11", "5 1/2")),
                        crease(Fold.VALLEY, inches("5 1/2", "5 1/2"), inches("11", "0"))),
                List.of(),
                List.of(
                        new PanelName(inches("5 1/2", "2 3/4"), "Square"),
                        new PanelName(inches("1/4", "2 3/4"), "Left triangle"),
                        new PanelName(inches("10 3/4", "2 3/4"), "Right triangle")));
        Attachment onTop = Attachment.at(inches("0", "0"), inches("0", "0"));
        return FoldGraph.of(new Assembly(
                List.of(gatePiece(), insert),
                List.of(
                        Join.of(new PanelRef(0, "Back"), Side.FACE, new PanelRef(1, "Square"), Side.BACK, onTop),
                        Join.of(
                                new PanelRef(0, "Left flap"),
                                Side.FACE,
                                new PanelRef(1, "Left triangle"),
                                Side.BACK,
                                onTop),
                        Join.of(
                                new PanelRef(0, "Right flap"),
                                Side.FACE,
                                new PanelRef(1, "Right triangle"),
                                Side.BACK,
                                onTop))));
    }

    private static List<Spot> rectangleInches(String width, String height) {
        return List.of(inches("0", "0"), inches(width, "0"), inches(width, height), inches("0", height));
    }

    /** A side fold in three rows; the middle row, between two slits, folds the other way and stands forward. */
    public static FoldGraph slitTower() {
        List<Crease> creases = List.of(
                crease(Fold.VALLEY, at(40, 0), at(40, 30)),
                crease(Fold.VALLEY, at(40, 60), at(40, 90)),
                crease(Fold.VALLEY, at(20, 30), at(20, 60)),
                crease(Fold.MOUNTAIN, at(40, 30), at(40, 60)),
                crease(Fold.VALLEY, at(60, 30), at(60, 60)));
        return FoldGraph.of(Assembly.of(new Piece(
                "tower",
                rectangle(80, 90),
                creases,
                List.of(new Stretch(at(20, 30), at(60, 30)), new Stretch(at(20, 60), at(60, 60))),
                List.of())));
    }

    /**
     * A Z-fold whose middle row, between two slits, folds at other places; {@code second} is the inner second score.
     */
    public static FoldGraph invertedZ(double second) {
        List<Crease> creases = List.of(
                crease(Fold.MOUNTAIN, at(40, 0), at(40, 30)), crease(Fold.VALLEY, at(80, 0), at(80, 30)),
                crease(Fold.MOUNTAIN, at(55, 30), at(55, 60)), crease(Fold.VALLEY, at(second, 30), at(second, 60)),
                crease(Fold.MOUNTAIN, at(40, 60), at(40, 90)), crease(Fold.VALLEY, at(80, 60), at(80, 90)));
        double end = Math.max(80, second);
        return FoldGraph.of(Assembly.of(new Piece(
                "inverted Z",
                rectangle(160, 90),
                creases,
                List.of(new Stretch(at(40, 30), at(end, 30)), new Stretch(at(40, 60), at(end, 60))),
                List.of(name("Back", 150, 45), name("Leg", 10, 45)))));
    }

    /** The same with two inner rows, each between slits of its own and with a second score of its own. */
    public static FoldGraph twoInnerRows(double low, double high) {
        List<Crease> creases = new ArrayList<>();
        for (int row = 0; row < 5; row++) {
            double first = row == 1 ? 55 : row == 3 ? 50 : 40;
            double second = row == 1 ? low : row == 3 ? high : 80;
            creases.add(crease(Fold.MOUNTAIN, at(first, 30 * row), at(first, 30 * row + 30)));
            creases.add(crease(Fold.VALLEY, at(second, 30 * row), at(second, 30 * row + 30)));
        }
        List<Stretch> slits = new ArrayList<>();
        for (int row = 1; row < 5; row++) {
            slits.add(new Stretch(at(40, 30 * row), at(Math.max(80, row < 3 ? low : high), 30 * row)));
        }
        return FoldGraph.of(Assembly.of(new Piece("two rows", rectangle(160, 150), creases, slits, List.of())));
    }

    /** Common practice, no source: 8½ × 5½ side fold, L-slit round a 3 in square, diagonal from 3⅝ to 3⅝. */
    public static FoldGraph cornerFlip() {
        return FoldGraph.of(Assembly.of(new Piece(
                "corner flip",
                rectangleInches("8 1/2", "5 1/2"),
                List.of(
                        crease(Fold.VALLEY, inches("4 1/4", "0"), inches("4 1/4", "5 1/2")),
                        crease(Fold.MOUNTAIN, inches("4 7/8", "5 1/2"), inches("5 1/2", "4 7/8")),
                        crease(Fold.MOUNTAIN, inches("7 7/8", "2 1/2"), inches("8 1/2", "1 7/8"))),
                List.of(
                        new Stretch(inches("5 1/2", "4 7/8"), inches("5 1/2", "2 1/2")),
                        new Stretch(inches("5 1/2", "2 1/2"), inches("7 7/8", "2 1/2"))),
                List.of(
                        new PanelName(inches("2", "2"), "Back"),
                        new PanelName(inches("5", "1"), "Cover"),
                        new PanelName(inches("6", "3"), "Corner")))));
    }

    /**
     * Common practice, no source: four 4 × 8, scored at 2 down the middle and 2 from each end, glued at four corner
     * squares.
     */
    public static FoldGraph neverEnding() {
        Piece left = upright("left", Fold.VALLEY);
        Piece right = upright("right", Fold.VALLEY);
        Piece foot = upright("foot", Fold.VALLEY);
        Piece head = upright("head", Fold.VALLEY);
        return FoldGraph.of(new Assembly(
                List.of(left, right, foot, head),
                List.of(
                        // the pieces across lie on the upright ones, turned by a quarter to the right or left
                        across(0, "Low left", 2, "Low right", inches("0", "0"), inches("4", "0")),
                        across(0, "High left", 3, "Low left", inches("0", "8"), inches("0", "0")),
                        across(1, "Low right", 2, "High right", inches("4", "0"), inches("4", "8")),
                        across(1, "High right", 3, "High left", inches("4", "8"), inches("0", "8")))));
    }

    private static Join across(int on, String onPanel, int glued, String gluedPanel, Spot at, Spot from) {
        return Join.of(
                new PanelRef(on, onPanel),
                Side.FACE,
                new PanelRef(glued, gluedPanel),
                Side.BACK,
                new Attachment(at, from, -90));
    }

    private static Piece upright(String name, Fold fold) {
        return new Piece(
                name,
                rectangleInches("4", "8"),
                List.of(
                        crease(fold, inches("2", "0"), inches("2", "8")),
                        crease(fold, inches("0", "2"), inches("4", "2")),
                        crease(fold, inches("0", "6"), inches("4", "6"))),
                List.of(),
                List.of(
                        new PanelName(inches("1", "1"), "Low left"), new PanelName(inches("3", "1"), "Low right"),
                        new PanelName(inches("1", "4"), "Mid left"), new PanelName(inches("3", "4"), "Mid right"),
                        new PanelName(inches("1", "7"), "High left"), new PanelName(inches("3", "7"), "High right")));
    }

    /** Ovals of falling height, feet on one line, joined by short upright hinges, folded as a concertina. */
    public static FoldGraph ovals(int count) {
        Path2D path = new Path2D.Double();
        List<Crease> creases = new ArrayList<>();
        double width = 40;
        double foot = 12;
        double head = 24;
        path.moveTo(0, foot);
        for (int i = 0; i < count; i++) {
            path.curveTo(i * width + 8, -4, (i + 1) * width - 8, -4, (i + 1) * width, foot);
            if (i + 1 < count) {
                creases.add(crease(
                        i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN,
                        at((i + 1) * width, foot),
                        at((i + 1) * width, head)));
            }
        }
        path.lineTo(count * width, head);
        for (int i = count - 1; i >= 0; i--) {
            double height = 90 - 12 * i;
            path.curveTo((i + 1) * width - 4, height, i * width + 4, height, i * width, head);
        }
        path.closePath();
        return FoldGraph.of(Assembly.of(new Piece("ovals", Outlines.flattened(path), creases, List.of(), List.of())));
    }

    /** Every card above with the pose in which it lies flat. */
    public static List<Case> all() {
        return List.of(
                new Case("concertina of 12", concertina(12), Pose.closed()),
                new Case("gate", gate(), Pose.closed()),
                new Case("stage", stage(), Pose.of(STAGE_FLAT), Pose.of(STAGE_STANDING)),
                new Case("bridge", bridge(), Pose.of(BRIDGE_FLAT), Pose.of(BRIDGE_STANDING)),
                new Case("tube", tube(), Pose.of(TUBE_FLAT), Pose.of(TUBE_SQUARE)),
                new Case("exploding gate", explodingGate(), Pose.closed()),
                new Case("slit tower", slitTower(), Pose.closed()),
                new Case("inverted Z", invertedZ(95), Pose.closed()),
                new Case("corner flip", cornerFlip(), Pose.closed()),
                new Case("never-ending card", neverEnding(), Pose.open()),
                new Case("ovals", ovals(4), Pose.closed()));
    }

    /** A card, its flat pose and the pose in which it is shown. */
    public record Case(String name, FoldGraph graph, Pose flat, Pose display) {

        Case(String name, FoldGraph graph, Pose flat) {
            this(name, graph, flat, Pose.open());
        }

        @Override
        public String toString() {
            return name;
        }
    }
}
