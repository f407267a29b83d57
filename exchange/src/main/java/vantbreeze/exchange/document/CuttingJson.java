package vantbreeze.exchange.document;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.cutting.CutPin;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;

/** How a card is cut, in a plan document; measures as written on the plan's ruler. */
record CuttingJson(
        boolean offcutsFirst,
        CutWishes.Grain grain,
        String squared,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<SheetJson> sheets,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PinJson> pins) {

    /** What is said of a sheet of a paper. */
    record SheetJson(String paper, String sheet, SheetUse use) {}

    /**
     * Where a piece, or a layer, lies.
     *
     * @param piece the piece's name, with {@code nth} of that name; of a layer none
     * @param layer the face it lies on, with {@code level}; of a piece none
     */
    record PinJson(
            @IfThere @Nullable String piece,
            @IfThere @Nullable Integer nth,
            @IfThere @Nullable LayerJson layer,
            String sheet,
            int ofSheets,
            String across,
            String up,
            boolean turned) {

        static PinJson of(CutPin pin, Ruler ruler) {
            String across = Figure.of(pin.x(), ruler).text();
            String up = Figure.of(pin.y(), ruler).text();
            if (pin.use() instanceof Blank.OfPiece one) {
                return new PinJson(
                        one.piece().name(),
                        one.piece().nth(),
                        null,
                        pin.sheetId(),
                        pin.nth(),
                        across,
                        up,
                        pin.turned());
            }
            LayerJson layer = pin.use() instanceof Blank.OfLayer one
                    ? new LayerJson(
                            one.face().piece(), one.face().panel(), one.face().side(), one.level())
                    : null;
            return new PinJson(null, null, layer, pin.sheetId(), pin.nth(), across, up, pin.turned());
        }

        CutPin pin(Ruler ruler, UnaryOperator<String> panels) {
            return new CutPin(use(panels), sheet, Math.max(1, ofSheets), read(across, ruler), read(up, ruler), turned);
        }

        private Blank.Use use(UnaryOperator<String> panels) {
            if (piece != null) {
                return new Blank.OfPiece(new PieceId(piece, nth == null ? 1 : Math.max(1, nth)));
            }
            if (layer == null) {
                throw new IllegalArgumentException("One that is pinned is neither a piece nor a layer.");
            }
            return new Blank.OfLayer(
                    new FaceName(layer.piece, panels.apply(layer.panel), layer.side), Math.max(0, layer.level));
        }
    }

    /** A layer: its face, its piece counted from 0, and how many layers lie beneath it. */
    record LayerJson(int piece, String panel, Side side, int level) {}

    static CuttingJson of(CutChoices choices, Ruler ruler) {
        return new CuttingJson(
                choices.wishes().offcutsFirst(),
                choices.wishes().grain(),
                Figure.of(choices.wishes().squared(), ruler).text(),
                choices.sheets().entrySet().stream()
                        .map(one -> new SheetJson(
                                one.getKey().stockId(), one.getKey().sheetId(), one.getValue()))
                        .toList(),
                choices.pins().stream().map(pin -> PinJson.of(pin, ruler)).toList());
    }

    /**
     * @param panels what panels are called now
     * @throws UnreadablePlan when it can't be read
     */
    CutChoices choices(Ruler ruler, UnaryOperator<String> panels) {
        try {
            Map<CutChoices.SheetOf, SheetUse> uses = new LinkedHashMap<>();
            sheets.forEach(one -> uses.put(new CutChoices.SheetOf(one.paper, one.sheet), one.use));
            return new CutChoices(
                    new CutWishes(offcutsFirst, requireNonNull(grain), read(squared, ruler)),
                    uses,
                    pins.stream().map(pin -> pin.pin(ruler, panels)).toList());
        } catch (IllegalArgumentException garbled) {
            throw UnreadablePlan.ofCutting(String.valueOf(garbled.getMessage()));
        } catch (NullPointerException missing) {
            throw UnreadablePlan.ofCutting("Something is missing of it.");
        }
    }

    private static Length read(@Nullable String text, Ruler ruler) {
        return MeasureReader.of(ruler).read(text);
    }
}
