package vantbreeze.core.free;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Point;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;

/** Keeps every panel of a free card named, and its name with it, whatever is drawn or moved. */
final class Naming {

    private Naming() {}

    /** The same pieces with every panel named at its middle; one that had no name gets the next number that is free. */
    static Assembly all(Assembly assembly) {
        List<Piece> pieces = new ArrayList<>();
        List<Map<String, String>> gone = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        assembly.pieces().forEach(piece -> piece.panelNames().forEach(name -> taken.add(name.name())));
        for (Piece piece : assembly.pieces()) {
            Map<String, String> merged = new LinkedHashMap<>();
            pieces.add(named(piece, taken, merged));
            gone.add(merged);
        }
        List<Join> joins = assembly.joins().stream()
                .map(join -> join.between(renamed(join.on(), gone), renamed(join.glued(), gone)))
                .toList();
        List<Over> overs = assembly.overs().stream()
                .map(over -> new Over(renamed(over.above(), gone), renamed(over.below(), gone)))
                .filter(over -> !over.above().equals(over.below()))
                .toList();
        String base = assembly.base() == null ? null : gone.get(0).getOrDefault(assembly.base(), assembly.base());
        return new Assembly(pieces, joins, overs, assembly.eighthTurns(), base);
    }

    /** All panels' names, piece by piece. */
    static List<String> names(Assembly assembly) {
        return assembly.pieces().stream()
                .flatMap(piece -> piece.panelNames().stream())
                .map(PanelName::name)
                .toList();
    }

    /**
     * {@code after} with the names of {@code before}, panel by panel in their order, where both have as many; otherwise
     * its own. A panel that moved or changed its width keeps its name so.
     */
    static Piece carried(Piece before, Piece after) {
        List<Panel> was = Panels.of(before).all();
        List<Panel> is = Panels.of(after).all();
        if (was.size() != is.size()) {
            return after;
        }
        List<PanelName> names = new ArrayList<>();
        for (int i = 0; i < is.size(); i++) {
            names.add(new PanelName(middle(is.get(i)), was.get(i).name()));
        }
        return after.named(names);
    }

    private static Piece named(Piece piece, Set<String> taken, Map<String, String> merged) {
        List<PanelName> names = new ArrayList<>();
        Set<String> used = new HashSet<>();
        Set<String> spoken =
                new HashSet<>(piece.panelNames().stream().map(PanelName::name).toList());
        for (Panel panel : Panels.of(piece).all()) {
            String name = spoken.contains(panel.name()) && used.add(panel.name()) ? panel.name() : fresh(taken);
            names.add(new PanelName(middle(panel), name));
            for (PanelName old : piece.panelNames()) {
                if (contains(panel, old.within()) && !old.name().equals(name)) {
                    merged.put(old.name(), name);
                }
            }
        }
        return names.equals(piece.panelNames()) ? piece : piece.named(names);
    }

    private static String fresh(Set<String> taken) {
        for (int number = 1; ; number++) {
            if (taken.add("Panel " + number)) {
                return "Panel " + number;
            }
        }
    }

    private static boolean contains(Panel panel, Spot spot) {
        Coordinate at = new Coordinate(spot.x().millimetres(), spot.y().millimetres());
        // every panel is asked about every name, and most lie elsewhere
        return panel.shape().getEnvelopeInternal().contains(at)
                && panel.shape().contains(panel.shape().getFactory().createPoint(at));
    }

    private static Spot middle(Panel panel) {
        Point inside = panel.shape().getInteriorPoint();
        return Spot.nearest(inside.getX(), inside.getY());
    }

    private static PanelRef renamed(PanelRef ref, List<Map<String, String>> gone) {
        if (ref.piece() < 0 || ref.piece() >= gone.size()) {
            return ref;
        }
        return new PanelRef(ref.piece(), gone.get(ref.piece()).getOrDefault(ref.panel(), ref.panel()));
    }
}
