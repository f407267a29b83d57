package vantbreeze.app.api;

import org.springframework.lang.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.plan.Refusal;

/** What a maker wrote, read for the ruler in force; what can't be read is refused for its field. */
record Written(Ruler ruler) {

    static Written on(String rulerId) {
        return new Written(Ruler.find(rulerId).orElseThrow(() ->
                new Refusal("ruler", "There is no ruler called \"%s\". Choose one from the list.".formatted(rulerId))));
    }

    Length measure(String field, @Nullable String text) {
        try {
            return MeasureReader.of(ruler).read(text);
        } catch (UnreadableMeasure unreadable) {
            throw new Refusal(field, unreadable.getMessage());
        }
    }
}
