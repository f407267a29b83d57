package vantbreeze.core.recipe;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a card is written out as a recipe. Each is read back as the same card. */
public enum RecipeStyle {
    /** One line a piece; what follows from the card that it is, is left unsaid. */
    SHORT("short", "Short"),
    /** With folds, glue and mats, panel by panel. */
    FULL("full", "In full"),
    /** The same with all figures in words. */
    ALOUD("aloud", "To be read aloud");

    private final String id;
    private final String label;

    RecipeStyle(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** How requests name it. */
    public String id() {
        return id;
    }

    /** What the maker calls it. */
    public String label() {
        return label;
    }

    /** The one of that id. */
    public static Optional<RecipeStyle> find(@Nullable String id) {
        return Arrays.stream(values()).filter(style -> style.id.equals(id)).findFirst();
    }
}
