package vantbreeze.core.post;

/**
 * What stands in the way of a service.
 *
 * @param limit which limit
 * @param beyond by how much, mm or g: positive what is too much, negative what is too little
 */
public record Obstacle(Limit limit, double beyond) {

    /** What is limited. */
    public enum Limit {
        LENGTH("too long", "too short"),
        WIDTH("too wide", "too narrow"),
        THICKNESS("too thick", "too thin"),
        WEIGHT("too heavy", "too light"),
        /** Length, width and thickness together. */
        TOGETHER("too large all round", "too small all round");

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

    /** What is wrong, without by how much: "too thick". */
    public String inWords() {
        return beyond > 0 ? limit.over : limit.under;
    }
}
