package vantbreeze.exchange.document;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.post.PostLimits;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.Span;
import vantbreeze.core.post.Surcharges;

/** A postal area as it is written: lengths in millimetres, weights in grams, money as plain figures. */
record PostJson(String id, String area, String currency, List<ServiceJson> services) {

    static PostJson of(PostTable table) {
        return new PostJson(
                table.id(),
                table.area(),
                table.currency(),
                table.services().stream().map(ServiceJson::of).toList());
    }

    /** @throws IllegalArgumentException when it contradicts itself */
    PostTable table() {
        try {
            return new PostTable(
                    id,
                    area,
                    currency,
                    services.stream().map(ServiceJson::service).toList());
        } catch (ValidationException refused) {
            throw new IllegalArgumentException(refused.getMessage(), refused);
        }
    }

    /** From where to where. */
    record SpanJson(double from, double to) {

        static @Nullable SpanJson of(@Nullable Span span) {
            return span == null ? null : new SpanJson(span.from(), span.to());
        }

        static @Nullable Span span(@Nullable SpanJson json) {
            return json == null ? null : new Span(json.from, json.to);
        }

        static SpanJson ofKnown(Span span) {
            return new SpanJson(span.from(), span.to());
        }

        Span known() {
            return new Span(from, to);
        }
    }

    /** A service; limits that nobody minds and prices that nobody typed are left out. */
    record ServiceJson(
            String id,
            String name,
            SpanJson length,
            SpanJson width,
            SpanJson thickness,
            SpanJson weight,
            double together,
            @IfThere @Nullable SpanJson ratio,
            @IfThere @Nullable SpanJson machine,
            @IfThere @Nullable String square,
            @IfThere @Nullable String stiff,
            @IfThere @Nullable String price,
            String source) {

        static ServiceJson of(PostService service) {
            PostLimits limits = service.limits();
            Surcharges due = service.surcharges();
            return new ServiceJson(
                    service.id(),
                    service.name(),
                    SpanJson.ofKnown(limits.length()),
                    SpanJson.ofKnown(limits.width()),
                    SpanJson.ofKnown(limits.thickness()),
                    SpanJson.ofKnown(limits.weight()),
                    limits.together(),
                    SpanJson.of(limits.ratio()),
                    SpanJson.of(due.ratio()),
                    ThingsJson.plain(due.square()),
                    ThingsJson.plain(due.stiff()),
                    ThingsJson.plain(service.price()),
                    service.source());
        }

        PostService service() {
            return new PostService(
                    id,
                    name,
                    new PostLimits(
                            length.known(),
                            width.known(),
                            thickness.known(),
                            weight.known(),
                            together,
                            SpanJson.span(ratio)),
                    new Surcharges(SpanJson.span(machine), ThingsJson.money(square), ThingsJson.money(stiff)),
                    ThingsJson.money(price),
                    source);
        }
    }
}
