package vantbreeze.core.fold;

import java.util.List;
import java.util.Optional;

/**
 * The panels of one piece and the hinges between them.
 *
 * @param piece whose they are
 * @param all from the left, then from the foot
 * @param hinges every stretch of crease between two panels
 * @param looseCreases stretches of crease that end inside a panel and so divide nothing
 * @param looseSlits stretches of slit that end inside a panel
 */
public record Panels(
        Piece piece, List<Panel> all, List<Hinge> hinges, List<Stretch> looseCreases, List<Stretch> looseSlits) {

    public Panels {
        all = List.copyOf(all);
        hinges = List.copyOf(hinges);
        looseCreases = List.copyOf(looseCreases);
        looseSlits = List.copyOf(looseSlits);
    }

    private static final LruCache<Piece, Panels> KNOWN = new LruCache<>(128);

    /** The panels of {@code piece}. */
    public static Panels of(Piece piece) {
        return KNOWN.of(piece, () -> new PanelFinder(piece).find());
    }

    /** The panel of this name. */
    public Optional<Panel> named(String name) {
        return all.stream().filter(panel -> panel.name().equals(name)).findFirst();
    }

    /** The panel that everything else folds from: the largest, the rightmost of equals. */
    public Panel base() {
        return all.stream()
                .reduce((a, b) -> b.area() > a.area() * (1 - 1e-9) ? b : a)
                .orElseThrow();
    }
}
