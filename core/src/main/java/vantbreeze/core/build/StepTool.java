package vantbreeze.core.build;

/** What is in the hand in a step. */
public enum StepTool {
    TRIMMER("Trimmer"),
    PENCIL("Pencil and rule"),
    BOARD("Scoring board"),
    RULE("Metal rule and scoring tool"),
    KNIFE("Craft knife and metal rule"),
    FOLDER("Bone folder"),
    PEN("Stamps and pens"),
    ADHESIVE("Adhesive"),
    HANDS("Hands only"),
    ERASER("Eraser");

    private final String words;

    StepTool(String words) {
        this.words = words;
    }

    /** As it is read. */
    public String inWords() {
        return words;
    }
}
