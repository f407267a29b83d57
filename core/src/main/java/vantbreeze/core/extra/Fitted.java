package vantbreeze.core.extra;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * An extra on the card that is to carry it, with its measures.
 *
 * @param extra what is set on it
 * @param kind what kind that is
 * @param on the face that it is glued on
 * @param to the face that its other end is glued on, if there is one
 * @param fold the fold between the two, if they are neighbours
 * @param closed the card folded flat, without it
 * @param measures the card's measures
 */
record Fitted(
        Extra extra,
        ExtraKind kind,
        Footing on,
        @Nullable Footing to,
        @Nullable FoldBetween fold,
        FoldedForm closed,
        Measures measures,
        Allowances allowances) {

    /** None where the card has not the panels that it stands on, or they do not lie as it needs them. */
    static Optional<Fitted> of(Extra extra, FoldedForm closed, Measures measures, Allowances allowances) {
        FoldGraph graph = closed.graph();
        List<PieceId> pieces = PieceId.all(graph.assembly().pieces());
        Optional<ExtraKind> kind = ExtraKinds.find(extra.kind());
        Optional<Footing> on = footing(extra.on(), pieces, graph);
        Optional<Footing> to = extra.to() == null ? Optional.empty() : footing(extra.to(), pieces, graph);
        if (kind.isEmpty() || on.isEmpty() || (extra.to() != null && to.isEmpty())) {
            return Optional.empty();
        }
        FoldBetween fold =
                to.flatMap(other -> FoldBetween.of(on.get(), other, graph)).orElse(null);
        Fitted fitted = new Fitted(extra, kind.get(), on.get(), to.orElse(null), fold, closed, measures, allowances);
        return kind.get().suits(fitted) ? Optional.of(fitted) : Optional.empty();
    }

    private static Optional<Footing> footing(FaceId face, List<PieceId> pieces, FoldGraph graph) {
        Optional<PanelRef> ref = face.find(pieces);
        return ref.flatMap(graph::find)
                .map(panel -> Footing.of(ref.get(), face.side(), graph.panels().get(panel)));
    }

    /** How long one of its measures is: as somebody said, or as it usually is. */
    Length get(String key) {
        Length said = measures.byId().get(extra.key(key));
        return said != null ? said : kind.usual(key, this);
    }

    /** Whether somebody said how long one of its measures is. */
    boolean says(String key) {
        return measures.says(extra.key(key));
    }

    /** How long somebody said that one of its measures is; where nobody did, as far as it gives way. */
    Length said(String key, Length otherwise) {
        return measures.byId().getOrDefault(extra.key(key), otherwise);
    }

    /** Why it can't be built with its measures as they are; empty when it can. */
    Optional<String> refusal() {
        return kind.measures().stream()
                .filter(measure -> measure.isAsked(this))
                .flatMap(measure -> kind.limits(measure.key(), this).against(get(measure.key())).stream())
                .findFirst();
    }

    /** Whether this is chosen about it. */
    boolean isChosen(Choice choice, String alternative) {
        return measures.chosen(Measure.of(extra, choice)).equals(alternative);
    }

    /** As long as the maker allows, on the card's ruler. */
    Length allowed(Allowance.OfLength allowance) {
        return allowances.of(allowance, measures.ruler());
    }

    /** A part that nobody chose, on the mark below, one at least. */
    Length marked(Length part) {
        return measures.ruler() == null
                ? part
                : measures.ruler().below(part).length().max(measures.ruler().division());
    }

    /** A place that nobody chose, on the mark below. */
    Length place(Length at) {
        return measures.ruler() == null
                ? at
                : measures.ruler().below(at).length().max(Length.ZERO);
    }

    /** A tab as it is made on every card, or narrower where there is little room, but one that holds. */
    Length tab(Length most) {
        return atLeast(Allowance.LEAST_TAB, allowed(Allowance.TAB).min(most));
    }

    /** A part on the mark below, or on the first mark that is allowed. */
    Length atLeast(Allowance.OfLength least, Length part) {
        Length marked = marked(part);
        Length limit = allowed(least);
        if (!marked.isShorterThan(limit)) {
            return marked;
        }
        return measures.ruler() == null ? limit : measures.ruler().above(limit).length();
    }

    /** The second of the two faces. */
    Footing other() {
        return requireNonNull(to);
    }

    /** The fold between the two. */
    FoldBetween between() {
        return requireNonNull(fold);
    }

    /** Where each panel of the card lies when it is closed. */
    Rigid lies(Footing footing) {
        return closed.placed()
                .get(closed.graph().find(footing.ref()).orElseThrow())
                .motion();
    }
}
