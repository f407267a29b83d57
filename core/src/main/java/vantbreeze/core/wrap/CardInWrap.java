package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.paper.Size;

/**
 * A closed card put into its wrap, step by step, as it is drawn: it lies behind the wrap's front with its own front to
 * it, is pushed in through the head, and the wrap shuts over it. What is folded flat is drawn a little apart, and a
 * card in it thinner than it is, since a flat wrap lies close about the edges of what it holds.
 *
 * @param steps for each step where each panel lies, those of the wrap first: from its sheet, millimetres; the wrap's
 *     front lies on the table, or above it where it is seen from behind; then those of what the card wears, then its
 *     own
 * @param in at which of these steps the card is all in
 */
public record CardInWrap(List<List<Rigid>> steps, int in) {

    /** So many steps to push it in. */
    private static final int PUSH = 4;

    /** So many of the wrap's own steps are drawn. */
    private static final int SHUT = 4;

    /** So much of the card stands out at first. */
    private static final double OUT = 0.62;

    /** Paper that touches is drawn so far apart, mm. */
    private static final double APART = 0.3;

    /** As thick is a card drawn in a flat wrap at the most, mm. */
    private static final double FLAT = 1;

    public CardInWrap {
        steps = steps.stream().map(List::copyOf).toList();
    }

    /**
     * Of a card in a wrap.
     *
     * @param wrap how it folds
     * @param structure what it is
     * @param inside the room in it
     * @param contents what goes into it
     */
    public static CardInWrap of(Folding wrap, WrapStructure structure, Inside inside, Contents contents) {
        Front front = Front.of(wrap);
        double card = contents.closed.thickness();
        double thickness = inside.walls() > 0 ? card : Math.min(FLAT, card);
        List<Rigid> inPlace = inPlace(contents, thickness, front.box, structure.isOpenBelow());
        thickness += 2 * contents.apart();
        double height = contents.whole.footprint().height().millimetres();
        List<Frame> own = frames(wrap, structure);
        List<List<Rigid>> steps = new ArrayList<>();
        int push = structure.holds() ? PUSH : 0;
        for (int i = push; i > 0; i--) {
            double out = OUT * height * i / PUSH;
            List<Rigid> pulled =
                    inPlace.stream().map(panel -> panel.shifted(0, out, 0)).toList();
            steps.add(step(wrap, front, own.get(0), thickness, pulled));
        }
        for (Frame frame : own) {
            steps.add(step(wrap, front, frame, thickness, inPlace));
        }
        Rigid seen = structure.isSeenFromBehind() ? front.turnedOver() : Rigid.NONE;
        return new CardInWrap(
                steps.stream()
                        .map(step -> step.stream().map(seen::after).toList())
                        .toList(),
                push);
    }

    /**
     * A closed card and what it wears already.
     *
     * @param card how it folds
     * @param closed it folded flat
     * @param worn how the wraps fold that go round it before this one, the innermost first; each closes flat
     * @param whole all of it folded flat
     */
    public record Contents(Folding card, ClosedCard closed, List<Folding> worn, ClosedCard whole) {

        public Contents {
            worn = List.copyOf(worn);
        }

        /** How far the card lies from what goes round all of it, mm. */
        private double apart() {
            return APART * worn.size();
        }
    }

    /**
     * The panel behind which the card lies.
     *
     * @param panel by index
     * @param box what it takes up as the wrap is held
     */
    private record Front(int panel, Envelope box) {

        static Front of(Folding wrap) {
            int panel = IntStream.range(0, wrap.graph().panels().size())
                    .filter(i -> wrap.graph().name(i).equals(WrapStructure.FRONT_PANEL))
                    .findFirst()
                    .orElseThrow();
            return new Front(
                    panel,
                    wrap.graph()
                            .held()
                            .shadow(wrap.graph().panels().get(panel).shape())
                            .getEnvelopeInternal());
        }

        /** About the upright line through its middle. */
        Rigid turnedOver() {
            return new Rigid(-1, 0, 0, 0, 1, 0, 0, 0, -1, 2 * box.centre().x, 0, 0);
        }
    }

    /** Its own steps while a card is in it: all of them where it shuts, else the one in which it goes round. */
    private static List<Frame> frames(Folding wrap, WrapStructure structure) {
        List<Frame> all = wrap.motion().frames();
        if (!structure.shuts()) {
            return all.subList(0, 1);
        }
        return IntStream.rangeClosed(0, SHUT)
                .mapToObj(i -> all.get(Math.round((float) i * (all.size() - 1) / SHUT)))
                .toList();
    }

    /** What goes in as it lies behind the front, all in: what the card wears from within, then the card. */
    private static List<Rigid> inPlace(Contents contents, double thickness, Envelope front, boolean isCentred) {
        double x = front.centre().x;
        double half = contents.whole.footprint().height().millimetres() / 2;
        double y = isCentred ? front.centre().y : front.getMinY() + APART + half;
        List<Rigid> moved = new ArrayList<>();
        for (int i = 0; i < contents.worn.size(); i++) {
            double before = APART * (contents.worn.size() - i);
            double behind = contents.apart() + APART + thickness + APART * (i + 1);
            moved.addAll(worn(contents.worn.get(i), x, y, before, behind));
        }
        moved.addAll(card(contents, x, y, thickness));
        return moved;
    }

    /** A wrap round the card: its front before that, the rest of it behind, all about one middle. */
    private static List<Rigid> worn(Folding wrap, double x, double y, double before, double behind) {
        int front = Front.of(wrap).panel;
        List<PlacedPanel> placed = wrap.closed().placed();
        Rigid toFront = wrap.graph().held().after(placed.get(front).motion().inverse());
        List<Rigid> lying =
                placed.stream().map(panel -> toFront.after(panel.motion())).toList();
        Envelope box = new Envelope();
        for (int i = 0; i < lying.size(); i++) {
            box.expandToInclude(
                    lying.get(i).shadow(wrap.graph().panels().get(i).shape()).getEnvelopeInternal());
        }
        List<Integer> order = wrap.fromBelow();
        List<Rigid> moved = new ArrayList<>();
        for (int i = 0; i < lying.size(); i++) {
            double layers = Math.abs(order.indexOf(i) - order.indexOf(front)) * APART / (lying.size() + 1);
            moved.add(lying.get(i)
                    .shifted(x - box.centre().x, y - box.centre().y, i == front ? -before : -behind - layers));
        }
        return moved;
    }

    private static List<Rigid> card(Contents contents, double x, double y, double thickness) {
        FoldedForm form = contents.card.closed();
        Size footprint = contents.closed.footprint();
        double across = x - form.left() - footprint.width().millimetres() / 2;
        double up = y - form.bottom() - footprint.height().millimetres() / 2;
        List<Integer> fromBelow = contents.card.fromBelow();
        List<PlacedPanel> placed = form.placed();
        List<Rigid> moved = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            double part = (fromBelow.indexOf(i) + 1.0) / placed.size();
            moved.add(placed.get(i).motion().shifted(across, up, -contents.apart() - APART - thickness * (1 - part)));
        }
        return moved;
    }

    private static List<Rigid> step(Folding wrap, Front front, Frame frame, double thickness, List<Rigid> within) {
        Rigid toFront =
                wrap.graph().held().after(frame.panels().get(front.panel).inverse());
        List<Integer> order = wrap.fromBelow();
        List<Rigid> panels = new ArrayList<>();
        for (int i = 0; i < frame.panels().size(); i++) {
            Rigid panel = toFront.after(frame.panels().get(i));
            // from in the front's plane to folded over behind it; what the front is glued on lies behind it anyhow
            boolean isBeneath =
                    !wrap.graph().pieceOf().get(i).equals(wrap.graph().pieceOf().get(front.panel))
                            && order.indexOf(i) < order.indexOf(front.panel);
            double over = isBeneath ? 1 : (1 - panel.zz()) / 2;
            double layers = APART * Math.abs(order.indexOf(i) - order.indexOf(front.panel));
            Envelope box = wrap.graph().panels().get(i).shape().getEnvelopeInternal();
            double behind = -panel.apply(box.centre().x, box.centre().y, 0).getZ();
            double lacks = Math.max(0, thickness + APART - behind);
            panels.add(panel.shifted(0, 0, -over * over * (lacks + layers)));
        }
        panels.addAll(within);
        return panels;
    }
}
