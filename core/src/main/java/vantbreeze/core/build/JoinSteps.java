package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.build.BuildStep.OfJoin;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.check.Words;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Allowance;

/** What is glued, threaded and tried dry. */
final class JoinSteps {

    /** Usual times, seconds; from memory. */
    private static final int A_JOIN = 60;

    private static final int A_TRIAL = 30;

    private final WorkedPlan card;
    private final BuildChoices choices;
    private final FoldGraph graph;
    private final List<JoinId> ids;
    /** Of each join that is glued. */
    private final Map<JoinId, Gluing.Advice> advice = new HashMap<>();

    JoinSteps(WorkedPlan card, BuildChoices choices) {
        this.card = card;
        this.choices = choices;
        this.graph = card.form().graph();
        this.ids = JoinId.all(graph.assembly());
        Gluing gluing = new Gluing(card.form(), card.tools(), card.ruler());
        for (JoinId join : ids) {
            gluing.of(link(join)).ifPresent(found -> advice.put(join, found));
        }
    }

    private Link.Glued link(JoinId join) {
        return graph.joins().get(ids.indexOf(join));
    }

    /** How the step of a join is known. */
    StepId id(JoinId join) {
        String nth = join.nth() == 1 ? "" : String.format(Locale.ROOT, " (%d)", join.nth());
        return new StepId(link(join).join().slides() ? StepKind.THREAD : StepKind.GLUE, join.inWords() + nth);
    }

    /** Whether it closes a piece on itself: a tube, a pocket. */
    boolean closesItself(JoinId join) {
        Link.Glued link = link(join);
        return graph.pieceOf().get(link.from()).equals(graph.pieceOf().get(link.to()));
    }

    /** It is folded round dry. */
    BuildStep tried(JoinId join) {
        return BuildStep.of(
                new StepId(StepKind.TRIM, id(join).of()),
                "Try %s dry".formatted(join.inWords()),
                ("Fold it round without glue. It lies %ssquare? If it bulges, trim a sliver off the edge that"
                                + " goes inside.")
                        .formatted(card.form().isClosedFlat() ? "flat and " : ""),
                StepTool.TRIMMER,
                new OfJoin(join),
                List.of(new Reading(
                        List.of(new Shown(card.tools().allowances().of(Allowance.TUBE_SLIVER, card.ruler()), null)),
                        "a sliver at the most",
                        List.of())),
                List.of(),
                A_TRIAL);
    }

    /** What a join is glued with, and whether the maker chose it. */
    Optional<Adhesive> adhesive(JoinId join) {
        return chosen(join).or(() -> advice(join).map(Gluing.Advice::adhesive));
    }

    private Optional<Adhesive> chosen(JoinId join) {
        return choices.adhesive(join).flatMap(card.tools().adhesives()::find);
    }

    /** What is wanted for a join and is not on hand; nothing where something is that holds. */
    Optional<Adhesive> missing(JoinId join) {
        return chosen(join)
                .map(own ->
                        Optional.of(own).filter(one -> !card.tools().adhesives().isOnHand(one)))
                .orElseGet(() -> advice(join).filter(found -> !found.isOnHand()).map(Gluing.Advice::adhesive));
    }

    /** Nothing of what is threaded. */
    private Optional<Gluing.Advice> advice(JoinId join) {
        return Optional.ofNullable(advice.get(join));
    }

    /** It is threaded. */
    BuildStep threaded(JoinId join) {
        Link.Glued link = link(join);
        return BuildStep.of(
                id(join),
                "Thread %s through %s".formatted(graph.name(link.to()), graph.name(link.from())),
                "No glue here: it slides.",
                StepTool.HANDS,
                new OfJoin(join),
                List.of(),
                List.of(),
                A_TRIAL);
    }

    /**
     * It is glued.
     *
     * @param glue where glue comes, as a hand comes there
     */
    BuildStep glued(JoinId join, List<GlueArea> glue) {
        Link.Glued link = link(join);
        Gluing.Advice found = advice(join).orElseThrow();
        Optional<Adhesive> own = chosen(join);
        Adhesive adhesive = own.orElse(found.adhesive());
        String because = own.filter(one -> !one.equals(found.adhesive()))
                .map(one -> "%s is what you chose; %s would be usual."
                        .formatted(one.name(), found.adhesive().name().toLowerCase(Locale.ROOT)))
                .orElse(
                        choices.adhesive(join).isPresent() && own.isEmpty()
                                ? "What was chosen for it is not among the adhesives any more. " + found.because()
                                : found.because());
        List<Reading> readings = new ArrayList<>();
        for (GlueArea area : glue) {
            Envelope box = area.shape().getEnvelopeInternal();
            readings.add(new Reading(
                    List.of(
                            new Shown(Length.nearest(box.getWidth()), null),
                            new Shown(Length.nearest(box.getHeight()), "×")),
                    "%s on %s, %s%s"
                            .formatted(
                                    adhesive.name(),
                                    graph.name(area.panel()),
                                    area.side() == Side.FACE ? "this side" : "turned over",
                                    dry(area, link).map(words -> "; " + words).orElse("")),
                    List.of()));
        }
        boolean lineUp = !closesItself(join);
        readings.add(Reading.of(
                lineUp
                        ? "Lay it on %s and line it up%s".formatted(on(link, glue), wriggle(adhesive))
                        : "Let it close itself, so that it lies where it wants to%s".formatted(wriggle(adhesive))));
        if (adhesive.sets() > 0) {
            readings.add(
                    Reading.of("Clip it or weigh it down; scrap between what must not stick. Lift once while wet"));
        } else if (adhesive.kind() != Adhesive.Kind.FOAM) {
            readings.add(Reading.of("Burnish it down, then open and close it: does it spring or rock?"));
        }
        String weak = found.weak().isEmpty() ? "" : " " + found.weak();
        return new BuildStep(
                id(join),
                "Glue %s".formatted(join.inWords()),
                missing(join).map(one -> one.name() + " is not on hand. ").orElse("")
                        + because
                        + weak
                        + " Keep off the fold and off the line that opens.",
                StepTool.ADHESIVE,
                new OfJoin(join),
                readings,
                adhesive.cautions(),
                A_JOIN,
                adhesive.sets());
    }

    private String on(Link.Glued link, List<GlueArea> glue) {
        boolean isOnGlued = glue.isEmpty() || glue.get(0).panel() == link.to();
        return graph.name(isOnGlued ? link.from() : link.to());
    }

    private static String wriggle(Adhesive adhesive) {
        return "; it " + adhesive.openInWords();
    }

    /** What stays dry: the rest where only a part of what two panels share is glued, and what is one flat with it. */
    private Optional<String> dry(GlueArea area, Link.Glued link) {
        List<String> beside = card.grounds().sheet(area.panel()).stream()
                .filter(panel -> panel != area.panel() && !isGlued(panel, area.other()))
                .map(graph::name)
                .toList();
        if (!beside.isEmpty()) {
            return Optional.of("keep %s dry".formatted(Words.list(beside)));
        }
        return GlueArea.isAllGlued(link, graph, graph.panels().get(link.from()).shape())
                ? Optional.empty()
                : Optional.of("the rest stays dry");
    }

    private boolean isGlued(int panel, int other) {
        return graph.joins().stream()
                .anyMatch(link ->
                        (link.from() == panel && link.to() == other) || (link.to() == panel && link.from() == other));
    }
}
