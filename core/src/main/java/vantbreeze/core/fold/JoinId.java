package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which join of a card: by the panels that it holds together, which stay when measures change.
 *
 * @param on the panel that is glued on
 * @param glued the panel that is laid on it
 * @param nth the how-manieth between these two, from 1
 */
public record JoinId(PanelId on, PanelId glued, int nth) {

    /** @throws IllegalArgumentException when {@code nth} is under 1 */
    public JoinId {
        if (nth < 1) {
            throw new IllegalArgumentException("a join is the first between its panels or a later one, not the " + nth);
        }
    }

    private record Between(PanelId on, PanelId glued) {}

    /** Of each join, in their order. */
    public static List<JoinId> all(Assembly assembly) {
        List<PieceId> pieces = PieceId.all(assembly.pieces());
        Map<Between, Integer> seen = new HashMap<>();
        List<JoinId> ids = new ArrayList<>();
        for (Join join : assembly.joins()) {
            Between between = new Between(PanelId.of(join.on(), pieces), PanelId.of(join.glued(), pieces));
            ids.add(new JoinId(between.on(), between.glued(), seen.merge(between, 1, Integer::sum)));
        }
        return List.copyOf(ids);
    }

    /** As a maker reads it: "Left tab of Band on Back". */
    public String inWords() {
        return "%s on %s".formatted(glued.inWords(), on.inWords());
    }
}
