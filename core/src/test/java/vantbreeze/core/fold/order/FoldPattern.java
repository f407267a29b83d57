package vantbreeze.core.fold.order;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Spot;

/** A piece's panels as a crease pattern in the FOLD 1.2 format, for the reference libraries. */
public final class FoldPattern {

    private FoldPattern() {}

    static Map<Spot, Integer> vertices(Panels panels) {
        Map<Spot, Integer> numbers = new HashMap<>();
        panels.all().forEach(panel -> panel.corners().forEach(corner -> numbers.putIfAbsent(corner, numbers.size())));
        return numbers;
    }

    /** The graph of {@code panels}. */
    public static ObjectNode of(Panels panels) {
        Map<Spot, Integer> numbers = vertices(panels);
        ObjectNode pattern = JsonNodeFactory.instance.objectNode();
        Spot[] spots = new Spot[numbers.size()];
        numbers.forEach((spot, number) -> spots[number] = spot);
        ArrayNode coords = pattern.putArray("vertices_coords");
        for (Spot spot : spots) {
            coords.addArray().add(spot.x().millimetres()).add(spot.y().millimetres());
        }
        Map<Set<Integer>, Fold> folds = new HashMap<>();
        panels.hinges()
                .forEach(hinge -> folds.put(
                        Set.of(
                                numbers.get(hinge.line().from()),
                                numbers.get(hinge.line().to())),
                        hinge.fold()));
        Set<Set<Integer>> seen = new HashSet<>();
        ArrayNode faces = pattern.putArray("faces_vertices");
        ArrayNode edges = pattern.putArray("edges_vertices");
        ArrayNode assignments = pattern.putArray("edges_assignment");
        ArrayNode angles = pattern.putArray("edges_foldAngle");
        for (Panel panel : panels.all()) {
            ArrayNode face = faces.addArray();
            List<Spot> corners = panel.corners();
            for (int i = 0; i < corners.size(); i++) {
                int a = numbers.get(corners.get(i));
                int b = numbers.get(corners.get((i + 1) % corners.size()));
                face.add(a);
                if (seen.add(Set.of(a, b))) {
                    Fold fold = folds.get(Set.of(a, b));
                    edges.addArray().add(a).add(b);
                    assignments.add(fold == null ? "B" : fold == Fold.VALLEY ? "V" : fold == Fold.MOUNTAIN ? "M" : "U");
                    angles.add(fold == null ? 0 : fold == Fold.MOUNTAIN ? -180 : 180);
                }
            }
        }
        return pattern;
    }
}
