package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.post.PostLimits;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.Span;
import vantbreeze.core.post.Surcharges;

/** Postal services as a maker types them, from what the counter says; what can't be read is refused for its field. */
final class PostCommand {

    private PostCommand() {}

    /** From where to where, as typed; blank for no limit that way. */
    public record TypedSpan(@Text String from, @Text String to) {

        static TypedSpan of(Span span, Ruler ruler) {
            return new TypedSpan(span.from() == 0 ? "" : measure(span.from(), ruler), measure(span.to(), ruler));
        }

        static TypedSpan plain(@Nullable Span span) {
            return span == null
                    ? new TypedSpan("", "")
                    : new TypedSpan(span.from() == 0 ? "" : number(span.from()), number(span.to()));
        }

        private static String number(double number) {
            return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
        }

        private Span measured(String field) {
            String least = NewStock.filled(from);
            return new Span(least == null ? 0 : millimetres(field, least), millimetres(field, required(field)));
        }

        private Span weighed(String field) {
            String least = NewStock.filled(from);
            return new Span(
                    least == null ? 0 : PostCommand.number(field, least, "g"),
                    PostCommand.number(field, required(field), "g"));
        }

        private @Nullable Span times(String field) {
            String least = NewStock.filled(from);
            String most = NewStock.filled(to);
            if (least == null && most == null) {
                return null;
            }
            return new Span(
                    least == null ? 0 : PostCommand.number(field, least, ""),
                    most == null ? ANY : PostCommand.number(field, most, ""));
        }

        private String required(String field) {
            String most = NewStock.filled(to);
            if (most == null) {
                throw new ValidationException(
                        field, "The %s needs a limit. Type the most that is taken.".formatted(field));
            }
            return most;
        }
    }

    /** As many times as long as wide as any card is. */
    private static final double ANY = 100;

    /**
     * A service as typed.
     *
     * @param length with its unit, millimetres where none is said
     * @param weight g
     * @param together length, width and thickness together; blank for no such limit
     * @param ratio how many times as long as wide it must be; blank where that does not matter
     * @param machine how many times as long as wide machines read; what is beyond counts as square
     * @param square what is due for something square; blank for nothing
     * @param stiff what is due for something stiff or uneven; blank for nothing
     * @param price what it costs; blank where it is not known
     * @param source where that is from, and as of when
     */
    public record NewService(
            @Text String name,
            @NotNull @Valid TypedSpan length,
            @NotNull @Valid TypedSpan width,
            @NotNull @Valid TypedSpan thickness,
            @NotNull @Valid TypedSpan weight,
            @Text String together,
            @NotNull @Valid TypedSpan ratio,
            @NotNull @Valid TypedSpan machine,
            @Text String square,
            @Text String stiff,
            @Text String price,
            @Text String source) {

        PostService service(String id) {
            String all = NewStock.filled(together);
            return new PostService(
                    id,
                    name,
                    new PostLimits(
                            length.measured("length"),
                            width.measured("width"),
                            thickness.measured("thickness"),
                            weight.weighed("weight"),
                            all == null ? 0 : millimetres("together", all),
                            ratio.times("ratio")),
                    new Surcharges(
                            machine.times("machine"),
                            NewStock.priceIn(NewStock.filled(square)),
                            NewStock.priceIn(NewStock.filled(stiff))),
                    NewStock.priceIn(NewStock.filled(price)),
                    source);
        }
    }

    /** A postal area as typed, with no service yet. */
    public record NewArea(@Text String area, @Text String currency) {

        PostTable table(String id) {
            return new PostTable(id, area, currency.strip().toUpperCase(Locale.ROOT), List.of());
        }
    }

    /** A length as it is typed. */
    static String measure(double millimetres, Ruler ruler) {
        return Figure.of(Length.nearest(millimetres), ruler).text();
    }

    private static double millimetres(String field, String text) {
        return Written.on(Ruler.MM_1.id()).measure(field, text).millimetres();
    }

    private static double number(String field, String text, String unit) {
        String plain = text.replace(',', '.').replaceAll("\\s*%s$".formatted(unit), "");
        if (!plain.matches("\\d{1,6}(\\.\\d{1,6})?")) {
            throw new ValidationException(field, "\"%s\" is no number. Type one, like 20.".formatted(text));
        }
        return Double.parseDouble(plain);
    }
}
