package vantbreeze.core.plan;

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
 * @param structureId which structure
 * @param measures its measures, exact
 * @param ruler the ruler it is measured on
 * @param envelopeId the envelope it shall go in, or null
 * @param sheetId the sheet it shall be cut from, or null
 * @param cardstockId what it is made of, or null for the usual card
 * @param notes the maker's own words
 */
public record Plan(String name, String structureId, Measures measures, Ruler ruler,
                   String envelopeId, String sheetId, String cardstockId, String notes) {

    /** Longest name of a card. */
    public static final int LONGEST_NAME = 120;
    /** Longest notes. */
    public static final int LONGEST_NOTES = 10_000;

    /**
     * @throws Refusal when the name is empty or the texts are too long
     */
    public Plan {
        name = name == null ? "" : name.strip();
        notes = notes == null ? "" : notes;
        if (name.isEmpty()) {
            throw new Refusal("name", "A card needs a name. Type one, like \"Kite day invitation\".");
        }
        if (name.length() > LONGEST_NAME) {
            throw new Refusal("name", "The name is longer than %d characters. Shorten it.".formatted(LONGEST_NAME));
        }
        if (notes.length() > LONGEST_NOTES) {
            throw new Refusal("notes", "The notes are longer than %d characters. Shorten them.".formatted(LONGEST_NOTES));
        }
    }

    /** A plan that leaves the cardstock open. */
    public Plan(String name, String structureId, Measures measures, Ruler ruler, String envelopeId, String sheetId, String notes) {
        this(name, structureId, measures, ruler, envelopeId, sheetId, null, notes);
    }

    /** The same card of another cardstock, null for the usual one. */
    public Plan of(String cardstock) {
        return new Plan(name, structureId, measures, ruler, envelopeId, sheetId, cardstock, notes);
    }

    /** The same card under another name. */
    public Plan named(String other) {
        return new Plan(other, structureId, measures, ruler, envelopeId, sheetId, cardstockId, notes);
    }

    /** The same card with other measures. */
    public Plan measuring(Measures other) {
        return new Plan(name, structureId, other, ruler, envelopeId, sheetId, cardstockId, notes);
    }

    /** The same card written for another ruler; no measure changes. */
    public Plan on(Ruler other) {
        return new Plan(name, structureId, measures, other, envelopeId, sheetId, cardstockId, notes);
    }

    /** The same card for another envelope, null for none. */
    public Plan into(String envelope) {
        return new Plan(name, structureId, measures, ruler, envelope, sheetId, cardstockId, notes);
    }

    /** The same card from another sheet, null for none. */
    public Plan from(String sheet) {
        return new Plan(name, structureId, measures, ruler, envelopeId, sheet, cardstockId, notes);
    }

    /** The same card with other notes. */
    public Plan noting(String other) {
        return new Plan(name, structureId, measures, ruler, envelopeId, sheetId, cardstockId, other);
    }

    /** The same card with the usual measures for variants that its structure had not when the plan was written. */
    Plan completed(Structure structure) {
        Measures completed = measures;
        for (Parameter parameter : structure.parameters()) {
            boolean known = measures.byId().containsKey(Parameter.WIDTH) && measures.byId().containsKey(Parameter.HEIGHT);
            if (known && parameter.with() != null && !measures.byId().containsKey(parameter.id())) {
                Size finished = new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
                completed = completed.with(parameter.id(), structure.proportioned(finished, ruler).get(parameter.id()));
            }
        }
        return completed == measures ? this : measuring(completed);
    }

    /**
     * The same card with one thing chosen otherwise.
     *
     * @throws Refusal when there is no such thing, or the measures do not allow it
     */
    public Plan choosing(Structure structure, String choice, String value) {
        MeasureCheck.of(structure, measures, ruler).requireChoice(choice, value);
        Measures chosen = structure.rechosen(measures, choice, value, ruler);
        MeasureCheck.of(structure, chosen, ruler).requireAll();
        return measuring(chosen);
    }

    /**
     * The same card with one measure changed, and those that follow it.
     *
     * @throws Refusal when the measure is beyond its limits
     */
    public Plan changing(Structure structure, String parameter, Length length) {
        MeasureCheck.of(structure, measures, ruler).require(parameter, length);
        return measuring(structure.changed(measures, parameter, length));
    }
}
