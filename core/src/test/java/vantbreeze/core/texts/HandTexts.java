package vantbreeze.core.texts;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Drag;
import vantbreeze.core.edit.Draw;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.edit.Resize;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * What is said while a card is worked on by hand: a card of any structure made free, and things done to it by chance.
 */
final class HandTexts {

    private static final Workshop WORKSHOP = Workshop.standard();

    private final Random chance;
    private final List<Said> said = new ArrayList<>();
    private final String where;
    private Plan plan;

    private HandTexts(WorkedPlan card, long seed) {
        this.chance = new Random(seed);
        this.where =
                "%s by hand, %s".formatted(card.structure().name(), card.ruler().id());
        this.plan = card.plan();
    }

    /** Of a card: so many things done to it as it is built, then so many to it made free. */
    static List<Said> of(WorkedPlan card, int times) {
        HandTexts texts = new HandTexts(card, times + card.structure().id().hashCode());
        for (int i = 0; i < times; i++) {
            texts.done(texts.drag());
            texts.done(texts.resize());
        }
        texts.done(new Draw.Loosen());
        for (int i = 0; i < times; i++) {
            texts.done(texts.any());
        }
        return texts.said;
    }

    /** Reads what is said of it, or why it can't be. */
    private void done(Edit edit) {
        String what = "%s %s".formatted(where, edit.getClass().getSimpleName());
        try {
            Edited edited = edit.on(plan, WORKSHOP);
            if (!edited.words().isEmpty()) {
                said.add(new Said(what + " told", edited.words()));
            }
            AllTexts.findings(WORKSHOP.work(edited.plan()), what + ",", said);
            plan = edited.plan();
        } catch (ValidationException refused) {
            said.add(new Said(what + " limit", refused.getMessage()));
            refused.ways().forEach(way -> said.add(new Said(what + " way", way.label())));
        }
    }

    private Edit any() {
        int piece = chance.nextInt(pieces().size());
        return switch (chance.nextInt(9)) {
            case 0 -> new Draw.Score(piece, stretch(piece), chance.nextBoolean() ? Fold.MOUNTAIN : Fold.VALLEY);
            case 1 -> new Draw.Slit(piece, stretch(piece));
            case 2 -> new Draw.Erase(handle());
            case 3 -> new Draw.Flip(handle());
            case 4 -> new Draw.AddPiece("Kite", new Size(length(60), length(60)), panel());
            case 5 -> new Draw.RemovePiece(piece);
            case 6 -> new Draw.Glue(panel(), Side.BACK, panel(), Side.FACE, spot(piece));
            case 7 -> new Draw.Unglue(chance.nextInt(3));
            default -> drag();
        };
    }

    private Edit drag() {
        Spot to = spot(chance.nextInt(pieces().size()));
        Snap snap = one(Snap.values());
        return new Drag(new Move(handle(), to.x(), to.y(), null, snap, chance.nextBoolean()));
    }

    private Edit resize() {
        return switch (chance.nextInt(3)) {
            case 0 -> new Resize.Turned();
            case 1 -> new Resize.To(new Size(length(280), length(280)));
            default ->
                SetField.to(
                        "width", List.of("0", "abc", "3 1/7 in", "5 inc", "9 m").get(chance.nextInt(5)));
        };
    }

    private Handle handle() {
        Handle.Kind kind = one(Handle.Kind.values());
        Handle.End end = one(Handle.End.values());
        return new Handle(kind, chance.nextInt(pieces().size()), chance.nextInt(4), end);
    }

    private <T> T one(T[] all) {
        return all[chance.nextInt(all.length)];
    }

    private List<Piece> pieces() {
        return graph().assembly().pieces();
    }

    private FoldGraph graph() {
        return WORKSHOP.work(plan).form().graph();
    }

    private String panel() {
        FoldGraph graph = graph();
        return graph.panels().get(chance.nextInt(graph.panels().size())).name();
    }

    private Stretch stretch(int piece) {
        Spot from = spot(piece);
        Spot to = spot(piece);
        return switch (chance.nextInt(3)) {
            case 0 -> new Stretch(from, new Spot(from.x(), to.y()));
            case 1 -> new Stretch(from, new Spot(to.x(), from.y()));
            default -> new Stretch(from, to);
        };
    }

    /** On a piece, its edges among them. */
    private Spot spot(int piece) {
        Extent extent = pieces().get(piece).extent();
        Length across =
                extent.right().minus(extent.left()).times(chance.nextInt(9)).dividedBy(8);
        Length up = extent.head().minus(extent.foot()).times(chance.nextInt(9)).dividedBy(8);
        return new Spot(extent.left().plus(across), extent.foot().plus(up));
    }

    private Length length(int most) {
        Ruler ruler = plan.ruler();
        return ruler.nearest(Length.ofMillimetres(1 + chance.nextInt(most))).length();
    }
}
