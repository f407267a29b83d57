package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Stance;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/** What meets on the way to closed is told, however many poses the way has, and whatever else is laid over by hand. */
class OnTheWayTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Length mm(double millimetres) {
        return Length.nearest(millimetres);
    }

    /** A gate whose flaps are each wider than half of it: turned in together they go through one another. */
    private static Piece wideGate() {
        return Strip.ofHeight("Gate", mm(80))
                .panel("Left flap", mm(70))
                .fold(Fold.VALLEY)
                .panel("Back", mm(100))
                .fold(Fold.VALLEY)
                .panel("Right flap", mm(70))
                .piece();
    }

    private static List<String> told(Assembly assembly, int between) {
        List<Stance> stances = new ArrayList<>(List.of(Stance.open()));
        for (int i = 1; i <= between; i++) {
            stances.add(new Stance("Pose " + i, false, List.of(), List.of()));
        }
        stances.add(Stance.closed());
        FreeCard card = new FreeCard(assembly, stances, 0.5, 0, true);
        return WORKSHOP.work(Plan.of("Kite", card, Ruler.MM_1)).findings().stream()
                .map(finding -> finding.text())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 3, 8, 10})
    void flapsThatMeetAreToldHoweverManyPosesThereAre(int between) {
        assertThat(told(Assembly.of(wideGate()), between))
                .anyMatch(text -> text.contains("Left flap and Right flap meet on the way"));
    }

    /**
     * A slip laid over one flap by hand may be bent past it; the flaps meet all the same, and so does what is on them.
     */
    @Test
    void whatIsLaidOverByHandExemptsItselfAlone() {
        Piece slip = Strip.ofHeight("Slip", mm(40)).panel("Slip", mm(60)).piece();
        Assembly glued = new Assembly(
                List.of(wideGate(), slip),
                List.of(Join.of(
                        new PanelRef(0, "Left flap"),
                        Side.FACE,
                        new PanelRef(1, "Slip"),
                        Side.BACK,
                        Attachment.at(new Spot(mm(5), mm(20)), new Spot(mm(0), mm(0))))));
        assertThat(met(glued)).contains("Right flap and Slip");
        Assembly laid = glued.laid(new Over(new PanelRef(1, "Slip"), new PanelRef(0, "Back")));
        assertThat(met(laid)).contains("Right flap and Slip");
    }

    private static List<String> met(Assembly assembly) {
        var graph = FoldGraph.of(assembly);
        return Motion.between(graph, Pose.open(), Pose.closed(), 16).passings().stream()
                .map(passing -> graph.panels().get(passing.one()).name() + " and "
                        + graph.panels().get(passing.other()).name())
                .toList();
    }
}
