package vantbreeze.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Something about a card that is set by itself. */
public sealed interface Field permits Decision, Field.OfChoice, Field.OfMeasure, Field.OfPanel {

    /** Before the name of a panel whose width is meant. */
    String PANEL = "panel:";

    /** What it is called where fields are told apart by name. */
    String id();

    /**
     * The plan with it set.
     *
     * @throws ValidationException when it can't be set so
     */
    Plan set(Plan plan, Workshop workshop, Entry entry);

    /**
     * The field of a card that is called so.
     *
     * @throws ValidationException when what the card builds on is not there
     */
    static Field find(String id, Plan plan, Workshop workshop) {
        return Decision.ALL.stream()
                .filter(decision -> decision.id().equals(id))
                .map(Field.class::cast)
                .findFirst()
                .orElseGet(() -> ofDesign(id, plan, workshop));
    }

    private static Field ofDesign(String id, Plan plan, Workshop workshop) {
        if (id.startsWith(PANEL)) {
            return new OfPanel(bare(id));
        }
        boolean isChoice = workshop.structure(plan).choices().stream()
                .anyMatch(choice -> choice.id().equals(id));
        return isChoice ? new OfChoice(id) : new OfMeasure(id);
    }

    /** The measure's id or the panel's name that a field of a design stands for. */
    static String bare(String id) {
        return id.startsWith(PANEL) ? id.substring(PANEL.length()) : id;
    }

    /** How wide each panel of a free card is, by its name; nothing where the card follows a structure. */
    static Map<String, Length> widths(Plan plan) {
        Map<String, Length> widths = new LinkedHashMap<>();
        if (plan.isFree()) {
            plan.drawn().assembly().pieces().forEach(piece -> Panels.of(piece)
                    .all()
                    .forEach(panel -> widths.put(panel.name(), panel.width())));
        }
        return widths;
    }

    /** Something to choose about a structure. */
    record OfChoice(String id) implements Field {
        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            return plan.choosing(workshop.structure(plan), id, entry.words());
        }
    }

    /** A measure of a structure. */
    record OfMeasure(String id) implements Field {
        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Structure structure = workshop.structure(plan);
            Length present = plan.measures().byId().get(id);
            return plan.changing(structure, id, entry.measure(id, present, plan.ruler()));
        }
    }

    /** How wide a panel of a free card is. */
    record OfPanel(String panel) implements Field {
        @Override
        public String id() {
            return PANEL + panel;
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Length present = widths(plan).get(panel);
            if (present == null) {
                throw new ValidationException(id(), "There is no panel \"%s\" here any more.".formatted(panel));
            }
            Length width = entry.measure(id(), present, plan.ruler());
            return new Hand(workshop, plan).widened(panel, width).plan();
        }
    }
}
