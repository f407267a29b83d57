package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.edit.Dress;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.layer.Role;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * What is to become of a card's layers.
 *
 * @param faces which faces it is about, ticked in this order
 * @param layers from below, as typed
 * @param embellishments set on top, as typed
 * @param aside which of what is kept aside, from 0
 * @param preset id of a usual way to dress a card
 * @param paper what all mats, or all patterns, shall be of
 * @param joins what is glued on mats or bare card, by number
 * @param bed which of the two; left out for as usual
 */
public record LayerCommand(
        int revision,
        @NotNull What what,
        @Things List<@NotNull FaceRef> faces,
        @Things List<@NotNull @Valid TypedLayer> layers,
        @Things List<@NotNull @Valid TypedEmbellishment> embellishments,
        @Nullable Integer aside,
        @Nullable @MaybeText String preset,
        @Nullable @MaybeText String paper,
        @Nullable List<@NotNull Integer> joins,
        @Nullable Bed bed)
        implements EditRequest {

    private static final int MOST_DIVISIONS = 100;

    /** What can be wished. */
    public enum What {
        /** Layers on all that shows. */
        SUGGEST,
        /** The whole card in one of the usual ways. */
        PRESET,
        /** All mats of one paper. */
        MATS,
        /** All that lies on mats of one paper. */
        PATTERNS,
        /** Something glued on mats, or on bare card. */
        BED,
        /** Everything off. */
        CLEAR,
        /** These layers on each of these faces. */
        DRESS,
        /** These layers on top of what lies on each of these faces. */
        ADD,
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
     * @param die what a die of that width and height cuts it out as
     */
    public record TypedLayer(
            @Text String paper,
            @Nullable @MaybeText String border,
            @Nullable Integer divisions,
            @Nullable @MaybeText String width,
            @Nullable @MaybeText String height,
            @Nullable @MaybeText String pad,
            @Nullable Boolean otherSide,
            @Nullable @MaybeText String die) {}

    /** Something set on top, as typed; {@code grams} may be left empty. */
    public record TypedEmbellishment(
            @Text String name,
            @Text String width,
            @Text String height,
            @Text String standsUp,
            @Nullable @MaybeText String grams) {}

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        try {
            return switch (what) {
                case SUGGEST -> new Dress.Suggest(stack(ruler, allowances));
                case PRESET ->
                    new Dress.Usual(Preset.find(preset)
                            .orElseThrow(() -> new ValidationException(
                                    "layers",
                                    "There is no way to dress a card called \"%s\". Choose one from the list."
                                            .formatted(preset))));
                case MATS -> new Dress.InPaper(Role.MAT, paper == null ? "" : paper);
                case PATTERNS -> new Dress.InPaper(Role.PATTERN, paper == null ? "" : paper);
                case BED -> new Dress.Bedded(joins == null ? List.of() : joins, bed);
                case CLEAR -> new Dress.Clear();
                case UNDRESS -> new Dress.Undress(wanted());
                case DRESS -> new Dress.Put(wanted(), stack(ruler, allowances), set(ruler));
                case ADD -> new Dress.Add(wanted(), stack(ruler, allowances));
                case RUN -> new Dress.Run(wanted(), stack(ruler, allowances));
                case PUT_BACK -> new Dress.PutBack(aside == null ? -1 : aside, wanted());
                case THROW_AWAY -> new Dress.ThrowAway(aside == null ? -1 : aside);
            };
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException unfit) {
            throw new ValidationException("layers", String.valueOf(unfit.getMessage()));
        }
    }

    private List<Face> wanted() {
        return faces.stream()
                .map(ref -> new Face(ref.panel(), ref.face() ? Side.FACE : Side.BACK))
                .toList();
    }

    private List<LayerChoice> stack(Ruler ruler, Allowances allowances) {
        Written written = new Written(ruler);
        return layers.stream()
                .map(layer -> {
                    boolean own = isTyped(layer.width()) && isTyped(layer.height());
                    Size size = own
                            ? new Size(
                                    written.measure("width", layer.width()), written.measure("height", layer.height()))
                            : null;
                    Length border = isTyped(layer.border())
                            ? written.measure("border", layer.border())
                            : allowances.of(Allowance.BORDER, ruler);
                    if (layer.divisions() != null) {
                        border = ruler.moved(
                                        border, Math.max(-MOST_DIVISIONS, Math.min(MOST_DIVISIONS, layer.divisions())))
                                .max(Length.ZERO);
                    }
                    Length pad = isTyped(layer.pad()) ? written.measure("pad", layer.pad()) : Length.ZERO;
                    return new LayerChoice(
                            layer.paper(), border, size, pad, Boolean.TRUE.equals(layer.otherSide()), die(layer));
                })
                .toList();
    }

    private static @Nullable DieShape die(TypedLayer layer) {
        String die = layer.die();
        if (die == null || die.isBlank()) {
            return null;
        }
        return DieShape.find(die)
                .orElseThrow(() -> new ValidationException(
                        "layers", "There is no die that cuts a \"%s\". Choose one from the list.".formatted(die)));
    }

    private List<Embellishment> set(Ruler ruler) {
        Written written = new Written(ruler);
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
            throw new ValidationException(
                    "grams",
                    "\"%s\" is no weight in grams. Type a figure like 1.5, or leave it empty."
                            .formatted(typed.strip()));
        }
    }

    private static boolean isTyped(@Nullable String text) {
        return text != null && !text.isBlank();
    }
}
