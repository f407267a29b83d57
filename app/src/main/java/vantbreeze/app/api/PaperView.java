package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Look;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What a paper looks like.
 *
 * @param id as plans name it
 * @param image address of the maker's own picture, if one is printed on it
 */
public record PaperView(
        String id,
        String name,
        String colour,
        Look.Print print,
        String ink,
        String back,
        Cardstock.Pattern pattern,
        double repeatMm,
        @Nullable String image) {

    static PaperView of(String id, Cardstock paper) {
        Look look = paper.look();
        return new PaperView(
                id,
                paper.name(),
                paper.colour(),
                look.print(),
                look.ink(),
                look.back(),
                paper.pattern(),
                look.print().repeat(),
                look.image() == null ? null : "/api/stock/pictures/" + look.image());
    }

    /** What a card's pieces and its layers are cut from, each once. */
    static List<PaperView> of(WorkedPlan worked) {
        Map<String, PaperView> papers = new LinkedHashMap<>();
        worked.of(Stages.PIECE_STOCKS)
                .forEach(piece -> papers.computeIfAbsent(piece.stockId(), id -> of(id, piece.stock())));
        worked.layers()
                .all()
                .forEach(layer -> papers.computeIfAbsent(layer.choice().paper(), id -> of(id, layer.paper())));
        return List.copyOf(papers.values());
    }

    /** For each panel of a card the id of what its piece is made of. */
    static List<String> madeOf(WorkedPlan worked) {
        List<PieceStock> stocks = worked.of(Stages.PIECE_STOCKS);
        List<String> madeOf = new ArrayList<>();
        for (int piece = 0; piece < stocks.size(); piece++) {
            int panels = worked.pieces().get(piece).panels().all().size();
            madeOf.addAll(Collections.nCopies(panels, stocks.get(piece).stockId()));
        }
        return madeOf;
    }
}
