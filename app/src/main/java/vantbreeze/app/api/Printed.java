package vantbreeze.app.api;

import vantbreeze.core.check.ValidationException;
import vantbreeze.exchange.print.CardPage;
import vantbreeze.exchange.print.PrintPage;

/** Which page is asked for. */
final class Printed {

    private static final String FIELD = "page";

    private Printed() {}

    /** @throws ValidationException when no printer has it */
    static PrintPage page(String id) {
        return PrintPage.find(id)
                .orElseThrow(() -> new ValidationException(
                        FIELD, "There is no page called \"%s\". Print on A4 or Letter.".formatted(id)));
    }

    /** @throws ValidationException when measurements do not go on it */
    static CardPage card(String id) {
        return CardPage.find(id)
                .orElseThrow(() -> new ValidationException(
                        FIELD,
                        "There is no page called \"%s\". Measurements go on A6, an index card, A5, A4 or Letter."
                                .formatted(id)));
    }
}
