package vantbreeze.core.recipe;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a card is written out as a recipe. Each is read back as the same card. */
public enum RecipeStyle {
    /** One line a piece; what follows from the card that it is, is left unsaid. */
    SHORT,
    /** With folds, glue and mats, panel by panel. */
    FULL,
    /** The same with all figures in words, to be read aloud. */
    ALOUD;

    /** The one that requests name so: "short", "full", "aloud". */
    public static Optional<RecipeStyle> find(@Nullable String id) {
        return Arrays.stream(values())
                .filter(style -> style.name().toLowerCase(Locale.ROOT).equals(id))
                .findFirst();
    }
}
