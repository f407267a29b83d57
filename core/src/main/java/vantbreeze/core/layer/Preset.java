package vantbreeze.core.layer;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** A way to dress a whole card, as the schools do (common practice, no source). */
public enum Preset {
    /** A mat, and a pattern on it, the same border round both. */
    BORDER_ON_BORDER("border-on-border", "Border on border", "a mat and a pattern, the same border round both"),
    /** A mat that shows as a fine line round the pattern. */
    FINE_LINE("fine-line", "Fine line", "a mat that shows as a line half as wide round the pattern"),
    /** One mat. */
    ONE_MAT("one-mat", "One mat", "one layer with the usual border"),
    /** A pattern with a broad border of the card. */
    BOLD("bold", "Bold", "one pattern with a border twice as wide"),
    /** A pattern to the edges. */
    TO_THE_EDGE("to-the-edge", "To the edge", "a pattern without any border");

    private final String id;
    private final String label;
    private final String meaning;

    Preset(String id, String label, String meaning) {
        this.id = id;
        this.label = label;
        this.meaning = meaning;
    }

    /** How requests name it. */
    public String id() {
        return id;
    }

    /** What the maker calls it. */
    public String label() {
        return label;
    }

    /** What it lays, in a few plain words. */
    public String meaning() {
        return meaning;
    }

    /** The one of that id. */
    public static Optional<Preset> find(@Nullable String id) {
        return Arrays.stream(values()).filter(preset -> preset.id.equals(id)).findFirst();
    }

    /** Its layers from below, with borders as they are usual on a ruler. */
    public List<LayerChoice> stack(String mat, String pattern, Allowances allowances, Ruler ruler) {
        Length border = allowances.of(Allowance.BORDER, ruler);
        return switch (this) {
            case BORDER_ON_BORDER -> List.of(LayerChoice.of(mat, border), LayerChoice.of(pattern, border));
            case FINE_LINE -> List.of(LayerChoice.of(mat, border), LayerChoice.of(pattern, border.dividedBy(2)));
            case ONE_MAT -> List.of(LayerChoice.of(mat, border));
            case BOLD -> List.of(LayerChoice.of(pattern, border.times(2)));
            case TO_THE_EDGE -> List.of(LayerChoice.of(pattern, Length.ZERO));
        };
    }

    /** Whether a stack is laid so, whatever its papers. */
    boolean isLaid(List<LayerChoice> stack, Allowances allowances, Ruler ruler) {
        return stack.stream().map(layer -> layer.from("")).toList().equals(stack("", "", allowances, ruler));
    }

    /** What the layer is that lies on so many others in a stack. */
    public static Role role(List<LayerChoice> stack, int level, Allowances allowances, Ruler ruler) {
        boolean withoutMat = BOLD.isLaid(stack, allowances, ruler) || TO_THE_EDGE.isLaid(stack, allowances, ruler);
        return level > 0 || withoutMat ? Role.PATTERN : Role.MAT;
    }

    /** The one that a stack is laid by, whatever its papers. */
    public static Optional<Preset> of(List<LayerChoice> stack, Allowances allowances, Ruler ruler) {
        return Arrays.stream(values())
                .filter(preset -> preset.isLaid(stack, allowances, ruler))
                .findFirst();
    }
}
