package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Concertina: panels folded to and fro, valley, mountain, valley. Equal, or each narrower than the last by a step; in
 * one strip, or in two halves chained by a glue tab.
 */
public final class Concertina extends CatalogueStructure {

    /** Id of how much narrower each panel is than the last. */
    public static final String STEP = "step";
    /** What the ids of the widths of single panels begin with; behind it which, the first being as wide as the card. */
    public static final String PANEL = "panel-";

    private static final int MOST_PANELS = 24;

    /** Id of the number of panels. */
    public static final Choice PANELS = Choice.count("panels", "Panels", "how many panels show", 3, MOST_PANELS, 6);
    /** Id of how it is made. */
    public static final Choice MADE = Choice.of(
            Choice.MADE,
            "Made of",
            "one strip, or two chained by a tab",
            new Choice.Alternative("one", "one strip"),
            new Choice.Alternative("chained", "two halves with a tab"));
    /** Id of the width of the glue tab. */
    public static final String TAB = "tab";

    // made once: they are asked for at every step of a recognition
    private static final List<Parameter> PARAMETERS = everyParameter();

    /** With the usual allowances of the trade. */
    public Concertina() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public Concertina(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "concertina",
                "Concertina",
                "Panels folded to and fro like a bellows; stands in a zigzag as long as you like.",
                "Programmes, routes, rows of pictures; a card that may be as long as it must.");
    }

    @Override
    public List<Parameter> parameters() {
        return PARAMETERS;
    }

    private static List<Parameter> everyParameter() {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.width("Panel 1"),
                Parameter.height(),
                Parameter.of(STEP, "Each narrower by", "how much narrower each panel is than the last"),
                Parameter.of(TAB, "Tab width", "by which the halves are chained", "Tab")
                        .when(MADE, "chained")));
        for (int panel = 2; panel <= MOST_PANELS; panel++) {
            int which = panel;
            String name = "Panel " + panel;
            all.add(Parameter.of(PANEL + panel, name, "how wide it is; those behind it follow", name)
                    .whenCounting(PANELS, count -> count >= which)
                    .following());
        }
        return List.copyOf(all);
    }

    @Override
    public List<Choice> choices() {
        return List.of(PANELS, MADE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        int steps = measures.count(PANELS) - 1;
        Length width = measures.get(Parameter.WIDTH);
        String last = "the last panel would get too narrow to score and burnish cleanly";
        if (parameter.startsWith(PANEL)) {
            Zigzag.Room room = Zigzag.room(
                    of(parameter, measures), bounds.narrowest(), length -> zigzag(measures.with(parameter, length)));
            return new Limits(room.least(), room.isForScoring() ? Bounds.TOO_NARROW : POKES, room.most(), POKES);
        }
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        bounds.narrowest().plus(measures.get(STEP).times(steps)),
                        last,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT -> bounds.height();
            case STEP ->
                new Limits(
                        Length.ZERO,
                        "panels that get wider would poke out",
                        width.minus(bounds.narrowest()).dividedBy(steps),
                        last);
            case TAB ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        of(PANEL + (first(measures) + 1), measures),
                        "the tab would be wider than the panel it lies behind");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String POKES = "a panel would poke out of the closed card";

    /** Each panel is narrower than the one before it by the step. */
    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.startsWith(PANEL)) {
            throw Bounds.unknown(this, parameter);
        }
        int before = Integer.parseInt(parameter.substring(PANEL.length())) - 1;
        return zigzag(measures).widths().get(before - 1).minus(measures.get(STEP));
    }

    private Zigzag zigzag(Measures measures) {
        List<Length> widths = new ArrayList<>(List.of(measures.get(Parameter.WIDTH)));
        for (int panel = 2; panel <= measures.count(PANELS); panel++) {
            widths.add(measures.said(PANEL + panel, widths.get(panel - 2).minus(measures.get(STEP))));
        }
        return new Zigzag(widths);
    }

    /** How many panels the first of two chained halves has. */
    private static int first(Measures measures) {
        return (measures.count(PANELS) + 1) / 2;
    }

    @Override
    public Assembly assemble(Measures measures) {
        int panels = measures.count(PANELS);
        if (!measures.isChosen(MADE, "chained")) {
            return Assembly.of(strip("Card base", measures, 0, panels).piece());
        }
        int first = first(measures);
        Piece half = strip("First half", measures, 0, first)
                .fold(fold(first))
                .panel("Tab", measures.get(TAB))
                .piece();
        Piece other = strip("Second half", measures, first, panels).piece();
        Length start = half.cutSize().width().minus(measures.get(TAB));
        return new Assembly(
                List.of(half, other),
                List.of(Join.of(
                        new PanelRef(0, "Tab"),
                        Side.FACE,
                        new PanelRef(1, "Panel " + (first + 1)),
                        Side.BACK,
                        Attachment.at(new Spot(start, Length.ZERO), new Spot(Length.ZERO, Length.ZERO)))));
    }

    private Strip strip(String name, Measures measures, int from, int to) {
        Strip strip = Strip.ofHeight(name, measures.get(Parameter.HEIGHT));
        List<Length> widths = zigzag(measures).widths();
        for (int panel = from; panel < to; panel++) {
            if (panel > from) {
                strip.fold(fold(panel));
            }
            strip.panel("Panel " + (panel + 1), widths.get(panel));
        }
        return strip;
    }

    /** The fold before panel {@code panel}, counted from 0. */
    private static Fold fold(int panel) {
        return panel % 2 == 1 ? Fold.VALLEY : Fold.MOUNTAIN;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler)
                .with(STEP, Length.ZERO)
                .with(TAB, ruler.nearest(allowed(Allowance.TAB, ruler)).length().min(finished.width()));
    }

    @Override
    public double showing() {
        return 0.5;
    }
}
