package vantbreeze.exchange.document;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Stance;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Material;

/**
 * A free card in a plan document: pieces, joins and poses. Spots are written "across up" in exact millimetres from the
 * lower left corner, panels as "piece panel", pieces counted from 0.
 */
final class FreeDocument {

    /** Longest figure taken, characters. */
    private static final int LONGEST_FIGURE = 40;

    private FreeDocument() {}

    static void write(FreeCard card, ObjectNode into) {
        ArrayNode pieces = into.putArray("pieces");
        card.assembly().pieces().forEach(piece -> piece(piece, pieces.addObject()));
        ArrayNode joins = into.putArray("joins");
        card.assembly().joins().forEach(join -> join(join, joins.addObject()));
        ArrayNode overs = into.putArray("overs");
        card.assembly()
                .overs()
                .forEach(over -> overs.addArray().add(write(over.above())).add(write(over.below())));
        into.put("quarterTurns", card.assembly().quarterTurns());
        if (card.assembly().base() != null) {
            into.put("base", card.assembly().base());
        }
        ArrayNode poses = into.putArray("poses");
        card.stances().forEach(stance -> pose(stance, poses.addObject()));
        into.put("showing", card.showing());
        into.put("lean", card.lean());
        into.put("lies", card.lies());
    }

    private static void piece(Piece piece, ObjectNode into) {
        into.put("name", piece.name());
        if (piece.material() != Material.CARD) {
            into.put("material", piece.material().name().toLowerCase(Locale.ROOT));
        }
        spots(piece.outline(), into.putArray("outline"));
        ArrayNode scores = into.putArray("scores");
        piece.creases().forEach(crease -> scores.addObject()
                .put("from", write(crease.line().from()))
                .put("to", write(crease.line().to()))
                .put("fold", crease.fold().name().toLowerCase(Locale.ROOT)));
        ArrayNode slits = into.putArray("slits");
        piece.slits()
                .forEach(slit ->
                        slits.addObject().put("from", write(slit.from())).put("to", write(slit.to())));
        ArrayNode panels = into.putArray("panels");
        piece.panelNames()
                .forEach(name -> panels.addObject().put("name", name.name()).put("at", write(name.within())));
        ArrayNode holes = into.putArray("holes");
        piece.openings().forEach(hole -> spots(hole, holes.addArray()));
    }

    private static void join(Join join, ObjectNode into) {
        into.put("on", write(join.on())).put("onSide", join.onSide().name().toLowerCase(Locale.ROOT));
        into.put("glued", write(join.glued()))
                .put("gluedSide", join.gluedSide().name().toLowerCase(Locale.ROOT));
        into.put("at", write(join.at().on()))
                .put("its", write(join.at().glued()))
                .put("turn", join.at().turnDegrees())
                .put("slides", join.slides());
        spots(join.area(), into.putArray("area"));
    }

    private static void pose(Stance stance, ObjectNode into) {
        into.put("name", stance.name()).put("closed", stance.isClosed());
        ArrayNode angles = into.putArray("angles");
        stance.angles().forEach(angle -> angles.addObject()
                .put("one", angle.one())
                .put("other", angle.other())
                .put("degrees", angle.degrees()));
        ArrayNode slides = into.putArray("slides");
        stance.slides()
                .forEach(slide -> slides.addObject().put("panel", slide.panel()).put("mm", slide.millimetres()));
    }

    private static void spots(List<Spot> spots, ArrayNode into) {
        spots.forEach(spot -> into.add(write(spot)));
    }

    private static String write(Spot spot) {
        return "%s %s"
                .formatted(
                        spot.x().exactMillimetres().toPlainString(),
                        spot.y().exactMillimetres().toPlainString());
    }

    private static String write(PanelRef ref) {
        return String.format(Locale.ROOT, "%d %s", ref.piece(), ref.panel());
    }

    /** @throws UnreadablePlan when it is no free card */
    static FreeCard read(JsonNode node) {
        try {
            List<Piece> pieces = each(node.path("pieces"), FreeDocument::piece);
            List<Join> joins = each(node.path("joins"), FreeDocument::join);
            List<Over> overs = each(node.path("overs"), over -> new Over(ref(over.path(0)), ref(over.path(1))));
            Assembly assembly = new Assembly(
                    pieces,
                    joins,
                    overs,
                    node.path("quarterTurns").asInt(),
                    node.hasNonNull("base") ? node.path("base").asText() : null);
            return new FreeCard(
                    assembly,
                    each(node.path("poses"), FreeDocument::pose),
                    node.path("showing").asDouble(),
                    node.path("lean").asDouble(),
                    node.path("lies").asBoolean());
        } catch (IllegalArgumentException | ArithmeticException | IndexOutOfBoundsException garbled) {
            throw new UnreadablePlan(
                    "The plan's drawing can't be read. It may have been changed by hand: open the file "
                            + "as it was downloaded.");
        }
    }

    private static Piece piece(JsonNode node) {
        return new Piece(
                node.path("name").asText(),
                spots(node.path("outline")),
                each(
                        node.path("scores"),
                        score -> new Crease(
                                line(score),
                                Fold.valueOf(score.path("fold").asText().toUpperCase(Locale.ROOT)))),
                each(node.path("slits"), FreeDocument::line),
                each(
                        node.path("panels"),
                        panel -> new PanelName(
                                spot(panel.path("at")), panel.path("name").asText())),
                each(node.path("holes"), FreeDocument::spots),
                node.has("material")
                        ? Material.valueOf(node.path("material").asText().toUpperCase(Locale.ROOT))
                        : Material.CARD);
    }

    private static Join join(JsonNode node) {
        return new Join(
                ref(node.path("on")),
                side(node.path("onSide")),
                ref(node.path("glued")),
                side(node.path("gluedSide")),
                new Attachment(
                        spot(node.path("at")),
                        spot(node.path("its")),
                        node.path("turn").asDouble()),
                node.path("slides").asBoolean(),
                spots(node.path("area")));
    }

    private static Stance pose(JsonNode node) {
        return new Stance(
                node.path("name").asText(),
                node.path("closed").asBoolean(),
                each(
                        node.path("angles"),
                        angle -> new Stance.Angle(
                                angle.path("one").asText(),
                                angle.path("other").asText(),
                                angle.path("degrees").asDouble())),
                each(
                        node.path("slides"),
                        slide -> new Stance.Slide(
                                slide.path("panel").asText(), slide.path("mm").asDouble())));
    }

    private static Side side(JsonNode node) {
        return Side.valueOf(node.asText().toUpperCase(Locale.ROOT));
    }

    private static Stretch line(JsonNode node) {
        return new Stretch(spot(node.path("from")), spot(node.path("to")));
    }

    private static List<Spot> spots(JsonNode node) {
        return each(node, FreeDocument::spot);
    }

    private static Spot spot(JsonNode node) {
        String[] parts = node.asText().split(" ", 2);
        return new Spot(length(parts[0]), length(parts[1]));
    }

    private static Length length(String millimetres) {
        if (millimetres.length() > LONGEST_FIGURE) {
            throw new IllegalArgumentException("a figure of " + millimetres.length() + " digits");
        }
        return Length.ofUnits(new BigDecimal(millimetres)
                .multiply(BigDecimal.valueOf(Length.PER_MILLIMETRE))
                .longValueExact());
    }

    private static PanelRef ref(JsonNode node) {
        String[] parts = node.asText().split(" ", 2);
        return new PanelRef(Integer.parseInt(parts[0]), parts[1]);
    }

    private static <T> List<T> each(JsonNode nodes, Function<JsonNode, T> read) {
        List<T> all = new ArrayList<>();
        nodes.forEach(node -> all.add(read.apply(node)));
        return all;
    }
}
