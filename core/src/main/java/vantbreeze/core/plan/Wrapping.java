package vantbreeze.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.wrap.CardInWrap;
import vantbreeze.core.wrap.Insertion;
import vantbreeze.core.wrap.WrapStructure;
import vantbreeze.core.wrap.Wraps;

/**
 * A card and a wrap round it. The wrap has a plan of its own, but what it goes round follows from the card, and from
 * what lies round that already.
 *
 * @param card what lies in it
 * @param within wraps that go round it before this one does, the innermost first
 * @param inner the card with these, folded flat
 * @param wrap what goes round it
 */
public record Wrapping(WorkedPlan card, List<WorkedPlan> within, ClosedCard inner, WorkedPlan wrap) {

    public Wrapping {
        within = List.copyOf(within);
    }

    /**
     * A card in a wrap.
     *
     * @param others other wraps of the card; of these what goes round it before this one lies between
     */
    public static Wrapping of(WorkedPlan card, List<WorkedPlan> others, WorkedPlan wrap) {
        List<WorkedPlan> within = within(others, structure(wrap.structure()));
        return new Wrapping(card, within, all(card, within), wrap);
    }

    /** The card with those of some wraps that go round it before this one does. */
    public static ClosedCard inside(WorkedPlan card, List<WorkedPlan> others, WrapStructure wrap) {
        return all(card, within(others, wrap));
    }

    private static List<WorkedPlan> within(List<WorkedPlan> others, WrapStructure wrap) {
        return others.stream()
                .filter(other -> structure(other.structure()).rank().isWithin(wrap.rank()))
                .sorted(Comparator.comparing(
                        other -> structure(other.structure()).rank()))
                .toList();
    }

    /** The card with all of these round it, but for what takes no room. */
    public static ClosedCard all(WorkedPlan card, List<WorkedPlan> wraps) {
        return card.closedCard()
                .in(wraps.stream()
                        .filter(wrap -> structure(wrap.structure()).takesRoom())
                        .map(WorkedPlan::closedCard)
                        .toList());
    }

    /** Whether the card goes into a wrap: not into what is tied on, or laid in with it. */
    public static boolean holds(WorkedPlan wrap) {
        return structure(wrap.structure()).holds();
    }

    /** Whether a plan is of a wrap that follows its card: not of one that is drawn freely. */
    public static boolean isWrap(Plan plan, Workshop workshop) {
        return workshop.wraps().find(plan.structureId()).isPresent();
    }

    /** The order in which wraps go round a card. */
    public static Comparator<Plan> inTurn(Workshop workshop) {
        return Comparator.comparing(
                plan -> structure(workshop.structure(plan.structureId())).rank());
    }

    /**
     * The plan of a wrap as its card makes it, and what of others lies round that already; as it is where it is no wrap
     * of the house any more.
     */
    public static Plan following(Plan wrap, WorkedPlan card, List<WorkedPlan> others) {
        Workshop workshop = card.workshop();
        if (!isWrap(wrap, workshop)) {
            return wrap;
        }
        WrapStructure structure = structure(workshop.structure(wrap.structureId()));
        return round(wrap, structure, inside(card, others, structure), others);
    }

    /**
     * A new wrap, of the card's own cardstock and sheet.
     *
     * @throws ValidationException when there is no such wrap, or none goes round the card
     */
    public static Plan begun(String structureId, WorkedPlan card, List<WorkedPlan> others) {
        Workshop workshop = card.workshop();
        WrapStructure structure = structure(workshop.structure(structureId));
        ClosedCard inner = inside(card, others, structure);
        Wraps.objection(inner).ifPresent(words -> {
            throw new ValidationException("wrap", words);
        });
        Plan plan = Plan.of(
                name(structure, card.plan()),
                structureId,
                structure.proportioned(inner.footprint(), card.ruler()),
                card.ruler());
        return round(plan, structure, inner, others)
                .withCardstock(card.plan().cardstockId())
                .withSheet(card.plan().sheetId());
    }

    private static String name(Structure structure, Plan card) {
        String name = String.format(Locale.ROOT, "%s for %s", structure.name(), card.name());
        return name.length() > Plan.LONGEST_NAME ? name.substring(0, Plan.LONGEST_NAME) : name;
    }

    /** The plan of a wrap as what lies in it, or what it lies in, makes it; as it is where no wrap goes round that. */
    private static Plan round(Plan wrap, WrapStructure structure, ClosedCard inner, List<WorkedPlan> others) {
        if (Wraps.objection(inner).isPresent()) {
            return wrap;
        }
        Measures besides = others.stream()
                .map(other -> structure.givenBy(structure(other.structure()), other.measures()))
                .filter(given -> !given.byId().isEmpty())
                .findFirst()
                .orElse(new Measures(Map.of()));
        return wrap.withMeasures(Wraps.round(structure, inner, besides, wrap.measures(), wrap.locked(), wrap.ruler()));
    }

    /** A wrap that the maker changed: what they said of what it goes round is held, and does not follow the card. */
    public static Plan holding(Workshop workshop, Plan before, Plan after) {
        if (!isWrap(after, workshop)) {
            return after;
        }
        Plan held = after;
        for (String id : structure(workshop.structure(after.structureId())).given()) {
            Length said = after.measures().byId().get(id);
            if (said != null && !said.equals(before.measures().byId().get(id))) {
                held = held.withLock(id, true);
            }
        }
        return held;
    }

    /** Whether the card goes in and comes out. */
    public Insertion insertion() {
        return Insertion.of(inner, structure().inside(measures()), wrap.tools().allowances());
    }

    /** What the maker should know of the card in it, the worst first. */
    public List<Finding> findings() {
        return new WrapFindings(this, structure()).all();
    }

    /** The card put into it, step by step. */
    public CardInWrap drawn() {
        List<Folding> worn = worn().stream().map(WorkedPlan::form).toList();
        return CardInWrap.of(
                wrap.form(),
                structure(),
                structure().inside(measures()),
                new CardInWrap.Contents(card.form(), card.closedCard(), worn, inner));
    }

    /** Those of what lies within that the card is in, and not only laid or tied to. */
    public List<WorkedPlan> worn() {
        return within.stream().filter(Wrapping::holds).toList();
    }

    /** The card in it, folded flat. */
    public ClosedCard closed() {
        return inner.in(wrap.closedCard());
    }

    private Measures measures() {
        return wrap.measures();
    }

    private WrapStructure structure() {
        return structure(wrap.structure());
    }

    /** Whether a wrap is one that is addressed. */
    public static boolean isEnvelope(WorkedPlan wrap) {
        return structure(wrap.structure()).rank() == WrapStructure.Rank.ENVELOPE;
    }

    private static WrapStructure structure(Structure structure) {
        return Optional.of(structure)
                .filter(WrapStructure.class::isInstance)
                .map(WrapStructure.class::cast)
                .orElseThrow(() -> new ValidationException(
                        "structure", "%s is no wrap. Choose one of the wraps.".formatted(structure.name())));
    }
}
