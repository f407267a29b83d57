package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.extra.Extras;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.Design;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Supplies;
import vantbreeze.core.structure.Measures;

/**
 * The fields of a plan document, as they are written. One that is added is one more component here, and what it becomes
 * of a plan; documents written before it read it as null or empty.
 */
record PlanJson(
        String format,
        int version,
        String name,
        String structure,
        Map<String, String> measures,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> choices,
        String ruler,
        @JsonSetter(nulls = Nulls.SET) @Nullable String envelope,
        @JsonSetter(nulls = Nulls.SET) @Nullable String sheet,
        @IfThere @Nullable String cardstock,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PieceStockJson> pieceCardstocks,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<SlideJson> prints,
        String notes,
        @IfThere @Nullable FreeJson free,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<ExtraJson> extras,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> locked,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<DressedJson> layers,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<BedJson> glued,
        @IfThere @Nullable CuttingJson cutting,
        @IfThere @Nullable BuildingJson building) {

    /** A piece of another cardstock than its card; {@code nth} of its name, 1 where there is but one. */
    record PieceStockJson(String piece, int nth, String cardstock) {}

    /** Where the print begins on a piece. */
    record SlideJson(String piece, int nth, String across, String up) {}

    static PlanJson of(Plan plan) {
        Ruler ruler = plan.ruler();
        Map<String, String> measures = new LinkedHashMap<>();
        plan.measures()
                .byId()
                .forEach((id, length) ->
                        measures.put(id, Figure.of(length, ruler).text()));
        return new PlanJson(
                PlanDocument.FORMAT,
                PlanDocument.VERSION,
                plan.name(),
                plan.structureId(),
                measures,
                plan.measures().choices(),
                ruler.id(),
                plan.envelopeId(),
                plan.sheetId(),
                plan.cardstockId(),
                plan.supplies().ofPieces().entrySet().stream()
                        .map(own -> new PieceStockJson(
                                own.getKey().name(), own.getKey().nth(), own.getValue()))
                        .toList(),
                plan.supplies().slides().entrySet().stream()
                        .map(one -> new SlideJson(
                                one.getKey().name(),
                                one.getKey().nth(),
                                Figure.of(one.getValue().across(), ruler).text(),
                                Figure.of(one.getValue().up(), ruler).text()))
                        .toList(),
                plan.notes(),
                plan.isFree() ? FreeJson.of(plan.drawn()) : null,
                plan.extras().all().stream().map(ExtraJson::of).toList(),
                List.copyOf(plan.locked()),
                plan.dressing().all().stream()
                        .map(dressed -> DressedJson.of(dressed, ruler))
                        .toList(),
                plan.dressing().beds().entrySet().stream().map(BedJson::of).toList(),
                plan.cutting().isUsual() ? null : CuttingJson.of(plan.cutting(), ruler),
                plan.building().isUsual() ? null : BuildingJson.of(plan.building()));
    }

    /**
     * The plan that is written here.
     *
     * @throws UnreadablePlan when a measure, the ruler, the drawing or a layer can't be read
     * @throws vantbreeze.core.check.ValidationException when there can be no such plan
     */
    Plan plan() {
        Ruler read = Ruler.find(ruler).orElseThrow(() -> UnreadablePlan.ofRuler(ruler));
        return new Plan(
                name,
                notes,
                read,
                design(read),
                new Supplies(envelope, sheet, cardstock, ofPieces(), slides(read)),
                dressing(read),
                cutting == null ? CutChoices.NONE : cutting.choices(read, this::panelNow),
                building == null ? BuildChoices.NONE : building.choices(this::panelNow));
    }

    private Design design(Ruler read) {
        if (free == null) {
            return new Design.Parametric(
                    structureNow(), new Measures(measures(read), choices), new LinkedHashSet<>(locked), carried());
        }
        try {
            return new Design.Free(free.card(), new LinkedHashSet<>(locked));
        } catch (IllegalArgumentException
                | ArithmeticException
                | IndexOutOfBoundsException
                | NullPointerException garbled) {
            throw UnreadablePlan.ofDrawing();
        }
    }

    /** Two structures were once called as others are now; the measures that only they have tell which is meant. */
    private String structureNow() {
        if (structure.equals("slit-tower") && measures.containsKey("row")) {
            return "slit-gatefold";
        }
        return structure.equals("inverted-z") && measures.containsKey("shift") ? "offset-z" : structure;
    }

    /** A drawn card's panels are called as they were drawn. */
    private String panelNow(String name) {
        return free == null ? FormerNames.now(structureNow(), name) : name;
    }

    private Map<String, Length> measures(Ruler read) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        measures.forEach((id, text) -> {
            try {
                lengths.put(id, MeasureReader.of(read).read(text));
            } catch (UnreadableMeasure unreadable) {
                throw UnreadablePlan.ofMeasure(id, text, unreadable);
            }
        });
        return lengths;
    }

    private Extras carried() {
        try {
            return new Extras(
                    extras.stream().map(one -> one.extra(this::panelNow)).toList());
        } catch (IllegalArgumentException garbled) {
            throw UnreadablePlan.ofExtras(String.valueOf(garbled.getMessage()));
        } catch (NullPointerException missing) {
            throw UnreadablePlan.ofExtras("Something is missing of one.");
        }
    }

    private Map<PieceId, String> ofPieces() {
        Map<PieceId, String> own = new LinkedHashMap<>();
        pieceCardstocks.forEach(one -> own.put(new PieceId(one.piece, Math.max(1, one.nth)), one.cardstock));
        return own;
    }

    private Map<PieceId, Slide> slides(Ruler read) {
        Map<PieceId, Slide> slides = new LinkedHashMap<>();
        for (SlideJson one : prints) {
            slides.put(
                    new PieceId(one.piece, Math.max(1, one.nth)),
                    new Slide(slid(one.across, read), slid(one.up, read)));
        }
        return slides;
    }

    private static Length slid(String text, Ruler read) {
        try {
            return MeasureReader.of(read).read(text);
        } catch (UnreadableMeasure unreadable) {
            throw UnreadablePlan.ofMeasure("print", text, unreadable);
        }
    }

    private Dressing dressing(Ruler read) {
        try {
            Map<JoinId, Bed> beds = new LinkedHashMap<>();
            glued.forEach(one -> beds.put(one.join(this::panelNow), one.bed()));
            return new Dressing(
                    layers.stream()
                            .map(layer -> layer.dressed(read, this::panelNow))
                            .toList(),
                    beds);
        } catch (IllegalArgumentException garbled) {
            throw UnreadablePlan.ofLayers(String.valueOf(garbled.getMessage()));
        } catch (NullPointerException missing) {
            throw UnreadablePlan.ofLayers("Something is missing of one.");
        }
    }
}
