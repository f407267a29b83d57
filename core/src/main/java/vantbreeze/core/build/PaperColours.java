package vantbreeze.core.build;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.plan.WorkedPlan;

/** What colour is seen of each patch of a step's picture: that of its paper's side. */
public final class PaperColours {

    private final Map<String, List<Blank>> blanks;

    /** Those of a card. */
    public PaperColours(WorkedPlan card) {
        this.blanks = card.blanks().byStock();
    }

    /** As {@code #rrggbb}; nothing of film and where glue goes, or where the paper has no colour. */
    public Optional<String> of(Patch patch) {
        List<Blank> of = blanks.getOrDefault(patch.stockId(), List.of());
        return patch.seen() == Seen.GLUE || patch.seen() == Seen.FILM || of.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(colour(of.get(0).stock(), patch.otherSide()));
    }

    private static @Nullable String colour(Cardstock stock, boolean otherSide) {
        return otherSide ? stock.look().back() : stock.colour();
    }
}
