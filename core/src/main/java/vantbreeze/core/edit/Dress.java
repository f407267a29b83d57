package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.layer.Role;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** Layers put on a card, or taken off. */
public sealed interface Dress extends Edit {

    /** What the card wears after it. */
    Dressing on(WorkedPlan worked, Workshop workshop);

    @Override
    default Edited on(Plan plan, Workshop workshop) {
        try {
            return Edited.quietly(plan.withDressing(on(workshop.work(plan), workshop)));
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException unfit) {
            throw new ValidationException("layers", String.valueOf(unfit.getMessage()));
        }
    }

    /**
     * Layers on all that shows.
     *
     * @param stack from below; empty for the usual ones
     */
    record Suggest(List<LayerChoice> stack) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            Suggestion suggestion = new Suggestion(workshop, worked);
            return suggestion.dressing(stack.isEmpty() ? suggestion.usualStack() : stack);
        }
    }

    /** The whole card dressed in one of the usual ways, in the papers that it wears. */
    record Usual(Preset preset) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            return new Suggestion(workshop, worked).dressing(preset);
        }
    }

    /** All mats, or all patterns, of one paper. */
    record InPaper(Role role, String paper) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            workshop.cardstock(paper);
            return new Suggestion(workshop, worked).inPaper(role, paper);
        }
    }

    /**
     * What is glued on panels, on their mats, on bare card or under their mats.
     *
     * @param joins which, by index
     * @param bed null for as usual
     */
    record Bedded(List<Integer> joins, @Nullable Bed bed) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            List<JoinId> all = JoinId.all(worked.of(Stages.ASSEMBLY));
            Dressing dressing = worked.plan().dressing();
            for (int join : Set.copyOf(joins)) {
                if (join < 0 || join >= all.size()) {
                    throw new ValidationException("layers", "That is not glued there any more. Look again.");
                }
                if (bed == Bed.UNDER && !worked.grounds().couldLieUnder(join)) {
                    throw new ValidationException(
                            "layers",
                            ("No mat lies over %s: it moves, rises from the middle of the panel, or takes most of it."
                                            + " Glue it on the mat or on bare card.")
                                    .formatted(all.get(join).glued().inWords()));
                }
                dressing = dressing.bedding(all.get(join), bed);
            }
            return dressing;
        }
    }

    /** Everything off; what is glued on mats or on bare card stays so. */
    record Clear() implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            return worked.plan().dressing().keeping(dressed -> false);
        }
    }

    /** These layers on each of these faces; what one paper runs across stays one piece. */
    record Put(List<Face> faces, List<LayerChoice> stack, List<Embellishment> embellishments) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            Dressing before = worked.plan().dressing();
            Dressing after = before;
            for (FaceName face : names(faces, worked)) {
                List<FaceName> together = before.on(face)
                        .filter(Dressed::runs)
                        .map(Dressed::faces)
                        .orElse(List.of(face));
                after = after.with(new Dressed(together, stack, embellishments));
            }
            return after;
        }
    }

    /** These layers on top of what lies on each of these faces. */
    record Add(List<Face> faces, List<LayerChoice> stack) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            Dressing dressing = worked.plan().dressing();
            for (FaceName face : names(faces, worked)) {
                Dressed before = dressing.on(face).orElseGet(() -> Dressed.of(face, List.of()));
                if (before.runs()) {
                    throw new ValidationException(
                            "layers",
                            "One paper runs across %s and others. Take that off first, or select another panel."
                                    .formatted(worked.faceWords().inSentence(face)));
                }
                List<LayerChoice> layers = new ArrayList<>(before.layers());
                layers.addAll(stack);
                dressing = dressing.with(before.layered(layers));
            }
            return dressing;
        }
    }

    /** Nothing on these faces. */
    record Undress(List<Face> faces) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            return worked.plan().dressing().without(names(faces, worked));
        }
    }

    /** One paper across these faces, in their order. */
    record Run(List<Face> faces, List<LayerChoice> stack) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            List<FaceName> names = names(faces, worked);
            if (names.size() < 2) {
                throw new ValidationException(
                        "layers", "Tick two panels or more that lie side by side, in the order of the pattern.");
            }
            // no die is as large as several panels: what it would cut has a border there
            List<LayerChoice> bordered = stack.stream()
                    .map(layer -> layer.die() == null ? layer : LayerChoice.of(layer.paper(), layer.border()))
                    .toList();
            return worked.plan().dressing().without(names).with(new Dressed(names, bordered, List.of()));
        }
    }

    /**
     * What is kept aside, on these faces.
     *
     * @param aside which, from 0
     */
    record PutBack(int aside, List<Face> faces) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            Dressed kept = kept(aside, worked);
            return worked.plan()
                    .dressing()
                    .without(kept.faces())
                    .with(new Dressed(names(faces, worked), kept.layers(), kept.embellishments()));
        }
    }

    /**
     * What is kept aside, thrown away.
     *
     * @param aside which, from 0
     */
    record ThrowAway(int aside) implements Dress {
        @Override
        public Dressing on(WorkedPlan worked, Workshop workshop) {
            return worked.plan().dressing().without(kept(aside, worked).faces());
        }
    }

    private static Dressed kept(int aside, WorkedPlan worked) {
        List<Dressed> kept = worked.layers().aside();
        if (aside < 0 || aside >= kept.size()) {
            throw new ValidationException("layers", "Those layers are not kept aside any more.");
        }
        return kept.get(aside);
    }

    private static List<FaceName> names(List<Face> faces, WorkedPlan worked) {
        FoldGraph graph = worked.form().graph();
        List<FaceName> names = new ArrayList<>();
        for (Face face : faces) {
            if (face.panel() < 0 || face.panel() >= graph.panels().size()) {
                throw new ValidationException("layers", "That panel is not there any more. Look again.");
            }
            names.add(FaceName.of(face, graph));
        }
        if (names.isEmpty()) {
            throw new ValidationException("layers", "Tick a panel first.");
        }
        return names;
    }
}
