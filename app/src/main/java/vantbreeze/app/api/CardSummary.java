package vantbreeze.app.api;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.lang.Nullable;
import vantbreeze.app.cards.Card;
import vantbreeze.core.check.Finding;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A card in the list.
 *
 * @param panels corners of each panel on the sheet
 * @param partOpen a matrix for each panel, as it shows best what it is
 * @param layers what lies on the panels, of each face from below
 * @param papers what the layers are cut from
 * @param base what the card itself is made of
 * @param lies whether it is displayed lying; otherwise it stands
 * @param wrong how many findings keep it from being made
 */
public record CardSummary(UUID id, String name, String structureName, Instant changedAt, SizeView footprint,
                          @Nullable String envelope, List<List<PointView>> panels, List<double[]> partOpen, boolean lies, List<LayerView> layers,
                          List<PaperView> papers, PaperView base, long wrong) {

    static CardSummary of(Card card) {
        WorkedPlan worked = card.worked();
        return new CardSummary(card.id(), card.plan().name(), worked.structure().name(), card.changedAt(),
                SizeView.of(worked.footprint(), card.plan().ruler()),
                worked.fit() == null ? null : worked.fit().envelope().name(),
                FormView.panels(worked),
                FormView.showing(worked), worked.structure().lies(), LayerView.unnumbered(worked), PaperView.of(worked), PaperView.base(worked),
                worked.findings().stream().filter(f -> f.severity() == Finding.Severity.WRONG).count());
    }
}
