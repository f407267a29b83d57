package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/** Envelopes, sheets and cardstocks of a maker's own, as they are written: measures in exact millimetres. */
record ThingsJson(List<EnvelopeJson> envelopes, List<SheetJson> sheets, List<CardstockJson> cardstocks) {

    /** An envelope, by its inside; what is not known of it is left out. */
    record EnvelopeJson(
            String id,
            String name,
            String width,
            String height,
            @IfThere @Nullable String depth,
            @IfThere @Nullable Integer count,
            @IfThere @Nullable String price) {

        static EnvelopeJson of(Envelope envelope) {
            return new EnvelopeJson(
                    envelope.id(),
                    envelope.name(),
                    exactly(envelope.inside().width()),
                    exactly(envelope.inside().height()),
                    envelope.depth().isPositive() ? exactly(envelope.depth()) : null,
                    envelope.count(),
                    plain(envelope.price()));
        }

        Envelope envelope() {
            return new Envelope(
                    id,
                    name,
                    size(width, height),
                    Envelope.Source.OWN,
                    depth == null ? Length.ZERO : length(depth),
                    count,
                    money(price));
        }
    }

    static @Nullable String plain(@Nullable BigDecimal money) {
        return money == null ? null : money.toPlainString();
    }

    static @Nullable BigDecimal money(@Nullable String plain) {
        return plain == null ? null : new BigDecimal(plain);
    }

    /** A sheet; what is not known of it is left out. */
    record SheetJson(
            String id,
            String name,
            String width,
            String height,
            @IfThere @Nullable String stock,
            @IfThere @Nullable Integer count,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean offcut,
            @IfThere @Nullable String price) {

        static SheetJson of(StockSheet sheet) {
            return new SheetJson(
                    sheet.id(),
                    sheet.name(),
                    exactly(sheet.size().width()),
                    exactly(sheet.size().height()),
                    sheet.stockId(),
                    sheet.count(),
                    sheet.offcut(),
                    plain(sheet.price()));
        }

        StockSheet sheet() {
            return new StockSheet(id, name, size(width, height), stock, count, offcut, money(price));
        }
    }

    /** A cardstock or paper; those that were kept before papers had a look say nothing of it, and are plain. */
    record CardstockJson(
            String id,
            String name,
            int grammage,
            String caliper,
            String grain,
            String pattern,
            String colour,
            @IfThere @Nullable String print,
            @IfThere @Nullable String ink,
            @IfThere @Nullable String back,
            @IfThere @Nullable String image) {

        static CardstockJson of(String id, Cardstock card) {
            Look look = card.look();
            return new CardstockJson(
                    id,
                    card.name(),
                    card.grammage(),
                    exactly(card.caliper()),
                    card.grain().name(),
                    card.pattern().name(),
                    card.colour(),
                    look.print().name(),
                    look.ink(),
                    look.back(),
                    look.image());
        }

        Cardstock cardstock() {
            return new Cardstock(
                    name,
                    grammage,
                    length(caliper),
                    Cardstock.Grain.valueOf(grain),
                    Cardstock.Pattern.valueOf(pattern),
                    colour,
                    look());
        }

        private Look look() {
            return print == null
                    ? Look.plain(colour)
                    : new Look(
                            Look.Print.valueOf(print), ink == null ? colour : ink, back == null ? colour : back, image);
        }
    }

    static ThingsJson of(OwnThings things) {
        return new ThingsJson(
                things.envelopes().stream().map(EnvelopeJson::of).toList(),
                things.sheets().stream().map(SheetJson::of).toList(),
                things.cardstocks().entrySet().stream()
                        .map(one -> CardstockJson.of(one.getKey(), one.getValue()))
                        .toList());
    }

    /** @throws IllegalArgumentException when one of them can't be read */
    OwnThings things() {
        Map<String, Cardstock> own = new LinkedHashMap<>();
        cardstocks.forEach(card -> own.put(card.id, card.cardstock()));
        return new OwnThings(
                envelopes.stream().map(EnvelopeJson::envelope).toList(),
                sheets.stream().map(SheetJson::sheet).toList(),
                own);
    }

    static String exactly(Length length) {
        return length.exactMillimetres().toPlainString() + " mm";
    }

    /** @throws vantbreeze.core.length.UnreadableMeasure when it is none */
    static Length length(String text) {
        return MeasureReader.in(LengthUnit.MILLIMETRE).read(text);
    }

    private static Size size(String width, String height) {
        return new Size(length(width), length(height));
    }
}
