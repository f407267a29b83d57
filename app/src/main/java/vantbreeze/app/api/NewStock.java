package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.DieSizes;
import vantbreeze.core.die.Nest;
import vantbreeze.core.edit.Deciding;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.GlueTime;
import vantbreeze.core.tool.Tools;

/** Tools and papers as a maker types them; what can't be read or makes no sense is refused for its field. */
final class NewStock {

    private NewStock() {}

    /** A board as typed. */
    public record NewBoard(@Text String name, @Text String groove, @Text String length) {

        private Board on(Ruler ruler) {
            Written written = Written.on(ruler.id());
            Length along = positive("groove", written.measure("groove", groove));
            Length all = positive("length", written.measure("length", length));
            if (along.isShorterThan(Length.ofMillimetres(1)) || along.isLongerThan(all)) {
                throw new ValidationException(
                        "groove", "Grooves lie at least 1 mm apart and nearer than the board is long.");
            }
            return new Board(plain(name), along, all);
        }
    }

    /** Tools as typed. */
    public record NewTools(
            @NotNull @Valid NewBoard inches, @NotNull @Valid NewBoard metric, @Text String bed, boolean stopsInside) {

        /** As written, with the usual allowances. */
        Tools tools() {
            return new Tools(
                    inches.on(Ruler.EIGHTHS),
                    metric.on(Ruler.MM_1),
                    positive("bed", Written.on(Ruler.EIGHTHS.id()).measure("bed", bed)),
                    stopsInside);
        }
    }

    /**
     * Dies as typed, on a ruler.
     *
     * @param shape what they cut out
     * @param sizes as they are written on the packet: "1, 1 1/2, 2 in"
     */
    public record NewNest(
            @Text String name, @Text String ruler, @Text String shape, boolean punch, @Text String sizes) {

        Nest nest(String id) {
            DieShape of = DieShape.find(shape)
                    .orElseThrow(() -> new ValidationException(
                            "shape",
                            "There is no die of the shape \"%s\". Choose one from the list.".formatted(shape)));
            String called = plain(name);
            return Deciding.of(
                    "sizes",
                    () -> new Nest(
                            id,
                            called,
                            punch,
                            of,
                            DieSizes.read(of, sizes, Written.on(ruler).ruler())));
        }
    }

    /**
     * An adhesive as typed.
     *
     * @param open how long it can be moved, with its unit
     * @param sets how long it wants to be left alone, with its unit
     * @param caution what can hurt; left out for nothing
     */
    public record NewAdhesive(
            @Text String name,
            @NotNull Adhesive.Kind kind,
            @Text String open,
            @Text String sets,
            @Nullable @MaybeText String caution) {

        Adhesive adhesive(String id) {
            String called = plain(name);
            String mind = filled(caution);
            int moves = Deciding.of("open", () -> GlueTime.read(open));
            int hardens = Deciding.of("sets", () -> GlueTime.read(sets));
            return Deciding.of(
                    "name",
                    () -> new Adhesive(id, called, kind, moves, hardens, mind == null ? List.of() : List.of(mind)));
        }
    }

    /**
     * An envelope or a box as typed, on a ruler.
     *
     * @param depth of a box; left out for a flat one
     * @param count how many there are; left out for as many as are wanted
     * @param price of one; left out when it is not known
     */
    public record NewEnvelope(
            @Text String name,
            @Text String ruler,
            @Text String width,
            @Text String height,
            @Nullable @MaybeText String depth,
            @Nullable @MaybeText String count,
            @Nullable @MaybeText String price) {

        Envelope envelope(String id) {
            Size inside = size(ruler, width, height);
            String walls = filled(depth);
            Length deep = walls == null
                    ? Length.ZERO
                    : Deciding.of("depth", () -> Written.on(ruler).measure("depth", walls));
            Integer many = countIn(filled(count), "envelopes");
            BigDecimal each = priceIn(filled(price));
            return Deciding.of(
                    deep.isLongerThan(Envelope.DEEPEST) ? "depth" : "count",
                    () -> new Envelope(id, plain(name), inside, Envelope.Source.OWN, deep, many, each));
        }
    }

    /**
     * A sheet as typed, on a ruler.
     *
     * @param paper what it is of; left out for a size that any comes in
     * @param count how many there are; left out for as many as are wanted
     * @param price of one; left out when it is not known
     */
    public record NewSheetOfStock(
            @Text String name,
            @Text String ruler,
            @Text String width,
            @Text String height,
            @Nullable @MaybeText String paper,
            @Nullable @MaybeText String count,
            @Nullable Boolean offcut,
            @Nullable @MaybeText String price) {

        StockSheet sheet(String id, Workshop workshop) {
            String of = filled(paper);
            if (of != null) {
                workshop.cardstock(of);
            }
            Size size = size(ruler, width, height);
            Integer sheets = countIn(filled(count), "sheets");
            BigDecimal each = priceIn(filled(price));
            return Deciding.of(
                    "count",
                    () -> new StockSheet(id, plain(name), size, of, sheets, Boolean.TRUE.equals(offcut), each));
        }
    }

    /**
     * A cardstock as typed; without a caliper it follows from the weight and the usual bulk.
     *
     * @param print what is printed on it, nothing when it is not said
     * @param ink in which colour
     * @param back the colour of its other side, the same when it is not said
     * @param image id of the maker's own picture
     */
    public record NewCardstock(
            @Text String name,
            @Text String grammage,
            @Nullable @MaybeText String caliper,
            @NotNull Cardstock.Grain grain,
            @NotNull Cardstock.Pattern pattern,
            @Text String colour,
            Look.@Nullable Print print,
            @Nullable @MaybeText String ink,
            @Nullable @MaybeText String back,
            @Nullable @MaybeText String image) {

        Cardstock cardstock() {
            int weight = grammageIn(grammage);
            String measured = filled(caliper);
            Length thickness = measured != null
                    ? positive("caliper", Written.on(Ruler.MM_1.id()).measure("caliper", measured))
                    : Cardstock.of("", weight).caliper();
            if (thickness.isLongerThan(Length.ofMillimetres(3))) {
                throw new ValidationException(
                        "caliper", "Card is at most 3 mm thick. Type the thickness of one sheet, like 0.36 mm.");
            }
            Look look = look();
            // kites have an upper end whatever is said
            Cardstock.Pattern printed = look.print().isUpright() && pattern == Cardstock.Pattern.PLAIN
                    ? Cardstock.Pattern.DIRECTIONAL
                    : pattern;
            return new Cardstock(plain(name), weight, thickness, grain, printed, colour, look);
        }

        private Look look() {
            Look.Print printed = print == null ? Look.Print.NONE : print;
            if (printed == Look.Print.IMAGE && image == null) {
                throw new ValidationException("picture", "Choose a picture of the paper first.");
            }
            String front = colourIn(colour);
            return new Look(
                    printed,
                    ink == null ? "#000000" : colourIn(ink),
                    back == null ? front : colourIn(back),
                    printed == Look.Print.IMAGE ? image : null);
        }
    }

    static @Nullable String filled(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private static @Nullable Integer countIn(@Nullable String text, String things) {
        if (text == null) {
            return null;
        }
        if (!text.matches("\\d{1,6}")) {
            throw new ValidationException(
                    "count", "\"%s\" is no number of %s. Type one, like 12.".formatted(text, things));
        }
        return Integer.valueOf(text);
    }

    static @Nullable BigDecimal priceIn(@Nullable String text) {
        if (text == null) {
            return null;
        }
        String figure = text.replace(',', '.');
        if (!figure.matches("\\d{1,6}(\\.\\d{1,4})?")) {
            throw new ValidationException("price", "\"%s\" is no price. Type a figure, like 0.35.".formatted(text));
        }
        return new BigDecimal(figure);
    }

    private static String colourIn(String text) {
        if (!text.matches("#[0-9a-fA-F]{6}")) {
            throw new ValidationException("colour", "A colour is written like #aaccee.");
        }
        return text;
    }

    private static String plain(String name) {
        String plain = name == null ? "" : name.strip();
        if (plain.isEmpty() || plain.length() > Plan.LONGEST_NAME) {
            throw new ValidationException(
                    "name", String.format(Locale.ROOT, "It needs a name of up to %d characters.", Plan.LONGEST_NAME));
        }
        return plain;
    }

    private static Size size(String ruler, String width, String height) {
        Written written = Written.on(ruler);
        return new Size(
                positive("width", written.measure("width", width)),
                positive("height", written.measure("height", height)));
    }

    private static Length positive(String field, Length length) {
        if (!length.isPositive()) {
            throw new ValidationException(field, "It can't be nothing. Type a measure, like 12 in or 300 mm.");
        }
        return length;
    }

    private static int grammageIn(String text) {
        String plain = text == null
                ? ""
                : text.replaceAll("(?i)\\s*(g/m²|g/m2|gsm|g)?\\s*$", "").strip();
        if (!plain.matches("\\d{2,4}") || Integer.parseInt(plain) < 30 || Integer.parseInt(plain) > 1_000) {
            throw new ValidationException(
                    "grammage", "Paper weighs between 30 and 1000 g/m². Type a whole number, like 300.");
        }
        return Integer.parseInt(plain);
    }
}
