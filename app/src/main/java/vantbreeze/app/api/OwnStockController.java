package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

/** Tools and stock of the maker's own. */
@RestController
@RequestMapping("/api/stock/own")
class OwnStockController {

    /** A scoring board: the distance of its grooves and its length. */
    public record BoardView(String name, FigureView groove, FigureView length) {}

    /** An envelope or a sheet, by id. */
    public record ThingView(String id, String name, SizeView size, boolean away, @Nullable SheetOfOwn sheet) {}

    /**
     * What is known of a sheet beside its size.
     *
     * @param paper what it is of, if it is not a size that any comes in
     * @param count how many there are, if that is known
     * @param price of one, if that is known
     */
    public record SheetOfOwn(@Nullable String paper, @Nullable Integer count, boolean offcut, @Nullable String price) {
        static SheetOfOwn of(StockSheet sheet) {
            return new SheetOfOwn(
                    sheet.stockId(),
                    sheet.count(),
                    sheet.offcut(),
                    sheet.price() == null ? null : sheet.price().toPlainString());
        }
    }

    /** A cardstock. */
    public record CardstockOfOwn(
            String id,
            String name,
            int grammage,
            String caliper,
            Cardstock.Grain grain,
            Cardstock.Pattern pattern,
            String colour,
            PaperView paper,
            boolean away) {}

    /** All that the maker has of their own. */
    public record OwnStockView(
            BoardView inches,
            BoardView metric,
            FigureView bed,
            boolean stopsInside,
            List<ThingView> envelopes,
            List<ThingView> sheets,
            List<CardstockOfOwn> cardstocks) {}

    /** A board as typed. */
    public record NewBoard(@Text String name, @Text String groove, @Text String length) {}

    /** Tools as typed. */
    public record NewTools(
            @NotNull @Valid NewBoard inches, @NotNull @Valid NewBoard metric, @Text String bed, boolean stopsInside) {}

    /** An envelope or a sheet as typed, on a ruler. */
    public record NewThing(@Text String name, @Text String ruler, @Text String width, @Text String height) {}

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
            @Nullable @MaybeText String price) {}

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
            @Nullable @MaybeText String image) {}

    private final StockRoom stock;

    OwnStockController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping
    OwnStockView own() {
        OwnStock own = stock.own();
        return new OwnStockView(
                board(own.tools().inches(), Ruler.SIXTEENTHS),
                board(own.tools().metric(), Ruler.MM_HALF),
                FigureView.of(own.tools().bed(), Ruler.SIXTEENTHS),
                own.tools().stopsInside(),
                own.envelopes().stream()
                        .map(one -> new ThingView(
                                one.id(),
                                one.name(),
                                size(one.inside()),
                                own.away().contains(one.id()),
                                null))
                        .toList(),
                own.sheets().stream()
                        .map(one -> new ThingView(
                                one.id(),
                                one.name(),
                                size(one.size()),
                                own.away().contains(one.id()),
                                SheetOfOwn.of(one)))
                        .toList(),
                own.cardstocks().entrySet().stream()
                        .map(one -> new CardstockOfOwn(
                                one.getKey(),
                                one.getValue().name(),
                                one.getValue().grammage(),
                                String.format(
                                        Locale.ROOT,
                                        "%.2f mm",
                                        one.getValue().caliper().millimetres()),
                                one.getValue().grain(),
                                one.getValue().pattern(),
                                one.getValue().colour(),
                                PaperView.of(one.getKey(), one.getValue()),
                                own.away().contains(one.getKey())))
                        .toList());
    }

    @PutMapping("/tools")
    OwnStockView tools(@Valid @RequestBody NewTools asked) {
        Tools tools = new Tools(
                board(asked.inches(), Ruler.EIGHTHS),
                board(asked.metric(), Ruler.MM_1),
                positive("bed", Written.on(Ruler.EIGHTHS.id()).measure("bed", asked.bed())),
                asked.stopsInside());
        stock.change(own -> own.with(tools.with(own.tools().allowances())));
        return own();
    }

    @PostMapping("/envelopes")
    OwnStockView envelope(@Valid @RequestBody NewThing asked) {
        Envelope envelope = new Envelope(StockRoom.newId(), name(asked.name()), size(asked), Envelope.Source.OWN);
        stock.change(own ->
                new OwnStock(own.tools(), with(own.envelopes(), envelope), own.sheets(), own.cardstocks(), own.away()));
        return own();
    }

    @PostMapping("/sheets")
    OwnStockView sheet(@Valid @RequestBody NewSheetOfStock asked) {
        String paper = filled(asked.paper());
        if (paper != null) {
            stock.workshop().cardstock(paper);
        }
        StockSheet sheet;
        try {
            sheet = new StockSheet(
                    StockRoom.newId(),
                    name(asked.name()),
                    size(new NewThing(asked.name(), asked.ruler(), asked.width(), asked.height())),
                    paper,
                    count(filled(asked.count())),
                    Boolean.TRUE.equals(asked.offcut()),
                    price(filled(asked.price())));
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException senseless) {
            throw new ValidationException("count", String.valueOf(senseless.getMessage()));
        }
        stock.change(own ->
                new OwnStock(own.tools(), own.envelopes(), with(own.sheets(), sheet), own.cardstocks(), own.away()));
        return own();
    }

    @PostMapping("/cardstocks")
    OwnStockView cardstock(@Valid @RequestBody NewCardstock asked) {
        int grammage = grammage(asked.grammage());
        boolean measured = asked.caliper() != null && !asked.caliper().isBlank();
        Length caliper = measured
                ? positive("caliper", Written.on(Ruler.MM_1.id()).measure("caliper", asked.caliper()))
                : Cardstock.of("", grammage).caliper();
        if (caliper.isLongerThan(Length.ofMillimetres(3))) {
            throw new ValidationException(
                    "caliper", "Card is at most 3 mm thick. Type the thickness of one sheet, like 0.36 mm.");
        }
        Look look = look(asked);
        // kites have an upper end whatever is said
        Cardstock.Pattern pattern = look.print().isUpright() && asked.pattern() == Cardstock.Pattern.PLAIN
                ? Cardstock.Pattern.DIRECTIONAL
                : asked.pattern();
        Cardstock card =
                new Cardstock(name(asked.name()), grammage, caliper, asked.grain(), pattern, asked.colour(), look);
        stock.change(own -> {
            Map<String, Cardstock> all = new LinkedHashMap<>(own.cardstocks());
            all.put(StockRoom.newId(), card);
            return new OwnStock(own.tools(), own.envelopes(), own.sheets(), all, own.away());
        });
        return own();
    }

    private static @Nullable String filled(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private static @Nullable Integer count(@Nullable String text) {
        if (text == null) {
            return null;
        }
        if (!text.matches("\\d{1,6}")) {
            throw new ValidationException("count", "\"%s\" is no number of sheets. Type one, like 12.".formatted(text));
        }
        return Integer.valueOf(text);
    }

    private static @Nullable BigDecimal price(@Nullable String text) {
        if (text == null) {
            return null;
        }
        String figure = text.replace(',', '.');
        if (!figure.matches("\\d{1,6}(\\.\\d{1,4})?")) {
            throw new ValidationException("price", "\"%s\" is no price. Type a figure, like 0.35.".formatted(text));
        }
        return new BigDecimal(figure);
    }

    private static Look look(NewCardstock asked) {
        Look.Print print = asked.print() == null ? Look.Print.NONE : asked.print();
        if (print == Look.Print.IMAGE && asked.image() == null) {
            throw new ValidationException("picture", "Choose a picture of the paper first.");
        }
        String colour = colour(asked.colour());
        return new Look(
                print,
                asked.ink() == null ? "#000000" : colour(asked.ink()),
                asked.back() == null ? colour : colour(asked.back()),
                print == Look.Print.IMAGE ? asked.image() : null);
    }

    private static String colour(String text) {
        if (!text.matches("#[0-9a-fA-F]{6}")) {
            throw new ValidationException("colour", "A colour is written like #aaccee.");
        }
        return text;
    }

    /** Puts something away: it is offered no more, but cards that name it go on. */
    @DeleteMapping("/{id}")
    OwnStockView away(@PathVariable String id) {
        return putAway(id, true);
    }

    /** Offers something again. */
    @PutMapping("/{id}/offered")
    OwnStockView offered(@PathVariable String id) {
        return putAway(id, false);
    }

    private OwnStockView putAway(String id, boolean isAway) {
        Workshop here = stock.workshop();
        if (here.envelopes().find(id).isEmpty()
                && here.sheets().find(id).isEmpty()
                && here.cardstocks().find(id).isEmpty()) {
            throw new NotHere("There is nothing kept under \"%s\". Look at the list again."
                    .formatted(id.length() > 60 ? id.substring(0, 60) + "…" : id));
        }
        stock.change(own -> {
            Set<String> away = new LinkedHashSet<>(own.away());
            if (isAway) {
                away.add(id);
            } else {
                away.remove(id);
            }
            return new OwnStock(own.tools(), own.envelopes(), own.sheets(), own.cardstocks(), away);
        });
        return own();
    }

    private static <T> List<T> with(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    private static String name(String name) {
        String plain = name == null ? "" : name.strip();
        if (plain.isEmpty() || plain.length() > Plan.LONGEST_NAME) {
            throw new ValidationException(
                    "name", String.format(Locale.ROOT, "It needs a name of up to %d characters.", Plan.LONGEST_NAME));
        }
        return plain;
    }

    private static Size size(NewThing asked) {
        Written written = Written.on(asked.ruler());
        return new Size(
                positive("width", written.measure("width", asked.width())),
                positive("height", written.measure("height", asked.height())));
    }

    private static Length positive(String field, Length length) {
        if (!length.isPositive()) {
            throw new ValidationException(field, "It can't be nothing. Type a measure, like 12 in or 300 mm.");
        }
        return length;
    }

    private static int grammage(String text) {
        String plain = text == null
                ? ""
                : text.replaceAll("(?i)\\s*(g/m²|g/m2|gsm|g)?\\s*$", "").strip();
        if (!plain.matches("\\d{2,4}") || Integer.parseInt(plain) < 30 || Integer.parseInt(plain) > 1_000) {
            throw new ValidationException(
                    "grammage", "Paper weighs between 30 and 1000 g/m². Type a whole number, like 300.");
        }
        return Integer.parseInt(plain);
    }

    private static Board board(NewBoard asked, Ruler ruler) {
        Written written = Written.on(ruler.id());
        Length groove = positive("groove", written.measure("groove", asked.groove()));
        Length length = positive("length", written.measure("length", asked.length()));
        if (groove.isShorterThan(Length.ofMillimetres(1)) || groove.isLongerThan(length)) {
            throw new ValidationException(
                    "groove", "Grooves lie at least 1 mm apart and nearer than the board is long.");
        }
        return new Board(name(asked.name()), groove, length);
    }

    private static BoardView board(Board board, Ruler ruler) {
        return new BoardView(board.name(), FigureView.of(board.groove(), ruler), FigureView.of(board.length(), ruler));
    }

    private static SizeView size(Size size) {
        boolean inches = Ruler.SIXTEENTHS.marks(size.width()) && !Ruler.MM_HALF.marks(size.width());
        return SizeView.of(size, inches ? Ruler.SIXTEENTHS : Ruler.MM_1);
    }
}
