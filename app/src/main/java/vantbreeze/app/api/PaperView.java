package vantbreeze.app.api;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Look;
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

    /** What a card's layers are cut from. */
    static List<PaperView> of(WorkedPlan worked) {
        Map<String, PaperView> papers = new LinkedHashMap<>();
        worked.layers()
                .all()
                .forEach(layer -> papers.computeIfAbsent(layer.choice().paper(), id -> of(id, layer.paper())));
        return List.copyOf(papers.values());
    }

    /** What a card itself is made of. */
    static PaperView base(WorkedPlan worked) {
        return of(
                worked.plan().cardstockId() == null
                        ? Cardstocks.USUAL
                        : worked.plan().cardstockId(),
                worked.cardstock());
    }
}
