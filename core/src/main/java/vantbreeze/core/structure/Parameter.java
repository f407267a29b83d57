package vantbreeze.core.structure;

import java.util.List;

/**
 * A measure of a structure that the maker may choose.
 *
 * @param id how plans name it
 * @param label what the maker calls it
 * @param meaning what it is, in a few plain words
 * @param panels names of the panels whose width it is
 */
public record Parameter(String id, String label, String meaning, List<String> panels) {

    /** Id of the finished width, which every structure has. */
    public static final String WIDTH = "width";
    /** Id of the finished height, which every structure has. */
    public static final String HEIGHT = "height";

    public Parameter {
        panels = List.copyOf(panels);
    }
}
