package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Mats and layers on some faces in a plan document, measures as written on the plan's ruler. */
record DressedJson(
        List<FaceJson> faces,
        List<LayerJson> layers,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<EmbellishmentJson> embellishments) {

    /** A side of a panel, its piece counted from 0. */
    record FaceJson(int piece, String panel, Side side) {}

    /** A layer; its own size, its foam and its side only where it has any. */
    record LayerJson(
            String paper,
            String border,
            @IfThere @Nullable String width,
            @IfThere @Nullable String height,
            @IfThere @Nullable String pad,
            @IfThere @Nullable Boolean otherSide,
            @IfThere @Nullable String die) {

        static LayerJson of(LayerChoice layer, Ruler ruler) {
            Size own = layer.own();
            return new LayerJson(
                    layer.paper(),
                    write(layer.border(), ruler),
                    own == null ? null : write(own.width(), ruler),
                    own == null ? null : write(own.height(), ruler),
                    layer.pad().isPositive() ? write(layer.pad(), ruler) : null,
                    layer.otherSide() ? true : null,
                    layer.die() == null ? null : layer.die().label());
        }

        LayerChoice layer(Ruler ruler) {
            return new LayerChoice(
                    paper,
                    read(border, ruler),
                    width == null ? null : new Size(read(width, ruler), read(height, ruler)),
                    pad == null ? Length.ZERO : read(pad, ruler),
                    Boolean.TRUE.equals(otherSide),
                    width == null || die == null ? null : DieShape.find(die).orElse(null));
        }
    }

    /** Something set on top; its weight only where it is known. */
    record EmbellishmentJson(
            String name, String standsUp, String width, String height, @IfThere @Nullable JsonNode grams) {

        static EmbellishmentJson of(Embellishment one, Ruler ruler) {
            return new EmbellishmentJson(
                    one.name(),
                    write(one.height(), ruler),
                    write(one.size().width(), ruler),
                    write(one.size().height(), ruler),
                    one.grams() == null ? null : DoubleNode.valueOf(one.grams()));
        }

        Embellishment embellishment(Ruler ruler) {
            if (grams != null && !grams.isNull() && !grams.isNumber()) {
                throw new IllegalArgumentException("\"%s\" is no weight in grams.".formatted(grams.asText()));
            }
            return new Embellishment(
                    name,
                    new Size(read(width, ruler), read(height, ruler)),
                    read(standsUp, ruler),
                    grams == null || grams.isNull() ? null : grams.asDouble());
        }
    }

    static DressedJson of(Dressed dressed, Ruler ruler) {
        return new DressedJson(
                dressed.faces().stream()
                        .map(face -> new FaceJson(face.piece(), face.panel(), face.side()))
                        .toList(),
                dressed.layers().stream()
                        .map(layer -> LayerJson.of(layer, ruler))
                        .toList(),
                dressed.embellishments().stream()
                        .map(one -> EmbellishmentJson.of(one, ruler))
                        .toList());
    }

    /**
     * @param panels what panels are called now
     * @throws IllegalArgumentException when a measure can't be read, or it is more than there may be
     */
    Dressed dressed(Ruler ruler, UnaryOperator<String> panels) {
        return new Dressed(
                faces.stream()
                        .map(face -> new FaceName(face.piece, panels.apply(face.panel), face.side))
                        .toList(),
                layers.stream().map(layer -> layer.layer(ruler)).toList(),
                embellishments.stream().map(one -> one.embellishment(ruler)).toList());
    }

    private static String write(Length length, Ruler ruler) {
        return Figure.of(length, ruler).text();
    }

    private static Length read(@Nullable String text, Ruler ruler) {
        return MeasureReader.of(ruler).read(text);
    }
}
