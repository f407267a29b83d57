package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.core.build.BuildStep.OfCard;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.check.Words;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** What is stamped while all lies flat, and what is tried and sent when all is done. */
final class LastSteps {

    private static final String ALL = "card";

    /** Usual times, seconds; from memory. */
    private static final int STAMPING = 120;

    private static final int TRYING = 60;
    private static final int SENDING = 180;

    private final WorkedPlan card;

    LastSteps(WorkedPlan card) {
        this.card = card;
    }

    /** Stamps and words come on layers before they are laid, as long as all lies flat. */
    BuildStep written() {
        List<Integer> numbers = card.layers().all().stream()
                .map(Layer::face)
                .distinct()
                .map(face -> card.layers().on(face))
                .map(stack -> stack.get(stack.size() - 1))
                .map(top -> card.cuts().numbers().getOrDefault(top, 0))
                .distinct()
                .sorted()
                .toList();
        String which = (numbers.size() == 1 ? "number " : "numbers ") + listed(numbers);
        return BuildStep.of(
                new StepId(StepKind.WRITE, ALL),
                "Stamp and letter what wants it",
                "On the layers that show, %s, while they lie flat and are loose; a panel to write on stays plain."
                        .formatted(which),
                StepTool.PEN,
                new OfCard(),
                List.of(),
                List.of("Heat tools burn, and powders are not to be blown: fresh air, and the maker's safety sheet."),
                STAMPING);
    }

    private static String listed(List<Integer> numbers) {
        List<String> words =
                numbers.stream().map(number -> Integer.toString(number)).toList();
        return Words.list(words);
    }

    /** It is closed, stood up, pulled and put in its envelope. */
    BuildStep tried() {
        List<Reading> readings = new ArrayList<>();
        Size closed = card.footprint();
        readings.add(new Reading(
                List.of(new Shown(closed.width(), null), new Shown(closed.height(), "×")),
                "Closed, %s thick: %snothing pokes out, nothing springs"
                        .formatted(card.thickness(), card.form().isClosedFlat() ? "it lies flat, " : ""),
                List.of()));
        if (!card.structure().lies()) {
            readings.add(Reading.of("Stand it up: does it rock? Every foot edge comes down to the table"));
        }
        FoldGraph graph = card.form().graph();
        for (Link.Glued link : graph.joins()) {
            if (link.join().slides()) {
                readings.add(Reading.of("Pull %s: does it slide, and come back?".formatted(graph.name(link.to()))));
            }
        }
        fit().ifPresent(fit -> readings.add(Reading.of(
                fit.goesIn()
                        ? "Slide it into the %s: it goes in and out without a push"
                                .formatted(fit.envelope().name())
                        : "It does not go into the %s: make or choose another"
                                .formatted(fit.envelope().name()))));
        return BuildStep.of(
                new StepId(StepKind.CHECK, ALL),
                "Try the card",
                "",
                StepTool.HANDS,
                new OfCard(),
                readings,
                List.of(),
                TRYING);
    }

    /** It is written and sent. */
    BuildStep sent() {
        return card.structure().goesInEnvelope() ? posted() : putOn();
    }

    /** A wrap goes round its card. */
    private BuildStep putOn() {
        return BuildStep.of(
                new StepId(StepKind.SEND, ALL),
                "Put it on its card",
                "",
                StepTool.HANDS,
                new OfCard(),
                List.of(Reading.of("The card goes in and comes out without a push")),
                List.of(),
                SENDING);
    }

    private BuildStep posted() {
        String weight = String.format(
                Locale.ROOT, "%.0f g", Math.ceil(card.closedCard().weight().grams()));
        List<Reading> readings = new ArrayList<>();
        readings.add(Reading.of("Write it"));
        readings.add(Reading.of(fit().map(fit -> "Into its envelope, the %s; address it"
                        .formatted(fit.envelope().name()))
                .orElse("Wrap it or find its envelope; address it")));
        readings.add(Reading.of(
                "Stamps: it weighs %s without its envelope and is %s thick".formatted(weight, card.thickness())));
        return BuildStep.of(
                new StepId(StepKind.SEND, ALL),
                "Write it and send it",
                "",
                StepTool.PEN,
                new OfCard(),
                readings,
                List.of(),
                SENDING);
    }

    private Optional<EnvelopeFit> fit() {
        return card.of(Stages.FIT);
    }
}
