package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowances;

/**
 * Something to be set on a card, or taken off it.
 *
 * @param kind what is set on it
 * @param name what the maker calls it; empty for what its kind is called
 * @param panel the panel that it is glued on, by its number
 * @param face whether on its decorated side
 * @param to the panel that its other end is glued on, where it has two
 * @param extra which one is taken off
 */
public record ExtraCommand(
        int revision,
        @NotNull What what,
        @Nullable @MaybeText String kind,
        @Nullable @MaybeText String name,
        @Nullable Integer panel,
        @Nullable Boolean face,
        @Nullable Integer to,
        @Nullable @MaybeText String extra)
        implements EditRequest {

    /** What can be wished. */
    public enum What {
        /** One more thing set on. */
        PUT,
        /** One taken off, and what stands on it. */
        TAKE
    }

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        return switch (what) {
            case PUT ->
                new Carry.Put(
                        kind == null ? "" : kind,
                        name == null ? "" : name,
                        new Face(panel == null ? -1 : panel, Boolean.FALSE.equals(face) ? Side.BACK : Side.FACE),
                        to);
            case TAKE -> new Carry.Take(extra == null ? "" : extra);
        };
    }
}
