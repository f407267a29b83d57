package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import vantbreeze.core.fold.PanelRef;

/** A panel of a card, written "piece panel", pieces counted from 0. */
record PanelText(PanelRef panel) {

    /** @throws IllegalArgumentException when it names no panel */
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static PanelText parse(String text) {
        String[] parts = text.split(" ", 2);
        if (parts.length < 2) {
            throw new IllegalArgumentException("a panel of no piece: " + text);
        }
        return new PanelText(new PanelRef(Integer.parseInt(parts[0]), parts[1]));
    }

    @JsonValue
    String text() {
        return panel.piece() + " " + panel.panel();
    }
}
