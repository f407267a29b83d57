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
import vantbreeze.core.cutting.Seam;
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
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PinJson> pins,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable List<SeamJson> seams) {

    /** What is said of a sheet of a paper. */
    record SheetJson(String paper, String sheet, SheetUse use) {}

    /**
     * Where a piece, or a layer, lies.
     *
     * @param piece the piece's name, with {@code nth} of that name; of a layer none
     * @param part which part of a piece that is joined from several, from 1
     * @param layer the face it lies on, with {@code level}; of a piece none
     */
    record PinJson(
            @IfThere @Nullable String piece,
            @IfThere @Nullable Integer nth,
            @IfThere @Nullable Integer part,
            @IfThere @Nullable LayerJson layer,
            String sheet,
            int ofSheets,
            String across,
            String up,
            boolean turned) {

        static PinJson of(CutPin pin, Ruler ruler) {
            String across = Figure.of(pin.x(), ruler).text();
            String up = Figure.of(pin.y(), ruler).text();
            PieceId piece = null;
            Integer part = null;
            LayerJson layer = null;
            if (pin.use() instanceof Blank.OfPiece one) {
                piece = one.piece();
            } else if (pin.use() instanceof Blank.OfPart one) {
                piece = one.piece();
                part = one.part();
            } else if (pin.use() instanceof Blank.OfLayer one) {
                layer = new LayerJson(
                        one.face().piece(), one.face().panel(), one.face().side(), one.level());
            }
            return new PinJson(
                    piece == null ? null : piece.name(),
                    piece == null ? null : piece.nth(),
                    part,
                    layer,
                    pin.sheetId(),
                    pin.nth(),
                    across,
                    up,
                    pin.turned());
        }

        CutPin pin(Ruler ruler, UnaryOperator<String> panels) {
            return new CutPin(use(panels), sheet, Math.max(1, ofSheets), read(across, ruler), read(up, ruler), turned);
        }

        private Blank.Use use(UnaryOperator<String> panels) {
            if (piece != null) {
                PieceId id = id(piece, nth);
                return part == null ? new Blank.OfPiece(id) : new Blank.OfPart(id, part);
            }
            if (layer == null) {
                throw new IllegalArgumentException("One that is pinned is neither a piece nor a layer.");
            }
            return new Blank.OfLayer(
                    new FaceName(layer.piece, panels.apply(layer.panel), layer.side), Math.max(0, layer.level));
        }
    }

    /** Where a piece is joined from parts; {@code at} and {@code overlap} from its left edge or its foot. */
    record SeamJson(String piece, @IfThere @Nullable Integer nth, boolean upright, String at, String overlap) {

        static SeamJson of(Seam seam, Ruler ruler) {
            return new SeamJson(
                    seam.piece().name(),
                    seam.piece().nth(),
                    seam.upright(),
                    Figure.of(seam.at(), ruler).text(),
                    Figure.of(seam.overlap(), ruler).text());
        }

        Seam seam(Ruler ruler) {
            return new Seam(id(piece, nth), upright, read(at, ruler), read(overlap, ruler));
        }
    }

    private static PieceId id(String piece, @Nullable Integer nth) {
        return new PieceId(piece, nth == null ? 1 : Math.max(1, nth));
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
                choices.pins().stream().map(pin -> PinJson.of(pin, ruler)).toList(),
                choices.seams().stream().map(seam -> SeamJson.of(seam, ruler)).toList());
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
                    pins.stream().map(pin -> pin.pin(ruler, panels)).toList(),
                    seams == null
                            ? List.of()
                            : seams.stream().map(seam -> seam.seam(ruler)).toList());
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
