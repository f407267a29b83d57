package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.fold.folding.FlapLaps;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.motion.StandingLaps;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;

/** Says where flaps that should meet lie on each other or touch, and where wings of a standing card do. */
record FlapJudge(CheckedCard card, Words words) {

    private static final Kind LAP = Kind.check("flaps-lap");
    private static final Kind NO_HAIR = Kind.tip("flaps-touch");
    private static final Kind WINGS = Kind.check("wings-lap");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        Folding form = card.form();
        FlapLaps laps = new FlapLaps(form.graph(), form.closed(), form.flat());
        laps.all().forEach(lap -> findings.add(overlap(LAP, "", lap.one(), lap.other(), lap.width())));
        laps.meeting()
                .forEach(lap -> findings.add(NO_HAIR.of(
                                "fold",
                                "%s and %s meet with no hair between them: trim one by %s, or they catch."
                                        .formatted(
                                                words.name(lap.one()), words.name(lap.other()), words.estimate(hair())))
                        .mendedBy(narrower(lap.other(), hair()))));
        if (!card.structure().lies() && card.isThorough()) {
            standing(form)
                    .ifPresent(lap -> findings.add(
                            overlap(WINGS, "When the card stands, ", lap.one(), lap.other(), lap.width())));
        }
        return findings;
    }

    private Finding overlap(Kind kind, String when, int one, int other, double width) {
        Length by = Length.nearest(width);
        return kind.of(
                        "fold",
                        "%s%s and %s overlap by %s: make one of them narrower by that."
                                .formatted(when, words.name(one), words.name(other), words.least(by)))
                .mendedBy(narrower(other, by));
    }

    /** The widest lap as the card is displayed, or as it stands when it is opened all the way. */
    private Optional<StandingLaps.Lap> standing(Folding form) {
        return Stream.of(0.0, card.structure().showing())
                .flatMap(showing -> new StandingLaps(form.graph(), form.display(showing)).all().stream())
                .max(Comparator.comparingDouble(StandingLaps.Lap::width));
    }

    private Length hair() {
        return card.tools().allowances().of(Allowance.GATE_HAIR).dividedBy(2);
    }

    /** By the measure that is the width of just this panel. */
    private @Nullable Mend narrower(int panel, Length by) {
        var named = card.form().graph().panels().get(panel);
        return card.structure().asked(card.measures()).stream()
                .filter(parameter -> parameter.panels().equals(List.of(named.name())))
                .map(Parameter::id)
                .findFirst()
                .map(id -> words.atMost(
                        id, card.structure().measure(id, card.measures()).minus(by)))
                .orElse(null);
    }
}
