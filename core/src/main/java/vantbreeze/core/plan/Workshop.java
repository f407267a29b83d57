package vantbreeze.core.plan;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.extra.Extended;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.free.FreeStructure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Tools;
import vantbreeze.core.wrap.Wraps;

/**
 * Where plans are worked out: the catalogue, and the envelopes and sheets at hand.
 *
 * @param catalogue the structures to choose from
 * @param wraps the wraps to choose from
 * @param envelopes the envelopes to choose from
 * @param sheets the sheets to choose from
 * @param cardstocks the cardstocks to choose from
 * @param tools what is on the table
 */
public record Workshop(
        Catalogue catalogue, Catalogue wraps, Envelopes envelopes, Sheets sheets, Cardstocks cardstocks, Tools tools) {

    /** Every structure, with the published envelopes and sheets. */
    public static Workshop standard() {
        return new Workshop(
                Catalogue.full(),
                Wraps.all(),
                Envelopes.published(),
                Sheets.published(),
                Cardstocks.usual(),
                Tools.usual());
    }

    /** This workshop with what one maker has of their own. */
    public Workshop with(OwnStock own) {
        Allowances allowances = own.tools().allowances();
        boolean isSame = allowances.equals(tools.allowances());
        return new Workshop(
                isSame ? catalogue : catalogue.with(allowances),
                isSame ? wraps : wraps.with(allowances),
                envelopes.and(own.envelopes()),
                sheets.and(own.sheets()),
                cardstocks.and(own.cardstocks()),
                own.tools()
                        .with(own.tools().dies().without(own.away()))
                        .with(own.tools().adhesives().missing(own.away())));
    }

    /**
     * Works out a plan: what follows from it, when it is looked at.
     *
     * @throws ValidationException when it names what is not there, or a measure is missing or beyond its limits
     */
    public WorkedPlan work(Plan asked) {
        return work(asked, null);
    }

    /**
     * Works out a plan while a line of it is dragged: all but whether panels meet on their way and what takes long to
     * decide, which are said when the line is let go. Its thickness is told as if every layer were as large as the
     * lowest beneath it, and up on its panels stays as it was before.
     *
     * @param held the plan whose line is held
     * @throws ValidationException as {@link #work}
     */
    public WorkedPlan glimpse(Plan asked, Plan held) {
        return work(asked, held);
    }

    /** @param held what is dragged, if anything is */
    private WorkedPlan work(Plan asked, @Nullable Plan held) {
        Structure structure = structure(asked);
        Plan plan = asked.completed(structure);
        MeasureCheck.of(structure, plan.measures(), plan.ruler()).requireAll();
        if (plan.sheetId() != null) {
            sheet(plan.sheetId());
        }
        if (plan.envelopeId() != null) {
            envelope(plan.envelopeId());
        }
        cardstock(plan.cardstockId());
        plan.supplies().ofPieces().values().forEach(this::cardstock);
        return new WorkedPlan(this, plan, structure, held);
    }

    /** Sizes to start a card of this structure from. */
    public Proposals proposals(Structure structure, Ruler ruler, StockSheet sheet) {
        return new Proposals(structure, ruler, sheet, envelopes, tools);
    }

    /**
     * What a plan builds on: a structure of the catalogue, or the card itself where it is drawn free.
     *
     * @throws ValidationException when there is no such structure, or what is drawn can't be worked out
     */
    public Structure structure(Plan plan) {
        if (plan.design() instanceof Design.Parametric card) {
            Structure base = structure(card.structureId());
            return card.extras().all().isEmpty() ? base : new Extended(base, card.extras(), tools.allowances());
        }
        plan.drawn().impossible().ifPresent(words -> {
            throw new ValidationException("drawing", words);
        });
        return new FreeStructure(plan.drawn());
    }

    /**
     * The structure of that id, of a card or of a wrap.
     *
     * @throws ValidationException when there is no such structure
     */
    public Structure structure(String id) {
        return catalogue
                .find(id)
                .or(() -> wraps.find(id))
                .orElseThrow(() -> new ValidationException(
                        "structure",
                        "There is no structure called \"%s\" here. The plan may be from a newer Vantbreeze."
                                .formatted(id)));
    }

    /**
     * The envelope of that id.
     *
     * @throws ValidationException when there is no such envelope
     */
    public Envelope envelope(String id) {
        return envelopes
                .find(id)
                .orElseThrow(() -> new ValidationException(
                        "envelope",
                        "There is no envelope called \"%s\" here. Choose one from the list.".formatted(id)));
    }

    /**
     * The sheet of that id.
     *
     * @throws ValidationException when there is no such sheet
     */
    public StockSheet sheet(String id) {
        return sheets.find(id)
                .orElseThrow(() -> new ValidationException(
                        "sheet", "There is no sheet called \"%s\" here. Choose one from the list.".formatted(id)));
    }

    /**
     * The cardstock of that id, null for the usual one.
     *
     * @throws ValidationException when there is no such cardstock
     */
    public Cardstock cardstock(@Nullable String id) {
        return cardstocks
                .find(id == null ? Cardstocks.USUAL : id)
                .orElseThrow(() -> new ValidationException(
                        "cardstock",
                        "There is no cardstock called \"%s\" here. Choose one from the list.".formatted(id)));
    }
}
