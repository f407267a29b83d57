package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.check.Finding;

/** Looks a worked plan over and says what a maker should know before cutting. */
final class Judgement {

    private final Workshop workshop;
    private final WorkedPlan worked;
    private final boolean thorough;

    Judgement(Workshop workshop, WorkedPlan worked, boolean thorough) {
        this.workshop = workshop;
        this.worked = worked;
        this.thorough = thorough;
    }

    /** The worst first; of equals, folding before gluing before standing before paper and tools. */
    List<Finding> findings() {
        Words words = new Words(worked);
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new FoldJudge(worked, words, thorough).findings());
        findings.addAll(new FlapJudge(worked, words).findings());
        findings.addAll(new GlueJudge(worked, words).findings());
        findings.addAll(new LayerJudge(worked, words).findings());
        findings.addAll(new StandJudge(worked, words).findings());
        findings.addAll(new EnvelopeJudge(worked, words).findings());
        findings.addAll(new PaperJudge(workshop, worked, words).findings());
        findings.addAll(new ToolJudge(workshop.tools(), worked, words).findings());
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }
}
