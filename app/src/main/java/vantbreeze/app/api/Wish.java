package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * What is to become of a card's layers.
 *
 * @param faces which faces it is about, ticked in this order
 * @param layers from below, as typed
 * @param embellishments set on top, as typed
 * @param aside which of what is kept aside, from 0
 */
public record Wish(
        int revision,
        @NotNull What what,
        @Things List<@NotNull FaceRef> faces,
        @Things List<@NotNull @Valid TypedLayer> layers,
        @Things List<@NotNull @Valid TypedEmbellishment> embellishments,
        @Nullable Integer aside) {

    private static final int MOST_DIVISIONS = 100;

    /** What can be wished. */
    public enum What {
        /** Layers on all that shows. */
        SUGGEST,
        /** Everything off. */
        CLEAR,
        /** These layers on each of these faces. */
        DRESS,
        /** Nothing on these faces. */
        UNDRESS,
        /** One paper across these faces. */
        RUN,
        /** What is kept aside, on these faces. */
        PUT_BACK,
        /** What is kept aside, thrown away. */
        THROW_AWAY
    }

    /** A side of a panel, by the panel's number. */
    public record FaceRef(int panel, boolean face) {}

    /**
     * A layer as typed; a width and height instead of a border where both are there.
     *
     * @param divisions how many marks of the ruler to move the border by
     */
    public record TypedLayer(
            @Text String paper,
            @Nullable @MaybeText String border,
            @Nullable Integer divisions,
            @Nullable @MaybeText String width,
            @Nullable @MaybeText String height,
            @Nullable @MaybeText String pad,
            @Nullable Boolean otherSide) {}

    /** Something set on top, as typed; {@code grams} may be left empty. */
    public record TypedEmbellishment(
            @Text String name,
            @Text String width,
            @Text String height,
            @Text String standsUp,
            @Nullable @MaybeText String grams) {}

    Dressing on(WorkedPlan worked, Workshop workshop) {
        Dressing dressing = worked.plan().dressing();
        try {
            return switch (what) {
                case SUGGEST -> {
                    Suggestion suggestion = new Suggestion(workshop, worked);
                    yield suggestion.dressing(layers.isEmpty() ? suggestion.usualStack() : stack(worked));
                }
                case CLEAR -> Dressing.NONE;
                case UNDRESS -> dressing.without(names(worked.form().graph()));
                case DRESS -> {
                    Dressing after = dressing;
                    for (FaceName face : names(worked.form().graph())) {
                        // what one paper runs across stays one piece
                        List<FaceName> together = dressing.on(face)
                                .filter(Dressed::runs)
                                .map(Dressed::faces)
                                .orElse(List.of(face));
                        after = after.with(new Dressed(together, stack(worked), set(worked)));
                    }
                    yield after;
                }
                case RUN -> run(worked, dressing);
                case PUT_BACK ->
                    dressing.without(kept(worked).faces())
                            .with(new Dressed(
                                    names(worked.form().graph()),
                                    kept(worked).layers(),
                                    kept(worked).embellishments()));
                case THROW_AWAY -> dressing.without(kept(worked).faces());
            };
        } catch (Refusal refused) {
            throw refused;
        } catch (IllegalArgumentException unfit) {
            throw new Refusal("layers", String.valueOf(unfit.getMessage()));
        }
    }

    private Dressing run(WorkedPlan worked, Dressing dressing) {
        List<FaceName> names = names(worked.form().graph());
        if (names.size() < 2) {
            throw new Refusal("layers", "Tick two panels or more that lie side by side, in the order of the pattern.");
        }
        return dressing.without(names).with(new Dressed(names, stack(worked), List.of()));
    }

    private Dressed kept(WorkedPlan worked) {
        List<Dressed> kept = worked.layers().aside();
        if (aside == null || aside < 0 || aside >= kept.size()) {
            throw new Refusal("layers", "Those layers are not kept aside any more.");
        }
        return kept.get(aside);
    }

    private List<FaceName> names(FoldGraph graph) {
        List<FaceName> names = new ArrayList<>();
        for (FaceRef ref : faces) {
            if (ref.panel() < 0 || ref.panel() >= graph.panels().size()) {
                throw new Refusal("layers", "That panel is not there any more. Look again.");
            }
            names.add(FaceName.of(new Face(ref.panel(), ref.face() ? Side.FACE : Side.BACK), graph));
        }
        if (names.isEmpty()) {
            throw new Refusal("layers", "Tick a panel first.");
        }
        return names;
    }

    private List<LayerChoice> stack(WorkedPlan worked) {
        Written written = new Written(worked.plan().ruler());
        return layers.stream()
                .map(layer -> {
                    boolean own = isTyped(layer.width()) && isTyped(layer.height());
                    Size size = own
                            ? new Size(
                                    written.measure("width", layer.width()), written.measure("height", layer.height()))
                            : null;
                    Length border = isTyped(layer.border())
                            ? written.measure("border", layer.border())
                            : Suggestion.usualBorder(worked.plan().ruler());
                    if (layer.divisions() != null) {
                        border = worked.plan()
                                .ruler()
                                .moved(border, Math.max(-MOST_DIVISIONS, Math.min(MOST_DIVISIONS, layer.divisions())))
                                .max(Length.ZERO);
                    }
                    Length pad = isTyped(layer.pad()) ? written.measure("pad", layer.pad()) : Length.ZERO;
                    return new LayerChoice(layer.paper(), border, size, pad, Boolean.TRUE.equals(layer.otherSide()));
                })
                .toList();
    }

    private List<Embellishment> set(WorkedPlan worked) {
        Written written = new Written(worked.plan().ruler());
        return embellishments.stream()
                .map(one -> new Embellishment(
                        one.name(),
                        new Size(written.measure("width", one.width()), written.measure("height", one.height())),
                        written.measure("standsUp", one.standsUp()),
                        grams(one.grams())))
                .toList();
    }

    /** A weight as typed, with a point or a comma, with or without its unit; null when nothing was. */
    private static @Nullable Double grams(@Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        String figure = typed.strip().replace(',', '.').replaceFirst(" ?g$", "");
        try {
            return new BigDecimal(figure).doubleValue();
        } catch (NumberFormatException unreadable) {
            throw new Refusal(
                    "grams",
                    "\"%s\" is no weight in grams. Type a figure like 1.5, or leave it empty."
                            .formatted(typed.strip()));
        }
    }

    private static boolean isTyped(@Nullable String text) {
        return text != null && !text.isBlank();
    }
}
