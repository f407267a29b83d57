package vantbreeze.core.build;

/**
 * Which step: it stays when measures change.
 *
 * @param kind what is done
 * @param of to what, by the names of pieces, panels and papers
 */
public record StepId(StepKind kind, String of) {

    private static final String BETWEEN = ": ";

    /** As it is kept, "GLUE: Left tab of Band on Back". */
    public String text() {
        return kind + BETWEEN + of;
    }

    /**
     * The step that is kept so.
     *
     * @throws IllegalArgumentException when none is
     */
    public static StepId parse(String text) {
        int between = text.indexOf(BETWEEN);
        if (between < 0) {
            throw new IllegalArgumentException("no step: " + text);
        }
        return new StepId(StepKind.valueOf(text.substring(0, between)), text.substring(between + BETWEEN.length()));
    }

    @Override
    public String toString() {
        return text();
    }
}
