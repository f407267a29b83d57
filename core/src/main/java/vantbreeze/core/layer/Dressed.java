package vantbreeze.core.layer;

import java.util.List;
import java.util.Locale;

/**
 * What lies on one face, or on several that one paper runs across.
 *
 * @param faces more than one for a piece cut in two or more
 * @param layers from below
 * @param embellishments on top
 */
public record Dressed(List<FaceName> faces, List<LayerChoice> layers, List<Embellishment> embellishments) {

    /** More layers than this are a mistake, not a card. */
    public static final int MOST_LAYERS = 8;

    /** @throws IllegalArgumentException in words for the maker, when there is no face or there are too many layers */
    public Dressed {
        faces = List.copyOf(faces);
        layers = List.copyOf(layers);
        embellishments = List.copyOf(embellishments);
        if (faces.isEmpty()) {
            throw new IllegalArgumentException("Tick a panel first.");
        }
        if (layers.size() > MOST_LAYERS || embellishments.size() > MOST_LAYERS) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "A panel takes up to %d layers here. Take one away first.", MOST_LAYERS));
        }
    }

    /** Whether it is as the maker made it for itself: run across, with something set on it, on foam or of a size. */
    public boolean isOwn() {
        return runs()
                || !embellishments.isEmpty()
                || layers.stream()
                        .anyMatch(layer -> layer.own() != null || layer.pad().isPositive());
    }

    /** One face with these layers. */
    public static Dressed of(FaceName face, List<LayerChoice> layers) {
        return new Dressed(List.of(face), layers, List.of());
    }

    /** Whether one paper runs across several panels. */
    public boolean runs() {
        return faces.size() > 1;
    }

    /** The same with other layers. */
    public Dressed layered(List<LayerChoice> other) {
        return new Dressed(faces, other, embellishments);
    }

    /** The same with other embellishments. */
    public Dressed embellished(List<Embellishment> other) {
        return new Dressed(faces, layers, other);
    }
}
