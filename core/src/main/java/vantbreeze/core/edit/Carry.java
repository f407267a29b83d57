package vantbreeze.core.edit;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.extra.Extended;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.extra.Extras;
import vantbreeze.core.extra.FaceId;
import vantbreeze.core.extra.Offer;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/** Something set on a card, or taken off it. */
public sealed interface Carry extends Edit {

    /** The field that a refusal is about. */
    String FIELD = "extras";

    /**
     * One more thing set on. On a card that is drawn free it is drawn.
     *
     * @param kind id of an {@link Offer}
     * @param name what the maker calls it; empty for what its kind is called
     * @param on the face that it is glued on
     * @param to the panel, by index, on whose same side its other end is glued; null where it has but one
     */
    record Put(String kind, String name, Face on, @Nullable Integer to) implements Carry {
        @Override
        public Edited on(Plan plan, Workshop workshop) {
            WorkedPlan worked = workshop.work(plan);
            FoldGraph graph = worked.form().graph();
            Extras before = plan.extras();
            String usual = kindName();
            try {
                Extra extra = new Extra(
                        before.freeId(),
                        free(name.isBlank() ? usual : name, name.isBlank(), graph),
                        kind,
                        face(on.panel(), graph),
                        to == null ? null : face(to, graph));
                return Edited.quietly(set(extra, before.with(extra), worked, workshop));
            } catch (ValidationException refused) {
                throw refused;
            } catch (IllegalArgumentException unfit) {
                throw new ValidationException(FIELD, String.valueOf(unfit.getMessage()));
            }
        }

        private Plan set(Extra extra, Extras after, WorkedPlan worked, Workshop workshop) {
            Plan plan = worked.plan();
            Structure base = plan.isFree() ? worked.structure() : workshop.structure(plan.structureId());
            Measures measures = plan.isFree() ? plan.measures().on(plan.ruler()) : plan.measures();
            Extended extended = new Extended(base, after, workshop.tools().allowances());
            if (extended.missing(measures).contains(extra)) {
                throw new ValidationException(
                        FIELD, "%s can't go there: its two ends do not meet so.".formatted(extra.name()));
            }
            extended.refusal(extra, measures).ifPresent(because -> {
                throw new ValidationException(
                        FIELD,
                        "%s does not go on %s: %s."
                                .formatted(extra.name(), extra.on().inWords(), because));
            });
            return plan.isFree() ? plan.withDrawing(Loosening.of(extended, measures)) : plan.withExtras(after);
        }

        private FaceId face(int panel, FoldGraph graph) {
            if (panel < 0 || panel >= graph.panels().size()) {
                throw new ValidationException(FIELD, "That panel is not there any more. Look again.");
            }
            return FaceId.of(panel, on.side(), graph);
        }

        private String kindName() {
            return Offer.all().stream()
                    .filter(offer -> offer.kind().equals(kind))
                    .map(Offer::name)
                    .findFirst()
                    .orElseThrow(() -> new ValidationException(
                            FIELD, "There is nothing called \"%s\" to set on a card.".formatted(kind)));
        }

        /** A name that neither a piece nor a panel of the card has. */
        private static String free(String wanted, boolean mayCount, FoldGraph graph) {
            Set<String> taken = new HashSet<>();
            graph.assembly().pieces().forEach(piece -> taken.add(piece.name()));
            graph.panels().forEach(panel -> taken.add(panel.name()));
            String name = wanted.strip();
            for (int count = 2; taken.contains(name); count++) {
                if (!mayCount) {
                    throw new ValidationException(
                            FIELD,
                            "There is a \"%s\" on this card already. Give this one another name.".formatted(name));
                }
                name = "%s %s".formatted(wanted.strip(), count);
            }
            return name;
        }
    }

    /** One taken off, and what stands on it. */
    record Take(String id) implements Carry {
        @Override
        public Edited on(Plan plan, Workshop workshop) {
            Optional<Extra> extra = plan.extras().find(id);
            if (extra.isEmpty()) {
                throw new ValidationException(FIELD, "That is not on this card any more.");
            }
            return Edited.quietly(plan.withExtras(plan.extras().without(id)));
        }
    }
}
