package vantbreeze.app.api;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Refusal;

/** What a maker wrote, read for the ruler in force; what can't be read is refused for its field. */
record Written(Ruler ruler) {

    static Written on(String rulerId) {
        return new Written(Ruler.find(rulerId)
                .orElseThrow(() -> new Refusal(
                        "ruler", "There is no ruler called \"%s\". Choose one from the list.".formatted(rulerId))));
    }

    /** A size that is more than nothing. */
    Size size(@Nullable String width, @Nullable String height) {
        Size size = new Size(measure("width", width), measure("height", height));
        if (!size.width().isPositive() || !size.height().isPositive()) {
            throw new Refusal(
                    size.width().isPositive() ? "height" : "width",
                    "It can't be nothing. Type a measure, like 5 1/2 in or 140 mm.");
        }
        return size;
    }

    Length measure(String field, @Nullable String text) {
        try {
            return MeasureReader.of(ruler).read(text);
        } catch (UnreadableMeasure unreadable) {
            throw new Refusal(field, unreadable.getMessage());
        }
    }
}
