package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.core.build.BuildStep.OfPaper;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.HowCut;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;

/** What is cut from each paper. Cut by cut it is walked through by the plan of cuts, where that is known. */
final class PaperSteps {

    /** Usual time of a blank, seconds; from memory. */
    private static final int A_BLANK = 40;

    private final WorkedPlan card;

    PaperSteps(WorkedPlan card) {
        this.card = card;
    }

    /** How the step of a paper is known. */
    static StepId id(String stockId) {
        return new StepId(StepKind.CUT, stockId);
    }

    /** One step for each paper. */
    List<BuildStep> steps() {
        List<BuildStep> steps = new ArrayList<>();
        card.blanks().byStock().forEach((stockId, blanks) -> steps.add(step(stockId, blanks)));
        return steps;
    }

    private BuildStep step(String stockId, List<Blank> blanks) {
        int count = blanks.stream().mapToInt(Blank::count).sum();
        return BuildStep.of(
                id(stockId),
                String.format(
                        Locale.ROOT,
                        count == 1 ? "Cut %2$s" : "Cut %2$s, %1$d pieces",
                        count,
                        blanks.get(0).stock().name()),
                "",
                StepTool.TRIMMER,
                new OfPaper(stockId),
                blanks.stream().map(this::reading).toList(),
                List.of("Keep fingers off the blade's way; cap the knife."),
                A_BLANK * count);
    }

    private Reading reading(Blank blank) {
        Size size = blank.size();
        List<String> words = new ArrayList<>();
        words.add(
                blank.count() == 1
                        ? blank.name()
                        : String.format(Locale.ROOT, "%d of %s", blank.count(), blank.name()));
        how(blank).ifPresent(words::add);
        if (blank.uses().get(0) instanceof Blank.OfRun run) {
            words.add(String.format(
                    Locale.ROOT,
                    "then cut apart into %d, kept in order",
                    run.parts().size()));
        }
        return new Reading(
                List.of(new Shown(size.width(), null), new Shown(size.height(), "×")),
                String.join("; ", words),
                List.of());
    }

    private Optional<String> how(Blank blank) {
        return blank.outline().isRectangle()
                ? Optional.empty()
                : new HowCut(card.ruler(), card.tools().dies())
                        .of(blank.outline())
                        .or(() -> Optional.of(PieceWords.OUTLINE));
    }
}
