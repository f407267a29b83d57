package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** All that look a card over before it is cut. */
public record Judges(List<Judge> all) {

    private static final Judges USUAL = new Judges(List.of(
            (card, words) -> new FoldJudge(card, words).findings(),
            (card, words) -> new LineJudge(card, words).findings(),
            (card, words) -> new FlapJudge(card, words).findings(),
            (card, words) -> new GlueJudge(card, words).findings(),
            (card, words) -> new JointJudge(card, words).findings(),
            (card, words) -> new LayerJudge(card, words).findings(),
            (card, words) -> new StandJudge(card, words).findings(),
            (card, words) -> new EnvelopeJudge(card, words).findings(),
            (card, words) -> new PaperJudge(card, words).findings(),
            (card, words) -> new ToolJudge(card, words).findings()));

    public Judges {
        all = List.copyOf(all);
    }

    /**
     * Every one there is: folding, lines, flaps, gluing, joints, layers, standing, envelope, paper and tools, in turn.
     */
    public static Judges usual() {
        return USUAL;
    }

    /** These and one more. */
    public Judges and(Judge another) {
        List<Judge> more = new ArrayList<>(all);
        more.add(another);
        return new Judges(more);
    }

    /** What all of them find, the worst first; of equals, as they come. */
    public List<Finding> findings(CheckedCard card) {
        Words words = new Words(card);
        return all.stream()
                .flatMap(judge -> judge.findings(card, words).stream())
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }
}
