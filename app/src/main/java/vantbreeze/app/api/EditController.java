package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Changed;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.edit.Decision;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.edit.Lock;
import vantbreeze.core.edit.Rerule;
import vantbreeze.core.edit.Resize;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.edit.Solve;
import vantbreeze.core.edit.Together;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowances;

/** Cards changed: each request says an {@link Edit}, and the drawer does the rest. */
@RestController
@RequestMapping("/api/cards/{id}")
class EditController {

    /**
     * A change of one field: {@code name}, {@code notes}, {@code ruler}, {@code envelope}, {@code sheet},
     * {@code cardstock}, a choice, a measure or a panel's width.
     *
     * @param text what the maker wrote
     * @param divisions instead of a text: how many marks of the ruler to move a measure by
     */
    public record Change(
            int revision, @Text String field, @Nullable @MaybeText String text, @Nullable Integer divisions)
            implements EditRequest {
        @Override
        public Edit on(Ruler ruler, Allowances allowances) {
            return new SetField(field, new Entry(text, divisions));
        }
    }

    /** Several measures set at once, as one change. */
    public record Changes(int revision, @Things List<@NotNull @Valid StepCommand> steps) implements EditRequest {
        @Override
        public Edit on(Ruler ruler, Allowances allowances) {
            return new Together(steps.stream()
                    .map(step -> SetField.to(step.field(), step.text()))
                    .toList());
        }
    }

    /** One of them. */
    public record StepCommand(@Text String field, @Text String text) {}

    /** A plan document, as text, to put in place of the present one. */
    public record Replacement(int revision, @NotNull String document) {}

    /**
     * A card to be made in another size: for the envelope it has, turned by a quarter, or of a size as the maker wrote
     * it.
     *
     * @param width with {@code height}, unless {@code how} says enough
     */
    public record Resizing(
            int revision, @NotNull How how, @Nullable @MaybeText String width, @Nullable @MaybeText String height)
            implements EditRequest {

        /** What the new size comes from. */
        public enum How {
            ENVELOPE,
            TURNED,
            SIZE
        }

        @Override
        public Edit on(Ruler ruler, Allowances allowances) {
            return switch (how) {
                case TURNED -> new Resize.Turned();
                case SIZE -> new Resize.To(new Written(ruler).size(width, height));
                case ENVELOPE -> new Resize.ToEnvelope();
            };
        }
    }

    /** What the maker was looking at. */
    public record Seen(int revision) {}

    /** A measure to lock or unlock. */
    public record Locking(int revision, @Text String measure, boolean locked) {}

    /** A measure to be found from the rest. */
    public record Solving(int revision, @Text String measure) {}

    /** A ruler whose marks the card shall come to. */
    public record Reruling(int revision, @Text String ruler) {}

    private final Drawer drawer;

    EditController(Drawer drawer) {
        this.drawer = drawer;
    }

    @PostMapping("/changes")
    CardView change(@PathVariable UUID id, @Valid @RequestBody Change change) {
        return CardView.of(drawer.change(id, change.revision(), change));
    }

    @PostMapping("/changes/together")
    CardView change(@PathVariable UUID id, @Valid @RequestBody Changes changes) {
        return CardView.of(drawer.change(id, changes.revision(), changes));
    }

    @PutMapping("/document")
    CardView replace(@PathVariable UUID id, @Valid @RequestBody Replacement replacement) {
        return CardView.of(drawer.replace(id, replacement.revision(), replacement.document()));
    }

    @PostMapping("/resized")
    CardView resize(@PathVariable UUID id, @Valid @RequestBody Resizing resize) {
        return CardView.of(drawer.change(id, resize.revision(), resize));
    }

    @PostMapping("/drawing")
    CardView draw(@PathVariable UUID id, @Valid @RequestBody DrawCommand draw) {
        return CardView.of(drawer.change(id, draw.revision(), draw));
    }

    @PostMapping("/layers")
    CardView dress(@PathVariable UUID id, @Valid @RequestBody LayerCommand dress) {
        return CardView.of(drawer.change(id, dress.revision(), dress));
    }

    @PostMapping("/extras")
    CardView carry(@PathVariable UUID id, @Valid @RequestBody ExtraCommand carry) {
        return CardView.of(drawer.change(id, carry.revision(), carry));
    }

    @PostMapping("/locks")
    CardView lock(@PathVariable UUID id, @Valid @RequestBody Locking lock) {
        return CardView.of(drawer.change(id, lock.revision(), new Lock(lock.measure(), lock.locked())));
    }

    @PostMapping("/solved")
    DragController.MovedView solve(@PathVariable UUID id, @Valid @RequestBody Solving solve) {
        Changed changed = drawer.change(id, solve.revision(), new Solve(solve.measure()));
        return new DragController.MovedView(CardView.of(changed.card()), changed.words());
    }

    @PostMapping("/rounded")
    CardView round(@PathVariable UUID id, @Valid @RequestBody Seen seen) {
        return CardView.of(drawer.change(id, seen.revision(), new Rerule(null)));
    }

    @PostMapping("/reruled")
    CardView rerule(@PathVariable UUID id, @Valid @RequestBody Reruling rerule) {
        return CardView.of(drawer.change(id, rerule.revision(), new Rerule(Decision.ruler(rerule.ruler()))));
    }
}
