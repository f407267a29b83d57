package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A sheet on which some items lie where they are; how it is cut about them so that what is free comes in large
 * rectangles. A cut that goes through none of them never spoils another: whatever can be cut at all is cut by any such
 * cuts one after the other, so that looking for the best of them always ends with all.
 *
 * @param bin which kind of sheet
 * @param tree cut up as far as need be; what is free is a {@link CutNode.Rest}
 */
public record PinnedSheet(int bin, CutNode tree) {

    /** How many rectangles are looked at before the first cut that does is taken. */
    private static final int MOST_LOOKED_AT = 20_000;

    /**
     * The sheet with these on it; nothing where one lies beyond it or on another, or no cuts from edge to edge part
     * them.
     */
    public static Optional<PinnedSheet> of(int bin, long width, long height, List<PinnedPart> parts) {
        CutArea whole = new CutArea(0, 0, width, height);
        for (int i = 0; i < parts.size(); i++) {
            CutArea area = parts.get(i).area();
            if (!whole.contains(area) || parts.stream().skip(i + 1L).anyMatch(other -> area.overlaps(other.area()))) {
                return Optional.empty();
            }
        }
        return Optional.ofNullable(new Cutter().cut(whole, parts)).map(cut -> new PinnedSheet(bin, cut.node()));
    }

    /** What is free, in the order in which {@link #filled} takes it. */
    public List<CutNode.Rest> free() {
        return tree.all()
                .filter(CutNode.Rest.class::isInstance)
                .map(CutNode.Rest.class::cast)
                .toList();
    }

    /** The same with what is free cut up so. */
    CutNode filled(Iterator<CutNode> fillings) {
        return filled(tree, fillings);
    }

    private static CutNode filled(CutNode node, Iterator<CutNode> fillings) {
        if (node instanceof CutNode.Cut cut) {
            return new CutNode.Cut(
                    cut.width(),
                    cut.height(),
                    cut.upright(),
                    cut.parts().stream().map(part -> filled(part, fillings)).toList(),
                    cut.kept());
        }
        return node instanceof CutNode.Rest ? fillings.next() : node;
    }

    /**
     * A rectangle cut up.
     *
     * @param worth squares of the areas that are free: large ones are worth more than small ones
     */
    private record CutUpArea(CutNode node, double worth) {}

    /** Looks for the best cuts, each rectangle once. */
    private static final class Cutter {

        private final Map<CutArea, Optional<CutUpArea>> known = new HashMap<>();

        @Nullable
        CutUpArea cut(CutArea area, List<PinnedPart> all) {
            Optional<CutUpArea> before = known.get(area);
            if (before == null) {
                before = Optional.ofNullable(looked(
                        area,
                        all.stream().filter(part -> area.overlaps(part.area())).toList()));
                known.put(area, before);
            }
            return before.orElse(null);
        }

        private @Nullable CutUpArea looked(CutArea area, List<PinnedPart> parts) {
            if (parts.isEmpty()) {
                return new CutUpArea(new CutNode.Rest(area.width(), area.height()), area.area() * area.area());
            }
            PinnedPart first = parts.get(0);
            if (parts.size() == 1 && first.area().equals(area)) {
                return new CutUpArea(new CutNode.Part(area.width(), area.height(), first.item(), first.turned()), 0);
            }
            CutUpArea best = null;
            for (boolean upright : new boolean[] {true, false}) {
                for (long at : places(area, parts, upright)) {
                    if (best != null && known.size() > MOST_LOOKED_AT) {
                        return best;
                    }
                    CutUpArea parted = parted(area, parts, upright, at);
                    if (parted != null && (best == null || parted.worth > best.worth)) {
                        best = parted;
                    }
                }
            }
            return best;
        }

        private @Nullable CutUpArea parted(CutArea area, List<PinnedPart> parts, boolean upright, long at) {
            long extent = at - (upright ? area.x() : area.y());
            CutUpArea near = cut(area.end(upright, false, extent), parts);
            CutUpArea far = cut(area.end(upright, true, area.extent(upright) - extent), parts);
            if (near == null || far == null) {
                return null;
            }
            List<CutNode> all = new ArrayList<>(flat(near.node, upright));
            all.addAll(flat(far.node, upright));
            return new CutUpArea(
                    new CutNode.Cut(area.width(), area.height(), upright, all, true), near.worth + far.worth);
        }

        private static List<CutNode> flat(CutNode node, boolean upright) {
            return node instanceof CutNode.Cut cut && cut.upright() == upright ? cut.parts() : List.of(node);
        }

        /** Where a cut goes along an edge of one of them and through none. */
        private static Iterable<Long> places(CutArea area, List<PinnedPart> parts, boolean upright) {
            TreeSet<Long> places = new TreeSet<>();
            parts.forEach(part -> {
                places.add(near(part, upright));
                places.add(far(part, upright));
            });
            long from = upright ? area.x() : area.y();
            long to = from + area.extent(upright);
            places.removeIf(at -> at <= from
                    || at >= to
                    || parts.stream().anyMatch(part -> near(part, upright) < at && at < far(part, upright)));
            return places;
        }

        private static long near(PinnedPart part, boolean upright) {
            return upright ? part.area().x() : part.area().y();
        }

        private static long far(PinnedPart part, boolean upright) {
            return near(part, upright) + part.area().extent(upright);
        }
    }
}
