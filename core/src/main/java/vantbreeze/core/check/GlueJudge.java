package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.bulk.Relief;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Whether what is glued holds, tubes square, and nested panels have room. */
record GlueJudge(CheckedCard card, Words words) {

    private static final Kind TOO_NARROW = Kind.mustFix("tab-too-narrow");
    private static final Kind NARROW = Kind.tip("tab-narrow");
    /** More of a panel than this part of it is all of it. */
    private static final double MOSTLY = 0.95;

    private static final Kind TUBE = Kind.check("tube-not-square");
    private static final Kind NEST = Kind.tip("nest-wants-relief");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        tabs(findings);
        tubes(findings);
        nests(findings);
        return findings;
    }

    /** A tab that is too narrow, and by which measure it is made wider. */
    private record NarrowTab(int panel, Length width, @Nullable String measure) {}

    private void tabs(List<Finding> findings) {
        tabs(narrow(width -> width.isShorterThan(leastTab())), TOO_NARROW).ifPresent(findings::add);
        tabs(narrow(width -> !width.isShorterThan(leastTab())), NARROW).ifPresent(findings::add);
    }

    /** One finding for all of them; mended where one measure is that of each. */
    private Optional<Finding> tabs(List<NarrowTab> narrow, Kind kind) {
        if (narrow.isEmpty()) {
            return Optional.empty();
        }
        NarrowTab first =
                narrow.stream().min(Comparator.comparing(NarrowTab::width)).orElseThrow();
        String measure = narrow.stream().allMatch(tab -> Objects.equals(tab.measure(), first.measure()))
                ? first.measure()
                : null;
        boolean one = narrow.size() == 1;
        String text = "%s %s glued over only %s: %s holds, %s is the least."
                .formatted(
                        Words.list(narrow.stream()
                                .map(tab -> words.name(tab.panel()))
                                .toList()),
                        one ? "is" : "are",
                        words.write(first.width()),
                        words.least(tab()),
                        words.least(leastTab()));
        return Optional.of(kind.of(measure == null ? "glue" : measure, text)
                .mendedBy(measure == null ? null : words.atLeast(measure, tab())));
    }

    /** A tab is a panel that hangs on one hinge and is glued. */
    private List<NarrowTab> narrow(Predicate<Length> which) {
        var graph = card.form().graph();
        Set<Integer> glued = graph.joins().stream()
                .flatMap(join -> Stream.of(join.from(), join.to()))
                .collect(Collectors.toSet());
        List<NarrowTab> narrow = new ArrayList<>();
        for (int index : glued.stream().sorted().toList()) {
            List<Link.Folded> hinges = graph.hinges().stream()
                    .filter(link -> link.from() == index || link.to() == index)
                    .toList();
            Panel panel = graph.panels().get(index);
            boolean upright = hinges.size() == 1 && hinges.get(0).hinge().line().isUpright();
            if (upright
                    && panel.width().isShorterThan(tab())
                    && which.test(panel.width())
                    && graph.joins().stream().noneMatch(join -> join.join().slides())) {
                narrow.add(new NarrowTab(index, panel.width(), measure(panel)));
            }
        }
        return narrow;
    }

    private @Nullable String measure(Panel panel) {
        return card.structure().parameters().stream()
                .filter(parameter -> parameter.panels().contains(panel.name()))
                .map(Parameter::id)
                .findFirst()
                .orElse(null);
    }

    /** A panel glued inside another of the same piece, not its neighbour, closes a tube. */
    private void tubes(List<Finding> findings) {
        var graph = card.form().graph();
        for (Link.Glued join : graph.joins()) {
            boolean samePiece =
                    graph.pieceOf().get(join.from()).equals(graph.pieceOf().get(join.to()));
            boolean neighbours = graph.hinges().stream()
                    .anyMatch(link -> Set.of(link.from(), link.to()).equals(Set.of(join.from(), join.to())));
            Length outer = graph.panels().get(join.from()).width();
            if (samePiece
                    && !neighbours
                    && liesIn(join)
                    && !graph.panels().get(join.to()).width().isShorterThan(outer)) {
                findings.add(TUBE.of(
                        "glue",
                        "%s is as wide as %s, in which it lies: the tube will not square. Cut it %s narrower."
                                .formatted(
                                        words.name(join.to()),
                                        words.name(join.from()),
                                        words.write(allowances().of(Allowance.TUBE_SLIVER, card.ruler())))));
            }
        }
    }

    /** Whether all of the panel that is glued lies on the other, and does not only lap over its end. */
    private boolean liesIn(Link.Glued join) {
        Panel glued = card.form().graph().panels().get(join.to());
        Panel other = card.form().graph().panels().get(join.from());
        double shared = Flat.common(other.shape(), new PlacedPanel(glued, join.motion(0)).shadow())
                .getArea();
        return shared >= MOSTLY * glued.shape().getArea();
    }

    private void nests(List<Finding> findings) {
        // what is wrapped is told by the order, which must be more than a guess
        if (card.closedCard().bulk() == null || card.form().ordering().verdict() != Ordering.Verdict.FOUND) {
            return;
        }
        Relief.of(card.form().closed(), card.closedCard().bulk()).stream()
                .map(relief -> relief.times(allowances().of(Allowance.NEST_RELIEF)))
                .filter(relief -> relief.millimetres()
                        >= allowances().of(Allowance.RELIEF_MINDED).millimetres())
                .filter(relief -> relief.shows(card.form().closed()))
                .max(Comparator.comparingDouble(Relief::millimetres))
                .ifPresent(relief -> findings.add(NEST.of("fold", nest(relief))));
    }

    private String nest(Relief relief) {
        FoldGraph graph = card.form().graph();
        Link.Folded hinge = graph.hinges().get(relief.hinge());
        String much = words.estimate(relief.millimetres());
        String fold = "the fold between %s and %s".formatted(words.name(hinge.from()), words.name(hinge.to()));
        List<Integer> others = relief.wrapped().stream()
                .filter(panel ->
                        !graph.pieceOf().get(panel).equals(graph.pieceOf().get(hinge.from())))
                .toList();
        if (others.isEmpty()) {
            return "Panels lie inside %s: score that fold twice, %s apart, or they push past the edge."
                    .formatted(fold, much);
        }
        boolean one = others.stream().map(graph::pieceName).distinct().count() == 1;
        return "%s %s inside %s: cut %s %s shorter, or score that fold twice, as far apart."
                .formatted(words.parts(others), one ? "lies" : "lie", fold, one ? "it" : "them", much);
    }

    private Length tab() {
        return allowances().of(Allowance.TAB, card.ruler());
    }

    private Length leastTab() {
        return allowances().of(Allowance.LEAST_TAB, card.ruler());
    }

    private Allowances allowances() {
        return card.tools().allowances();
    }
}
