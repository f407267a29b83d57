package vantbreeze.exchange.table;

import java.util.Locale;
import vantbreeze.core.length.Length;

/** What stands in a cell of a table. */
final class Cells {

    private Cells() {}

    static String millimetres(Length length) {
        return String.format(Locale.ROOT, "%.2f", length.millimetres());
    }

    /**
     * A name that a spreadsheet would take for a formula is led by an apostrophe (OWASP, CSV injection; from memory).
     */
    static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
