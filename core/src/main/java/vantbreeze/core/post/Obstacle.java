package vantbreeze.core.post;

import java.util.Locale;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;

/**
 * What stands in the way of a service.
 *
 * @param limit which limit
 * @param beyond by how much, mm, g or times: positive what is too much, negative what is too little
 */
public record Obstacle(Limit limit, double beyond) {

    /** What is limited. */
    public enum Limit {
        LENGTH("too long", "too short"),
        WIDTH("too wide", "too narrow"),
        THICKNESS("too thick", "too thin"),
        WEIGHT("too heavy", "too light"),
        /** Length, width and thickness together. */
        TOGETHER("too large all round", "too small all round"),
        /** How many times as long as wide. */
        SHAPE("too long for its width", "too nearly square");

        private final String over;
        private final String under;

        Limit(String over, String under) {
            this.over = over;
            this.under = under;
        }
    }

    /** Whether it is measured in grams; otherwise in millimetres. */
    public boolean isWeight() {
        return limit == Limit.WEIGHT;
    }

    /** What is wrong and by how much, as it is measured: "0.6 mm too thick", "9 g too heavy". */
    public String inWords(Ruler ruler) {
        if (limit == Limit.SHAPE) {
            return inWords();
        }
        String much = isWeight()
                ? String.format(Locale.ROOT, "%.0f g", Math.ceil(Math.abs(beyond)))
                : Figure.estimate(Math.abs(beyond), ruler).inWords();
        return "%s %s".formatted(much, inWords());
    }

    /** What is wrong, without by how much: "too thick". */
    public String inWords() {
        return beyond > 0 ? limit.over : limit.under;
    }
}
