package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import vantbreeze.app.api.CuttingView.JoinOfferView;
import vantbreeze.app.api.CuttingView.SeamView;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.cutting.Seam;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.plan.PieceJoining;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** Pieces of one paper that are joined from parts, or could be, told. */
record JoinedPieces(WorkedPlan worked, PaperPlan plan) {

    List<JoinOfferView> offers() {
        return plan.leftOut().stream()
                .filter(left -> left.why() != PaperPlan.Why.TOO_FEW)
                .flatMap(left -> offer(left.blank()).stream())
                .toList();
    }

    private Optional<JoinOfferView> offer(Blank blank) {
        if (!(blank.uses().get(0) instanceof Blank.OfPiece one)) {
            return Optional.empty();
        }
        return new PieceJoining(worked)
                .best(one.piece(), blank, worked.workshop().sheets())
                .map(parts -> new JoinOfferView(
                        plan.blanks().indexOf(blank),
                        String.format(
                                Locale.ROOT,
                                "Join %s from %d parts",
                                blank.name(),
                                parts.parts().size()),
                        "Or join it from %s.".formatted(new PieceJoining(worked).inWords(parts))));
    }

    List<SeamView> seams() {
        List<PieceStock> stocks = worked.of(Stages.PIECE_STOCKS);
        List<PieceParts> parts = worked.of(Stages.PARTS);
        List<SeamView> all = new ArrayList<>();
        IntStream.range(0, stocks.size())
                .filter(piece -> stocks.get(piece).stockId().equals(plan.stockId()))
                .forEach(piece -> all.addAll(seams(stocks.get(piece).piece(), parts.get(piece))));
        return all;
    }

    private List<SeamView> seams(PieceId id, PieceParts parts) {
        List<Seam> seams =
                parts.isSeamed() ? parts.seams() : worked.plan().cutting().seamsOf(id);
        return IntStream.range(0, seams.size())
                .mapToObj(i -> new SeamView(
                        id.name(),
                        id.nth(),
                        worked.plan().cutting().seamsOf(id).indexOf(seams.get(i)),
                        i > 0 ? "" : words(id, parts),
                        FigureView.of(seams.get(i).at(), worked.ruler()),
                        seams.get(i).upright() ? "its left edge" : "its foot",
                        !parts.isSeamed()))
                .toList();
    }

    private String words(PieceId id, PieceParts parts) {
        return parts.isSeamed()
                ? "%s is joined from %s.".formatted(id.inWords(), new PieceJoining(worked).inWords(parts))
                : "%s is cut whole: where it was joined lies a fold, a slit or an edge by now.".formatted(id.inWords());
    }
}
