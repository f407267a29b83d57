package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.Cards;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;

/**
 * The quick guess beside the search, which is checked against rabbit-ear and OEIS A000136 elsewhere: a guess that is
 * believed is one of the orders that the search finds, and where there is none nothing is believed.
 */
class StackingTest {

    private static final int MOST = 3_000;

    /** Whether the quick guess is believed; if so it is held against the search. */
    private static boolean believed(FoldGraph graph, Pose pose) {
        FlatLayout layout = FlatLayout.of(graph, FoldedForm.of(graph, pose), pose);
        int[] places = Stacking.places(layout);
        List<LayerOrder> all = LayerOrders.of(graph, pose).all(MOST);
        if (!Stacking.isRight(layout, places)) {
            return false;
        }
        Pairs pairs = new Pairs(layout.facets());
        assertThat(all).anyMatch(order -> {
            for (int pair = 0; pair < pairs.count(); pair++) {
                int one = pairs.pair(pair)[0];
                int other = pairs.pair(pair)[1];
                boolean below = order.isBelow(
                        layout.facets().get(one).panels().get(0),
                        layout.facets().get(other).panels().get(0));
                if (below != places[one] < places[other]) {
                    return false;
                }
            }
            return true;
        });
        return true;
    }

    @Test
    void cardsOfTheTradeAreGuessedRight() {
        List<String> guessed = new ArrayList<>();
        for (Cards.Case card : Cards.all()) {
            if (believed(card.graph(), card.flat())) {
                guessed.add(card.name());
            }
        }
        assertThat(guessed).contains("concertina of 12", "gate", "stage");
    }

    /** Squares folded at random, each once as it was folded and once with every crease in turn the other way. */
    @Test
    void whatCantBeFoldedIsNotBelieved() throws Exception {
        int right = 0;
        int impossible = 0;
        for (long seed = 1; seed <= 40; seed++) {
            Piece piece = SimpleFolds.piece(seed, 9, 0);
            right += believed(FoldGraph.of(Panels.of(piece)), Pose.closed()) ? 1 : 0;
            for (int i = 0; i < piece.creases().size(); i++) {
                List<Crease> creases = new ArrayList<>(piece.creases());
                Crease crease = creases.get(i);
                creases.set(i, new Crease(crease.line(), crease.fold() == Fold.VALLEY ? Fold.MOUNTAIN : Fold.VALLEY));
                FoldGraph graph = FoldGraph.of(
                        Panels.of(new Piece(piece.name(), piece.outline(), creases, List.of(), List.of())));
                boolean possible = !LayerOrders.of(graph).all(1).isEmpty();
                boolean believed = believed(graph, Pose.closed());
                assertThat(believed && !possible).isFalse();
                impossible += possible ? 0 : 1;
            }
        }
        assertThat(right).isGreaterThan(10);
        assertThat(impossible).isGreaterThan(50);
    }
}
