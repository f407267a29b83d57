package vantbreeze.app.api;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Decision;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** What a maker wrote, read for the ruler in force; what can't be read is refused for its field. */
record Written(Ruler ruler) {

    static Written on(String rulerId) {
        return new Written(Decision.ruler(rulerId));
    }

    /** A size that is more than nothing. */
    Size size(@Nullable String width, @Nullable String height) {
        Size size = new Size(measure("width", width), measure("height", height));
        if (!size.width().isPositive() || !size.height().isPositive()) {
            throw new ValidationException(
                    size.width().isPositive() ? "height" : "width",
                    "It can't be nothing. Type a measure, like 5 1/2 in or 140 mm.");
        }
        return size;
    }

    Length measure(String field, @Nullable String text) {
        return Entry.read(field, text, ruler);
    }
}
