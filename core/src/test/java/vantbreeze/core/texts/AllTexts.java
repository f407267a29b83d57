package vantbreeze.core.texts;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.StepWords;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.RecipeStyle;
import vantbreeze.core.recipe.RecipeWriter;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;

/** What every structure can say, over rulers, sizes and variants, bare and with layers. */
public final class AllTexts {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final List<Ruler> RULERS = List.of(Ruler.EIGHTHS, Ruler.MM_1);
    private static final List<Size> SIZES =
            List.of(new Size(Length.ofInches(5, 1, 2), Length.ofInches(4, 1, 4)), Size.ofMillimetres(105, 150));

    private AllTexts() {}

    /** All cards that are read: every variant of a structure, at each size on each ruler. */
    public static Stream<WorkedPlan> cards(Structure structure) {
        return Stream.of(structure)
                .flatMap(one -> RULERS.stream().flatMap(ruler -> SIZES.stream()
                        .map(size -> structure.proportioned(size, ruler))
                        .flatMap(measures -> variants(structure, measures, ruler))
                        .map(measures -> Plan.of("Kite day", structure.id(), measures, ruler)
                                .withEnvelope(ruler.isInches() ? "a2" : "c6")
                                .withSheet(ruler.isInches() ? "letter" : "a4"))))
                .flatMap(AllTexts::worked);
    }

    /** Not every variant can be had in every size. */
    private static Stream<WorkedPlan> worked(Plan plan) {
        try {
            return Stream.of(WORKSHOP.work(plan));
        } catch (ValidationException refused) {
            return Stream.empty();
        }
    }

    private static Stream<Measures> variants(Structure structure, Measures usual, Ruler ruler) {
        return Stream.concat(
                Stream.of(usual), structure.choices().stream().flatMap(choice -> choice.alternatives().stream()
                        .skip(1)
                        .map(other -> structure.rechosen(usual, choice.id(), other.id(), ruler))));
    }

    /** What is said of a card on its own. */
    public static List<Said> of(WorkedPlan card) {
        List<Said> said = new ArrayList<>();
        String where = "%s %s".formatted(card.structure().name(), card.ruler().id());
        structure(card.structure(), where, said);
        FoldGraph graph = card.form().graph();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            said.add(new Said(where + " panel", graph.name(panel)));
        }
        graph.assembly().pieces().forEach(piece -> said.add(new Said(where + " piece", piece.name())));
        card.form().stations().forEach(station -> said.add(new Said(where + " station", station.name())));
        findings(card, where, said);
        steps(card, where, said);
        RecipeWriter.write(card, card.ruler(), RecipeStyle.FULL)
                .lines()
                .forEach(line -> said.add(new Said(where + " recipe", line)));
        limits(card, where, said);
        return said;
    }

    /** What is said of its layers when it is given the usual ones. */
    public static List<Said> dressed(WorkedPlan card) {
        WorkedPlan worked = withLayers(card);
        List<Said> said = new ArrayList<>();
        String where =
                "%s %s, layers".formatted(card.structure().name(), card.ruler().id());
        findings(worked, where, said);
        CutWords words = new CutWords(worked.faceWords(), worked.ruler(), Dies.NONE);
        for (Cut cut : worked.cuts().cuts()) {
            said.add(new Said(where + " cut", words.where(cut)));
            said.add(new Said(where + " cut", words.notes(cut)));
        }
        return said;
    }

    /** A card with the usual layers on all that shows. */
    public static WorkedPlan withLayers(WorkedPlan card) {
        Suggestion suggestion = new Suggestion(WORKSHOP, card);
        return card.withDressing(suggestion.dressing(suggestion.usualStack()));
    }

    private static void structure(Structure structure, String where, List<Said> said) {
        said.add(new Said(where, structure.name()));
        for (Parameter parameter : structure.parameters()) {
            said.add(new Said(where + " label " + parameter.id(), parameter.label()));
            said.add(new Said(where + " meaning " + parameter.id(), parameter.meaning()));
        }
        for (Choice choice : structure.choices()) {
            said.add(new Said(where + " choice " + choice.id(), choice.label()));
            said.add(new Said(where + " meaning " + choice.id(), choice.meaning()));
            choice.alternatives().forEach(one -> said.add(new Said(where + " choice " + choice.id(), one.label())));
        }
    }

    /** What is found about it. */
    static void findings(WorkedPlan card, String where, List<Said> said) {
        for (Finding finding : card.findings()) {
            said.add(new Said(where + " finding " + finding.kind().id(), finding.text()));
            finding.mends().forEach(mend -> said.add(new Said(where + " mend", mend.label())));
        }
    }

    private static void steps(WorkedPlan card, String where, List<Said> said) {
        BuildPlan building = card.of(BuildPlan.STAGE);
        for (int i = 0; i < building.steps().size(); i++) {
            BuildStep step = building.steps().get(i);
            StepWords.lines(step, card.ruler()).forEach(line -> said.add(new Said(where + " step", line)));
            said.add(new Said(where + " why of a step", building.why(i)));
        }
    }

    /** What is said when a measure is beyond what is possible. */
    private static void limits(WorkedPlan card, String where, List<Said> said) {
        Structure structure = card.structure();
        for (Parameter parameter : structure.asked(card.measures())) {
            Limits limits = structure.limits(parameter.id(), card.measures());
            Length step = card.ruler().division();
            for (Length beyond :
                    List.of(limits.least().minus(step), limits.most().plus(step))) {
                try {
                    card.plan().changing(structure, parameter.id(), beyond);
                } catch (ValidationException refused) {
                    said.add(new Said(where + " limit " + parameter.id(), refused.getMessage()));
                    refused.ways().forEach(way -> said.add(new Said(where + " way", way.label())));
                }
            }
        }
    }

    /** What is said of allowances. */
    public static List<Said> allowances() {
        return Allowance.ALL.stream()
                .flatMap(one -> Stream.of(one.label(), one.why(), one.source())
                        .map(text -> new Said("allowance " + one.id(), text)))
                .toList();
    }
}
