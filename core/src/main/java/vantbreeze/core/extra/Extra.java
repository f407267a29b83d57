package vantbreeze.core.extra;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Something set on a card. Its measures are among the card's, each with {@link #id} and a dash before its own name.
 *
 * @param id how plans name it
 * @param name what the maker calls it, and its piece
 * @param kind id of what it is
 * @param on the face that it is glued on
 * @param to the face that its other end is glued on; null where it is set on one only
 */
public record Extra(String id, String name, String kind, FaceId on, @Nullable FaceId to) {

    private static final int LONGEST_NAME = 40;

    /** @throws IllegalArgumentException in words for the maker, when it has no name or a long one */
    public Extra {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "Say what it is, in up to %d characters, like \"Kite mount\".", LONGEST_NAME));
        }
        if (!id.matches("extra-[1-9]\\d{0,3}")) {
            throw new IllegalArgumentException("What is set on a card goes by a number.");
        }
    }

    /** Id of one of its measures, or of a choice about it. */
    String key(String own) {
        return id + "-" + own;
    }

    /** What one of its measures is called, with its name behind it. */
    String named(String own) {
        return own + behind();
    }

    /** What one of its measures is called where its name stands above. */
    public String own(String named) {
        return named.endsWith(behind()) ? named.substring(0, named.length() - behind().length()) : named;
    }

    private String behind() {
        return " of " + name;
    }

    /** Whether {@code id} is that of one of its measures, or of a choice about it. */
    boolean has(String key) {
        return key.startsWith(id + "-");
    }

    /** Whether it stands on something of that name. */
    boolean standsOn(String piece) {
        return on.panel().piece().name().equals(piece)
                || (to != null && to.panel().piece().name().equals(piece));
    }
}
