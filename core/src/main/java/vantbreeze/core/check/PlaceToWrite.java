package vantbreeze.core.check;

import java.util.Arrays;
import java.util.Optional;

/** How a place to write can be made where there is none. */
public enum PlaceToWrite {
    /** Pale paper laid on a panel. */
    PAPER("paper", "Lay pale paper on a panel"),
    /** A small folded card glued on one. */
    SMALL_CARD("small-card", "Set a small folded card on one");

    /** What a finding that there is none is about, and the field that makes one. */
    public static final String FIELD = "writing";

    private final String id;
    private final String label;

    PlaceToWrite(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The one of that id. */
    public static Optional<PlaceToWrite> find(String id) {
        return Arrays.stream(values()).filter(one -> one.id.equals(id)).findFirst();
    }

    Finding.Mend mend() {
        return Finding.Mend.choosing(FIELD, id, label);
    }
}
