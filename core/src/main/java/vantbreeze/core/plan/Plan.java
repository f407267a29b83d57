package vantbreeze.core.plan;

import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.extra.Extras;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * What a maker decided about a card; everything else is worked out from it. Also what is stored and exchanged.
 *
 * @param name what the card is called
 * @param notes the maker's own words
 * @param ruler the ruler it is measured on
 * @param design what folds
 * @param supplies what it is made from and goes into
 * @param dressing its mats and layers
 * @param cutting how it is cut, where the maker says
 * @param building how it is built, where the maker says
 */
public record Plan(
        String name,
        String notes,
        Ruler ruler,
        Design design,
        Supplies supplies,
        Dressing dressing,
        CutChoices cutting,
        BuildChoices building) {

    /** Longest name of a card. */
    public static final int LONGEST_NAME = 120;
    /** Longest notes. */
    public static final int LONGEST_NOTES = 10_000;

    /** @throws ValidationException when the name is empty or the texts are too long */
    public Plan {
        name = name.strip();
        design = design.on(ruler);
        if (name.isEmpty()) {
            throw new ValidationException("name", "A card needs a name. Type one, like \"Kite day invitation\".");
        }
        if (name.length() > LONGEST_NAME) {
            throw new ValidationException(
                    "name",
                    String.format(Locale.ROOT, "The name is longer than %d characters. Shorten it.", LONGEST_NAME));
        }
        if (notes.length() > LONGEST_NOTES) {
            throw new ValidationException(
                    "notes",
                    String.format(
                            Locale.ROOT, "The notes are longer than %d characters. Shorten them.", LONGEST_NOTES));
        }
    }

    /** A plan with nothing decided but what folds. */
    public static Plan of(String name, Design design, Ruler ruler) {
        return new Plan(name, "", ruler, design, Supplies.NONE, Dressing.NONE, CutChoices.NONE, BuildChoices.NONE);
    }

    /** A plan of a structure of the catalogue. */
    public static Plan of(String name, String structureId, Measures measures, Ruler ruler) {
        return of(name, new Design.Parametric(structureId, measures, Set.of()), ruler);
    }

    /** A plan of a card that is drawn free. */
    public static Plan of(String name, FreeCard free, Ruler ruler) {
        return of(name, new Design.Free(free, Set.of()), ruler);
    }

    /** The same card under another name. */
    public Plan withName(String other) {
        return new Plan(other, notes, ruler, design, supplies, dressing, cutting, building);
    }

    /** The same card with other notes. */
    public Plan withNotes(String other) {
        return new Plan(name, other, ruler, design, supplies, dressing, cutting, building);
    }

    /** The same card written for another ruler; no measure changes. */
    public Plan withRuler(Ruler other) {
        return new Plan(name, notes, other, design, supplies, dressing, cutting, building);
    }

    /** The same plan of something else that folds. */
    public Plan withDesign(Design other) {
        return new Plan(name, notes, ruler, other, supplies, dressing, cutting, building);
    }

    /** The same card of other supplies. */
    public Plan withSupplies(Supplies other) {
        return new Plan(name, notes, ruler, design, other, dressing, cutting, building);
    }

    /** The same card with other layers. */
    public Plan withDressing(Dressing other) {
        return new Plan(name, notes, ruler, design, supplies, other, cutting, building);
    }

    /** The same card cut otherwise. */
    public Plan withCutting(CutChoices other) {
        return new Plan(name, notes, ruler, design, supplies, dressing, other, building);
    }

    /** The same card built otherwise. */
    public Plan withBuilding(BuildChoices other) {
        return new Plan(name, notes, ruler, design, supplies, dressing, cutting, other);
    }

    /** Id of its structure. */
    public String structureId() {
        return design.structureId();
    }

    /** Its measures, exact; none of a card that is drawn free. */
    public Measures measures() {
        return design.measures();
    }

    /** Measures that no change of another may move; of a free card, panels whose width none may. */
    public Set<String> locked() {
        return design.locked();
    }

    /** The envelope it shall go in, or null. */
    public @Nullable String envelopeId() {
        return supplies.envelopeId();
    }

    /** The sheet it shall be cut from, or null. */
    public @Nullable String sheetId() {
        return supplies.sheetId();
    }

    /** What it is made of, or null for the usual card. */
    public @Nullable String cardstockId() {
        return supplies.cardstockId();
    }

    /** Whether it is drawn free and not built by a structure of the catalogue. */
    public boolean isFree() {
        return design instanceof Design.Free;
    }

    /**
     * The card as it is drawn.
     *
     * @throws IllegalStateException when it {@linkplain #isFree() is not drawn} but follows a structure
     */
    public FreeCard drawn() {
        if (design instanceof Design.Free free) {
            return free.card();
        }
        throw new IllegalStateException("not drawn free");
    }

    /** What is set on it; of a card that is drawn free nothing, there it is drawn. */
    public Extras extras() {
        return design instanceof Design.Parametric parametric ? parametric.extras() : Extras.NONE;
    }

    /**
     * The same card carrying other things; what was said of those that it carries no more is forgotten.
     *
     * @throws IllegalStateException when it {@linkplain #isFree() is drawn}
     */
    public Plan withExtras(Extras other) {
        if (!(design instanceof Design.Parametric parametric)) {
            throw new IllegalStateException("drawn free");
        }
        Predicate<String> gone = id ->
                parametric.extras().having(id).isPresent() && other.having(id).isEmpty();
        Set<String> held = new LinkedHashSet<>(locked());
        held.removeIf(gone);
        return withDesign(parametric
                .withMeasures(measures().withoutAll(gone))
                .withLocked(held)
                .withExtras(other));
    }

    /** The same plan of a card that is drawn free; what was locked of a structure is no longer there. */
    public Plan withDrawing(FreeCard card) {
        return withDesign(new Design.Free(card, isFree() ? locked() : Set.of()));
    }

    /**
     * The same card with other measures.
     *
     * @throws IllegalStateException when it {@linkplain #isFree() is drawn}
     */
    public Plan withMeasures(Measures other) {
        if (design instanceof Design.Parametric parametric) {
            return withDesign(parametric.withMeasures(other));
        }
        throw new IllegalStateException("drawn free");
    }

    /** The same card for another envelope, null for none. */
    public Plan withEnvelope(@Nullable String envelope) {
        return withSupplies(supplies.withEnvelope(envelope));
    }

    /** The same card from another sheet, null for none. */
    public Plan withSheet(@Nullable String sheet) {
        return withSupplies(supplies.withSheet(sheet));
    }

    /** The same card of another cardstock, null for the usual one. */
    public Plan withCardstock(@Nullable String cardstock) {
        return withSupplies(supplies.withCardstock(cardstock));
    }

    /** The same card with its envelope, sheet and papers under other ids. */
    public Plan renaming(UnaryOperator<String> ids) {
        return withSupplies(supplies.renaming(ids))
                .withDressing(dressing.renaming(ids))
                .withCutting(cutting.renaming(ids));
    }

    /** The same card with a measure, or a panel's width, locked or no longer so. */
    public Plan withLock(String id, boolean lock) {
        Set<String> ids = new LinkedHashSet<>(locked());
        if (lock) {
            ids.add(id);
        } else {
            ids.remove(id);
        }
        return withDesign(design.withLocked(ids));
    }

    /** The same card, a measure that follows from the others said to be what it is now: it follows no more. */
    public Plan saying(Structure structure, String id) {
        boolean follows = structure
                .parameter(id)
                .filter(parameter -> parameter.follows() && parameter.isAsked(measures()))
                .isPresent();
        return follows ? withMeasures(measures().with(id, structure.measure(id, measures()))) : this;
    }

    /** The same card resized, what is locked as it was. */
    public Plan resized(Structure structure, Measures after) {
        Measures kept = keeping(after, "");
        MeasureCheck.of(structure, kept, ruler).requireAll();
        return withMeasures(kept);
    }

    private Measures keeping(Measures after, String but) {
        Measures kept = after;
        for (String id : locked()) {
            if (!id.equals(but) && measures().byId().containsKey(id)) {
                kept = kept.with(id, measures().get(id));
            }
        }
        return kept;
    }

    /** The same card with the usual measures for variants that its structure had not when the plan was written. */
    public Plan completed(Structure structure) {
        Measures completed = measures();
        for (Parameter parameter : structure.parameters()) {
            boolean known = measures().byId().containsKey(Parameter.WIDTH)
                    && measures().byId().containsKey(Parameter.HEIGHT);
            if (known
                    && parameter.with() != null
                    && !parameter.follows()
                    && !measures().byId().containsKey(parameter.id())) {
                Size finished =
                        new Size(measures().get(Parameter.WIDTH), measures().get(Parameter.HEIGHT));
                completed = completed.with(
                        parameter.id(), structure.proportioned(finished, ruler).get(parameter.id()));
            }
        }
        return completed.equals(measures()) ? this : withMeasures(completed);
    }

    /**
     * The same card with one thing chosen otherwise.
     *
     * @throws ValidationException when there is no such thing, or the measures do not allow it
     */
    public Plan choosing(Structure structure, String choice, String value) {
        MeasureCheck.of(structure, measures(), ruler).requireChoice(choice, value);
        Measures chosen = structure.rechosen(measures(), choice, value, ruler);
        MeasureCheck.of(structure, chosen, ruler).requireAll();
        return withMeasures(chosen);
    }

    /**
     * The same card with a measure as it usually is with the others.
     *
     * @throws ValidationException when there is no such measure, or it does not follow from the others
     */
    public Plan usually(Structure structure, String parameter) {
        if (locked().contains(parameter)) {
            throw new ValidationException(parameter, "This measure is locked. Unlock it to change it.");
        }
        if (structure.parameter(parameter).filter(Parameter::follows).isEmpty()) {
            throw new ValidationException(parameter, "This measure follows from no other. Type one.");
        }
        Measures after = measures().without(parameter);
        MeasureCheck.of(structure, after, ruler).requireAll();
        return withMeasures(after);
    }

    /**
     * The same card with several measures changed at once.
     *
     * @throws ValidationException when one is locked, or any is then beyond its limits
     */
    public Plan changing(Structure structure, Map<String, Length> lengths) {
        Measures after = measures();
        for (Map.Entry<String, Length> one : lengths.entrySet()) {
            if (locked().contains(one.getKey())) {
                throw new ValidationException(one.getKey(), "This measure is locked. Unlock it to change it.");
            }
            after = structure.changed(after, one.getKey(), one.getValue());
        }
        for (Map.Entry<String, Length> one : lengths.entrySet()) {
            after = after.with(one.getKey(), one.getValue());
        }
        MeasureCheck.of(structure, after, ruler).requireAll();
        return withMeasures(after);
    }

    /**
     * The same card with one measure changed, and those that follow it.
     *
     * @throws ValidationException when the measure is beyond its limits, or excludes another: then it says which, and
     *     both ways out
     */
    public Plan changing(Structure structure, String parameter, Length length) {
        if (locked().contains(parameter)) {
            throw new ValidationException(parameter, "This measure is locked. Unlock it to change it.");
        }
        Function<Length, Measures> others =
                tried -> keeping(structure.changed(measures(), parameter, tried), parameter);
        MeasureCheck.of(structure, measures(), ruler).require(parameter, length, others);
        Measures after = others.apply(length);
        MeasureCheck.of(structure, after, ruler)
                .requireTogether(parameter, structure.measure(parameter, measures()), others);
        return withMeasures(after);
    }
}
