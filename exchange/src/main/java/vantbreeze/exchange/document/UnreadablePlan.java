package vantbreeze.exchange.document;

import java.util.Objects;
import vantbreeze.core.length.UnreadableMeasure;

/** A file that could not be read as a plan. The message is for the maker. */
public final class UnreadablePlan extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final boolean noPlan;

    UnreadablePlan(String message) {
        this(message, false);
    }

    private UnreadablePlan(String message, boolean noPlan) {
        super(message);
        this.noPlan = noPlan;
    }

    static UnreadablePlan noPlan() {
        return new UnreadablePlan(
                "This file is not a Vantbreeze plan. Choose one that was downloaded from a card here.", true);
    }

    static UnreadablePlan ofRuler(String ruler) {
        return new UnreadablePlan("The plan's ruler, \"%s\", is not one I know.".formatted(shown(ruler)));
    }

    static UnreadablePlan ofMeasure(String id, String text, UnreadableMeasure why) {
        return new UnreadablePlan(
                "The plan's %s, \"%s\", can't be read. %s".formatted(shown(id), shown(text), why.getMessage()));
    }

    static UnreadablePlan ofDrawing() {
        return new UnreadablePlan(
                "The plan's drawing can't be read. It may have been changed by hand: open the file as it was "
                        + "downloaded.");
    }

    static UnreadablePlan ofLayers(String why) {
        return new UnreadablePlan("The plan's layers can't be read. %s".formatted(why));
    }

    static UnreadablePlan ofCutting(String why) {
        return new UnreadablePlan("How the card is cut can't be read. " + why);
    }

    static UnreadablePlan ofBuilding(String why) {
        return new UnreadablePlan("How the card is built can't be read. " + why);
    }

    static UnreadablePlan ofExtras(String why) {
        return new UnreadablePlan("What is set on the plan's card can't be read. %s".formatted(why));
    }

    /** A field that is none of its kind. */
    static UnreadablePlan ofField(String field) {
        return new UnreadablePlan(
                "The plan's %s can't be read. It may have been changed by hand: open the file as it was downloaded."
                        .formatted(shown(field)));
    }

    private static String shown(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    /** Whether it is something else altogether, so that nothing can be said of what is wrong with the plan in it. */
    public boolean isNoPlan() {
        return noPlan;
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
