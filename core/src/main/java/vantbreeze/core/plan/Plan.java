package vantbreeze.core.plan;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.FreeStructure;
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
 * @param structureId which structure
 * @param measures its measures, exact
 * @param ruler the ruler it is measured on
 * @param envelopeId the envelope it shall go in, or null
 * @param sheetId the sheet it shall be cut from, or null
 * @param cardstockId what it is made of, or null for the usual card
 * @param notes the maker's own words
 * @param free the card itself where it is drawn free, or null
 * @param locked measures that no change of another may move; of a free card, panels whose width none may
 * @param dressing its mats and layers
 */
public record Plan(
        String name,
        String structureId,
        Measures measures,
        Ruler ruler,
        @Nullable String envelopeId,
        @Nullable String sheetId,
        @Nullable String cardstockId,
        String notes,
        @Nullable FreeCard free,
        Set<String> locked,
        Dressing dressing) {

    /** Longest name of a card. */
    public static final int LONGEST_NAME = 120;
    /** Longest notes. */
    public static final int LONGEST_NOTES = 10_000;

    /** @throws Refusal when the name is empty or the texts are too long */
    public Plan {
        name = name == null ? "" : name.strip();
        notes = notes == null ? "" : notes;
        measures = measures.on(ruler);
        locked = Collections.unmodifiableSet(new LinkedHashSet<>(locked));
        if (name.isEmpty()) {
            throw new Refusal("name", "A card needs a name. Type one, like \"Kite day invitation\".");
        }
        if (name.length() > LONGEST_NAME) {
            throw new Refusal(
                    "name",
                    String.format(Locale.ROOT, "The name is longer than %d characters. Shorten it.", LONGEST_NAME));
        }
        if (notes.length() > LONGEST_NOTES) {
            throw new Refusal(
                    "notes",
                    String.format(
                            Locale.ROOT, "The notes are longer than %d characters. Shorten them.", LONGEST_NOTES));
        }
    }

    /** A plan of a structure of the catalogue, with nothing locked. */
    public Plan(
            String name,
            String structureId,
            Measures measures,
            Ruler ruler,
            @Nullable String envelopeId,
            @Nullable String sheetId,
            @Nullable String cardstockId,
            String notes) {
        this(
                name,
                structureId,
                measures,
                ruler,
                envelopeId,
                sheetId,
                cardstockId,
                notes,
                null,
                Set.of(),
                Dressing.NONE);
    }

    /** A plan that leaves the cardstock open. */
    public Plan(
            String name,
            String structureId,
            Measures measures,
            Ruler ruler,
            @Nullable String envelopeId,
            @Nullable String sheetId,
            String notes) {
        this(name, structureId, measures, ruler, envelopeId, sheetId, null, notes);
    }

    /** A plan of a card that is drawn free. */
    public static Plan of(String name, FreeCard free, Ruler ruler) {
        return new Plan(
                name,
                FreeStructure.ID,
                new Measures(Map.of()),
                ruler,
                null,
                null,
                null,
                "",
                free,
                Set.of(),
                Dressing.NONE);
    }

    /** The same plan of a card that is drawn free. */
    public Plan drawing(FreeCard card) {
        return new Plan(
                name,
                FreeStructure.ID,
                new Measures(Map.of()),
                ruler,
                envelopeId,
                sheetId,
                cardstockId,
                notes,
                card,
                isFree() ? locked : Set.of(),
                dressing);
    }

    /** Whether it is drawn free and not built by a structure of the catalogue. */
    public boolean isFree() {
        return free != null;
    }

    /**
     * The card as it is drawn.
     *
     * @throws NullPointerException when it {@linkplain #isFree() is not drawn} but follows a structure
     */
    public FreeCard drawn() {
        return Objects.requireNonNull(free, "not drawn free");
    }

    /** The same card of another cardstock, null for the usual one. */
    public Plan of(@Nullable String cardstock) {
        return new Plan(
                name, structureId, measures, ruler, envelopeId, sheetId, cardstock, notes, free, locked, dressing);
    }

    /** The same card under another name. */
    public Plan named(String other) {
        return new Plan(
                other, structureId, measures, ruler, envelopeId, sheetId, cardstockId, notes, free, locked, dressing);
    }

    /** The same card with other measures. */
    public Plan measuring(Measures other) {
        return new Plan(
                name, structureId, other, ruler, envelopeId, sheetId, cardstockId, notes, free, locked, dressing);
    }

    /** The same card written for another ruler; no measure changes. */
    public Plan on(Ruler other) {
        return new Plan(
                name, structureId, measures, other, envelopeId, sheetId, cardstockId, notes, free, locked, dressing);
    }

    /** The same card for another envelope, null for none. */
    public Plan into(@Nullable String envelope) {
        return new Plan(
                name, structureId, measures, ruler, envelope, sheetId, cardstockId, notes, free, locked, dressing);
    }

    /** The same card from another sheet, null for none. */
    public Plan from(@Nullable String sheet) {
        return new Plan(
                name, structureId, measures, ruler, envelopeId, sheet, cardstockId, notes, free, locked, dressing);
    }

    /** The same card with other layers. */
    public Plan dressed(Dressing other) {
        return new Plan(
                name, structureId, measures, ruler, envelopeId, sheetId, cardstockId, notes, free, locked, other);
    }

    /** The same card with its envelope, sheet and papers under other ids. */
    public Plan renaming(UnaryOperator<String> ids) {
        UnaryOperator<String> given = id -> id == null ? null : ids.apply(id);
        return new Plan(
                name,
                structureId,
                measures,
                ruler,
                given.apply(envelopeId),
                given.apply(sheetId),
                given.apply(cardstockId),
                notes,
                free,
                locked,
                dressing.renaming(ids));
    }

    /** The same card with other notes. */
    public Plan noting(String other) {
        return new Plan(
                name, structureId, measures, ruler, envelopeId, sheetId, cardstockId, other, free, locked, dressing);
    }

    /** The same card with a measure, or a panel's width, locked or no longer so. */
    public Plan locking(String id, boolean lock) {
        Set<String> ids = new LinkedHashSet<>(locked);
        if (lock) {
            ids.add(id);
        } else {
            ids.remove(id);
        }
        return new Plan(
                name, structureId, measures, ruler, envelopeId, sheetId, cardstockId, notes, free, ids, dressing);
    }

    /** The same card resized, what is locked as it was. */
    public Plan resized(Structure structure, Measures after) {
        Measures kept = keeping(after, "");
        MeasureCheck.of(structure, kept, ruler).requireAll();
        return measuring(kept);
    }

    private Measures keeping(Measures after, String but) {
        Measures kept = after;
        for (String id : locked) {
            if (!id.equals(but) && measures.byId().containsKey(id)) {
                kept = kept.with(id, measures.get(id));
            }
        }
        return kept;
    }

    /** The same card with the usual measures for variants that its structure had not when the plan was written. */
    public Plan completed(Structure structure) {
        Measures completed = measures;
        for (Parameter parameter : structure.parameters()) {
            boolean known = measures.byId().containsKey(Parameter.WIDTH)
                    && measures.byId().containsKey(Parameter.HEIGHT);
            if (known && parameter.with() != null && !measures.byId().containsKey(parameter.id())) {
                Size finished = new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
                completed = completed.with(
                        parameter.id(), structure.proportioned(finished, ruler).get(parameter.id()));
            }
        }
        return completed.equals(measures) ? this : measuring(completed);
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
        if (locked.contains(parameter)) {
            throw new Refusal(parameter, "This measure is locked. Unlock it to change it.");
        }
        MeasureCheck.of(structure, measures, ruler).require(parameter, length);
        return measuring(keeping(structure.changed(measures, parameter, length), parameter));
    }
}
