package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.Nest;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.GlueTime;

/** All that the maker has of their own. */
public record OwnStockView(
        BoardView inches,
        BoardView metric,
        FigureView bed,
        boolean stopsInside,
        List<EnvelopeOfOwn> envelopes,
        List<ThingView> sheets,
        List<CardstockOfOwn> cardstocks,
        List<NestView> nests,
        List<AdhesiveOfOwn> adhesives,
        List<AdhesiveKindView> adhesiveKinds) {

    /** What an adhesive can be good for, and how that is read. */
    public record AdhesiveKindView(Adhesive.Kind kind, String words) {}

    /**
     * Something to glue with.
     *
     * @param open how long it can be moved, as it is written; "0 s" where it grips at once
     * @param sets how long it wants to be left alone
     * @param words both in a sentence
     * @param caution what can hurt; empty for nothing
     * @param usual whether it is one of the usual ones, as it is usual
     * @param own whether it is none of the usual ones
     */
    public record AdhesiveOfOwn(
            String id,
            String name,
            Adhesive.Kind kind,
            String open,
            String sets,
            String words,
            String caution,
            boolean usual,
            boolean own,
            boolean away) {

        static AdhesiveOfOwn of(Adhesive one, boolean away) {
            return new AdhesiveOfOwn(
                    one.id(),
                    one.name(),
                    one.kind(),
                    GlueTime.inWords(one.open()),
                    GlueTime.inWords(one.sets()),
                    "%s; %s, %s".formatted(one.kind().inWords(), one.openInWords(), one.setsInWords()),
                    String.join(" ", one.cautions()),
                    Adhesive.USUAL.contains(one),
                    Adhesive.usual(one.id()).isEmpty(),
                    away);
        }
    }

    /**
     * Dies of one shape.
     *
     * @param shape what they cut out
     * @param even whether one figure tells a size
     */
    public record NestView(
            String id,
            String name,
            boolean punch,
            String shape,
            String many,
            boolean even,
            List<SizeView> sizes,
            boolean away) {

        static NestView of(Nest nest, boolean away) {
            return new NestView(
                    nest.id(),
                    nest.name(),
                    nest.punch(),
                    nest.shape().label(),
                    nest.shape().many(),
                    nest.shape().isEven(),
                    nest.sizes().stream()
                            .map(size -> SizeView.of(size, Die.shownOn(size, Ruler.SIXTEENTHS)))
                            .toList(),
                    away);
        }
    }

    /** A scoring board: the distance of its grooves and its length. */
    public record BoardView(String name, FigureView groove, FigureView length) {}

    /**
     * An envelope or a box of the maker's own.
     *
     * @param words what is known of it beside its size, as it is read
     * @param depth as it is typed; left out of a flat one
     * @param count how many there are, if that is known
     * @param price of one, if that is known
     */
    public record EnvelopeOfOwn(
            String id,
            String name,
            SizeView size,
            boolean away,
            @Nullable String words,
            @Nullable String depth,
            @Nullable Integer count,
            @Nullable String price) {

        static EnvelopeOfOwn of(Envelope one, boolean away) {
            Ruler ruler = rulerOf(one.inside());
            String deep =
                    one.depth().isPositive() ? FigureView.of(one.depth(), ruler).text() : null;
            String price = one.price() == null ? null : one.price().toPlainString();
            List<String> words = new ArrayList<>();
            if (deep != null) {
                words.add("%s deep".formatted(deep));
            }
            if (one.count() != null) {
                words.add(String.format(Locale.ROOT, "%d of them", one.count()));
            }
            if (price != null) {
                words.add("%s each".formatted(price));
            }
            return new EnvelopeOfOwn(
                    one.id(),
                    one.name(),
                    SizeView.of(one.inside(), ruler),
                    away,
                    words.isEmpty() ? null : String.join(", ", words),
                    deep,
                    one.count(),
                    price);
        }
    }

    /**
     * A sheet, by id.
     *
     * @param words what is known of a sheet beside its size, as it is read
     */
    public record ThingView(
            String id, String name, SizeView size, boolean away, @Nullable String words, @Nullable SheetOfOwn sheet) {}

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

    static OwnStockView of(OwnStock own, Workshop workshop) {
        return new OwnStockView(
                board(own.tools().inches(), Ruler.SIXTEENTHS),
                board(own.tools().metric(), Ruler.MM_HALF),
                FigureView.of(own.tools().bed(), Ruler.SIXTEENTHS),
                own.tools().stopsInside(),
                own.envelopes().stream()
                        .map(one -> EnvelopeOfOwn.of(one, own.away().contains(one.id())))
                        .toList(),
                own.sheets().stream()
                        .map(one -> new ThingView(
                                one.id(),
                                one.name(),
                                size(one.size()),
                                own.away().contains(one.id()),
                                words(one, workshop),
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
                        .toList(),
                own.tools().dies().nests().stream()
                        .map(nest -> NestView.of(nest, own.away().contains(nest.id())))
                        .toList(),
                own.tools().adhesives().all().stream()
                        .map(one -> AdhesiveOfOwn.of(one, own.away().contains(one.id())))
                        .toList(),
                Arrays.stream(Adhesive.Kind.values())
                        .map(kind -> new AdhesiveKindView(kind, kind.inWords()))
                        .toList());
    }

    /** Like "3 of Kite card, an offcut, 0.35 each"; null when only its size is known. */
    private static @Nullable String words(StockSheet sheet, Workshop workshop) {
        List<String> words = new ArrayList<>();
        Integer count = sheet.count();
        String paper = sheet.stock().map(id -> workshop.cardstock(id).name()).orElse(null);
        if (count != null && paper != null) {
            words.add(String.format(Locale.ROOT, "%d of %s", count, paper));
        } else if (count != null) {
            words.add(String.format(Locale.ROOT, "%d of them", count));
        } else if (paper != null) {
            words.add("of %s".formatted(paper));
        }
        if (sheet.offcut()) {
            words.add("an offcut");
        }
        if (sheet.price() != null) {
            words.add("%s each".formatted(sheet.price().toPlainString()));
        }
        return words.isEmpty() ? null : String.join(", ", words);
    }

    private static BoardView board(Board board, Ruler ruler) {
        return new BoardView(board.name(), FigureView.of(board.groove(), ruler), FigureView.of(board.length(), ruler));
    }

    private static SizeView size(Size size) {
        return SizeView.of(size, rulerOf(size));
    }

    private static Ruler rulerOf(Size size) {
        boolean inches = Ruler.SIXTEENTHS.marks(size.width()) && !Ruler.MM_HALF.marks(size.width());
        return inches ? Ruler.SIXTEENTHS : Ruler.MM_1;
    }
}
