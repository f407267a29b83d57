package vantbreeze.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.ZFold;

class EditTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final Handle FIRST_SCORE = new Handle(Handle.Kind.SCORE, 0, 0, Handle.End.WHOLE);

    private static Plan plan() {
        return Plan.of(
                "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1), Ruler.MM_1);
    }

    private static Plan after(Plan plan, Edit... edits) {
        Plan after = plan;
        for (Edit edit : edits) {
            after = edit.on(after, WORKSHOP).plan();
        }
        return after;
    }

    private static LayerChoice mat() {
        return LayerChoice.of("paper-160", Length.ofMillimetres(3));
    }

    /** Whatever is changed, the plan that comes of it works out, and the plan before is as it was. */
    @TestFactory
    Stream<DynamicTest> everyKindOfEdit() {
        Plan loose = after(plan(), new Draw.Loosen());
        List<Face> front = List.of(new Face(0, Side.FACE));
        Stretch line = new Stretch(
                new Spot(Length.ofMillimetres(20), Length.ZERO),
                new Spot(Length.ofMillimetres(20), Length.ofMillimetres(92)));
        Stretch slit = new Stretch(line.from(), new Spot(Length.ofMillimetres(20), Length.ofMillimetres(30)));
        Move move = new Move(FIRST_SCORE, Length.ofMillimetres(34), Length.ZERO, null, Snap.MARKS, false);
        return Stream.of(
                        change(plan(), SetField.to("name", "Kite night")),
                        change(plan(), SetField.to("notes", "fly it high")),
                        change(plan(), SetField.to("ruler", Ruler.EIGHTHS.id())),
                        change(plan(), SetField.to("envelope", "c6")),
                        change(plan(), SetField.to("sheet", "a4")),
                        change(plan(), SetField.to("cardstock", "card-350")),
                        change(plan(), SetField.to("leg", "32")),
                        change(plan(), new SetField("leg", Entry.marks(-2))),
                        change(plan(), new Lock("leg", true)),
                        change(after(plan(), SetField.to("leg", "30")), new Solve("leg")),
                        change(plan(), new Resize.To(Size.ofMillimetres(100, 80))),
                        change(plan(), new Resize.Turned()),
                        change(after(plan(), SetField.to("envelope", "c6")), new Resize.ToEnvelope()),
                        change(plan(), new Rerule(Ruler.EIGHTHS)),
                        change(plan(), new Drag(move)),
                        change(plan(), new DragTo(FIRST_SCORE, Length.ofMillimetres(33), null, false)),
                        change(plan(), new Draw.Loosen()),
                        change(loose, SetField.to("panel:" + firstPanel(loose), "28")),
                        change(loose, new Draw.Score(0, line, Fold.VALLEY)),
                        change(loose, new Draw.Slit(0, slit)),
                        change(loose, new Draw.Erase(FIRST_SCORE)),
                        change(loose, new Draw.Flip(FIRST_SCORE)),
                        change(loose, new Draw.AddPiece("Tail", Size.ofMillimetres(10, 40), firstPanel(loose))),
                        change(loose, new Draw.Lie(true)),
                        change(plan(), new Dress.Suggest(List.of())),
                        change(plan(), new Dress.Put(front, List.of(mat()), List.of())),
                        change(after(plan(), new Dress.Suggest(List.of(mat()))), new Dress.Clear()),
                        change(after(plan(), new Dress.Suggest(List.of(mat()))), new Dress.Undress(front)))
                .map(one -> DynamicTest.dynamicTest(one.edit.toString(), () -> {
                    Plan after = one.edit.on(one.before, WORKSHOP).plan();
                    assertThat(after).isNotEqualTo(one.before);
                    assertThat(WORKSHOP.work(after).pieces()).isNotEmpty();
                    assertThat(one.edit
                                    .glimpse(one.before, WORKSHOP)
                                    .worked()
                                    .plan()
                                    .design())
                            .isEqualTo(WORKSHOP.work(after).plan().design());
                }));
    }

    private record Change(Plan before, Edit edit) {}

    private static Change change(Plan before, Edit edit) {
        return new Change(before, edit);
    }

    private static String firstPanel(Plan loose) {
        return Field.widths(loose).keySet().iterator().next();
    }

    @Test
    void whatCanNotBeIsRefusedOfItsField() {
        assertThatThrownBy(() -> after(plan(), SetField.to("leg", "five")))
                .isInstanceOfSatisfying(ValidationException.class, refused -> assertThat(refused.field())
                        .isEqualTo("leg"));
        assertThatThrownBy(() -> after(plan(), new SetField("tail", Entry.marks(1))))
                .hasMessageContaining("no measure \"tail\" to move");
        assertThatThrownBy(() -> after(plan(), SetField.to("ruler", "ell"))).hasMessageContaining("no ruler");
        assertThatThrownBy(() -> after(plan(), SetField.to("panel:Tail", "9")))
                .hasMessageContaining("no panel \"Tail\"");
        assertThatThrownBy(() -> after(plan(), new Lock("leg", true), SetField.to("leg", "30")))
                .hasMessageContaining("locked");
        assertThatThrownBy(() -> after(plan(), new Resize.ToEnvelope())).hasMessageContaining("no envelope yet");
        assertThatThrownBy(() -> after(plan(), new Dress.Undress(List.of()))).hasMessageContaining("Tick a panel");
        assertThatThrownBy(() -> after(plan(), new Dress.ThrowAway(0))).hasMessageContaining("aside any more");
        assertThatThrownBy(
                        () -> after(plan(), new Dress.Put(List.of(new Face(99, Side.BACK)), List.of(mat()), List.of())))
                .hasMessageContaining("not there any more");
    }

    /** A decision that a later house may add: one value, and nothing else knows of it. */
    @Test
    void oneMoreDecisionIsOneValue() {
        Decision due = new Decision(
                "due",
                "Due",
                (plan, workshop, entry) -> plan.withNotes("Due on %s.".formatted(entry.words())),
                worked -> worked.plan().notes());
        Plan after = due.set(plan(), WORKSHOP, Entry.of("kite day"));
        assertThat(after.notes()).isEqualTo("Due on kite day.");
        assertThat(after.withNotes("")).isEqualTo(plan());
    }
}
