package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.bulk.Relief;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Whether what is glued holds, tubes square, and nested panels have room. */
record GlueJudge(CheckedCard card, Words words) {

    private static final Kind TOO_NARROW = Kind.wrong("tab-too-narrow");
    private static final Kind NARROW = Kind.hint("tab-narrow");
    private static final Kind TUBE = Kind.note("tube-not-square");
    private static final Kind NEST = Kind.hint("nest-wants-relief");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        tabs(findings);
        tubes(findings);
        nests(findings);
        return findings;
    }

    /** A tab is a panel that hangs on one hinge and is glued. */
    private void tabs(List<Finding> findings) {
        var graph = card.form().graph();
        Set<Integer> glued = graph.joins().stream()
                .flatMap(join -> Stream.of(join.from(), join.to()))
                .collect(Collectors.toSet());
        for (int index : glued.stream().sorted().toList()) {
            List<Link.Folded> hinges = graph.hinges().stream()
                    .filter(link -> link.from() == index || link.to() == index)
                    .toList();
            Panel panel = graph.panels().get(index);
            boolean upright = hinges.size() == 1 && hinges.get(0).hinge().line().isUpright();
            if (!upright
                    || !panel.width().isShorterThan(tab())
                    || graph.joins().stream().anyMatch(join -> join.join().slides())) {
                continue;
            }
            boolean tooNarrow = panel.width().isShorterThan(leastTab());
            String measure = card.structure().parameters().stream()
                    .filter(parameter -> parameter.panels().contains(panel.name()))
                    .map(Parameter::id)
                    .findFirst()
                    .orElse(null);
            findings.add((tooNarrow ? TOO_NARROW : NARROW)
                    .of(
                            measure == null ? "glue" : measure,
                            "%s is glued over only %s: %s holds, %s is the least."
                                    .formatted(
                                            words.name(index),
                                            words.write(panel.width()),
                                            words.write(tab()),
                                            words.write(leastTab())))
                    .mendedBy(measure == null ? null : words.atLeast(measure, tab())));
        }
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
                    && !graph.panels().get(join.to()).width().isShorterThan(outer)) {
                findings.add(TUBE.of(
                        "glue",
                        "%s is as wide as %s, in which it lies: the tube will not square. Cut it about %s narrower."
                                .formatted(
                                        words.name(join.to()),
                                        words.name(join.from()),
                                        words.write(allowances().of(Allowance.TUBE_SLIVER, card.ruler())))));
            }
        }
    }

    private void nests(List<Finding> findings) {
        // what is wrapped is told by the order, which must be more than a guess
        if (card.closedCard().bulk() == null || card.form().ordering().verdict() != Ordering.Verdict.FOUND) {
            return;
        }
        Relief.of(card.form().closed(), card.closedCard().bulk()).stream()
                .map(relief -> relief.times(allowances().of(Allowance.NEST_RELIEF)))
                .max(Comparator.comparingDouble(Relief::millimetres))
                .filter(relief -> relief.millimetres()
                        >= allowances().of(Allowance.RELIEF_MINDED).millimetres())
                .ifPresent(relief -> {
                    var hinge = card.form().graph().hinges().get(relief.hinge());
                    findings.add(NEST.of(
                            "fold",
                            String.format(
                                    Locale.ROOT,
                                    "The fold between %s and %s wraps %d layers: what lies inside wants to be "
                                            + "about %s shorter, or burnish that fold last.",
                                    words.name(hinge.from()),
                                    words.name(hinge.to()),
                                    layers(relief),
                                    words.write(relief.millimetres()))));
                });
    }

    /** Panels, and what lies on them. */
    private long layers(Relief relief) {
        return relief.wrapped().size()
                + card.layers().all().stream()
                        .filter(layer -> relief.wrapped().contains(layer.face().panel()))
                        .count();
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
