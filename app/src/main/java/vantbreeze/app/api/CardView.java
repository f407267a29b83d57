package vantbreeze.app.api;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.lang.Nullable;
import vantbreeze.app.cards.Card;
import vantbreeze.core.check.Finding;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Parameter;
import vantbreeze.exchange.document.PlanDocument;

/**
 * One card, all of it: what the maker decided and what follows.
 *
 * @param revision to be sent back with a change
 * @param document the plan document, to go back to by undo
 */
public record CardView(UUID id, int revision, Instant changedAt, String name, String structure, String structureName,
                       String ruler, @Nullable String envelope, @Nullable String sheet, String notes,
                       List<MeasureView> measures, List<PieceView> pieces, FormView form, SizeView footprint,
                       @Nullable FitView fit, List<FindingView> findings, String document) {

    /** A measure the maker may change. */
    public record MeasureView(String id, String label, String meaning, FigureView figure) { }

    /** Something the maker should know. */
    public record FindingView(Finding.Severity severity, String about, String text, @Nullable MendView mend) { }

    /** A change of one measure that puts a finding right. */
    public record MendView(String measure, String text, String label) { }

    static CardView of(Card card) {
        WorkedPlan worked = card.worked();
        Ruler ruler = card.plan().ruler();
        return new CardView(card.id(), card.revision(), card.changedAt(), card.plan().name(), worked.structure().id(),
                worked.structure().name(), ruler.id(), card.plan().envelopeId(), card.plan().sheetId(), card.plan().notes(),
                worked.structure().parameters().stream().map(parameter -> measure(parameter, card)).toList(),
                worked.pieces().stream().map(piece -> PieceView.of(piece, worked.structure(), ruler)).toList(),
                FormView.of(worked),
                SizeView.of(worked.footprint(), ruler), worked.fit() == null ? null : FitView.of(worked.fit(), ruler),
                worked.findings().stream().map(finding -> finding(finding, ruler)).toList(),
                PlanDocument.write(card.plan()));
    }

    private static MeasureView measure(Parameter parameter, Card card) {
        return new MeasureView(parameter.id(), parameter.label(), parameter.meaning(),
                FigureView.of(card.plan().measures().get(parameter.id()), card.plan().ruler()));
    }

    private static FindingView finding(Finding finding, Ruler ruler) {
        Finding.Mend mend = finding.mend();
        return new FindingView(finding.severity(), finding.about(), finding.text(), mend == null ? null
                : new MendView(mend.parameter(), Figure.of(mend.length(), ruler).text(), mend.label()));
    }
}
