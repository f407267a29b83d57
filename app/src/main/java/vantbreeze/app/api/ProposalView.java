package vantbreeze.app.api;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.length.Ruler;

/** A size to start from. */
public record ProposalView(
        SizeView finished,
        @Nullable FitView fit,
        @Nullable String envelopeId,
        int pieces,
        PieceView.YieldView yield,
        int cards,
        double waste,
        boolean onGrooves,
        Proposal.Bound bound) {

    static ProposalView of(Proposal proposal, Ruler ruler) {
        return new ProposalView(
                SizeView.of(proposal.finished(), ruler),
                proposal.fit() == null ? null : FitView.of(proposal.fit(), ruler),
                proposal.fit() == null ? null : proposal.fit().envelope().id(),
                proposal.pieces(),
                PieceView.YieldView.of(proposal.yield()),
                proposal.cards().cards(),
                proposal.cards().waste(),
                proposal.onGrooves(),
                proposal.bound());
    }
}
