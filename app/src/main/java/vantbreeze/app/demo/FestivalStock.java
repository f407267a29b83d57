package vantbreeze.app.demo;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.DieSizes;
import vantbreeze.core.die.Dies;
import vantbreeze.core.die.Nest;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.post.PostLimits;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.Span;
import vantbreeze.core.post.Surcharges;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Adhesives;
import vantbreeze.core.tool.Tools;

/** Papers, envelopes, sheets and dies of the festival's makers. */
final class FestivalStock {

    /** The club's bottle is a slow one. */
    private static final Adhesive WET = slow(Adhesive.usual(Adhesive.Kind.WET));

    private FestivalStock() {}

    /** What the festival's makers have in the cupboard. */
    static OwnStock with(Tools tools) {
        Map<String, Cardstock> papers = new LinkedHashMap<>();
        papers.put("own-dusk", paper("Dusk blue paper", 160, "#27496d", Look.plain("#27496d")));
        papers.put(
                "own-tails",
                new Cardstock(
                                "Paper with kites",
                                140,
                                Length.ofMicrometres(170),
                                Cardstock.Grain.SHORT,
                                Cardstock.Pattern.DIRECTIONAL,
                                "#f6ead0")
                        .printed(Look.of(Look.Print.KITES, "#b5482f")));
        papers.put(
                "own-sky",
                new Cardstock(
                        "Sky blue card",
                        280,
                        Length.ofMicrometres(340),
                        Cardstock.Grain.LONG,
                        Cardstock.Pattern.PLAIN,
                        "#a9cbe8"));
        papers.put("own-sun", paper("Sun yellow paper", 160, "#e9b44c", Look.plain("#e9b44c")));
        papers.put("own-meadow", paper("Meadow green paper", 160, "#5c7f4e", Look.plain("#5c7f4e")));
        papers.put("own-poppy", paper("Poppy red paper", 160, "#a8382e", Look.plain("#a8382e")));
        papers.put("own-awning", paper("Awning stripes", 120, "#fbf5e6", Look.of(Look.Print.STRIPES, "#a8382e")));
        papers.put("own-lantern", paper("Lantern dots", 120, "#27496d", Look.of(Look.Print.DOTS, "#f0d58a")));
        papers.put("own-picnic", paper("Picnic cloth", 120, "#fdfaf2", Look.of(Look.Print.CHECKS, "#5c7f4e")));
        papers.put(
                "own-night",
                new Cardstock(
                                "Kites at night",
                                140,
                                Length.ofMicrometres(170),
                                Cardstock.Grain.UNKNOWN,
                                Cardstock.Pattern.DIRECTIONAL,
                                "#1f3350")
                        .printed(Look.of(Look.Print.KITES, "#e9b44c")));
        return new OwnStock(
                        tools.with(dies()).with(Adhesives.USUAL.with(WET)),
                        List.of(
                                envelope("own-kite", "Kite envelope, hand-made", 171, 121, 0, 9, "0.20"),
                                envelope("own-box", "Kite-string box", 186, 142, 14, 3, "0.85")),
                        List.of(new StockSheet("own-poster", "Poster offcuts", Size.ofMillimetres(240, 430))),
                        papers,
                        Set.of())
                .withPost(List.of(hut()));
    }

    private static Envelope envelope(
            String id, String name, long width, long height, long deep, int count, String price) {
        return new Envelope(
                id,
                name,
                Size.ofMillimetres(width, height),
                Envelope.Source.OWN,
                Length.ofMillimetres(deep),
                count,
                new BigDecimal(price));
    }

    /** The post of the festival days, in a hut on the meadow: limits and prices are made up. */
    private static PostTable hut() {
        return new PostTable(
                "own-hut",
                "Post hut on the meadow",
                "EUR",
                List.of(
                        mail("own-thin", "Thin kite mail", 4, 30, "0.70"),
                        mail("own-thick", "Thick kite mail", 12, 120, "1.40"),
                        mail("own-parcel", "Kite parcel", 60, 900, "3.90")));
    }

    private static PostService mail(String id, String name, double thick, double grams, String price) {
        return new PostService(
                id,
                name,
                PostLimits.of(new Span(90, 340), new Span(60, 250), Span.upTo(thick), Span.upTo(grams)),
                new Surcharges(new Span(1.2, 2.6), new BigDecimal("0.30"), null),
                new BigDecimal(price),
                "chalked on the hut’s shutter");
    }

    /** Suns, clouds, a moon and bunting. */
    private static Dies dies() {
        return new Dies(List.of(
                nest("own-suns", "Sun circles", false, DieShape.CIRCLE, "26, 34, 42, 50, 58, 68 mm"),
                nest("own-clouds", "Cloud labels", false, DieShape.LABEL, "92 × 62, 80 × 50, 68 × 38 mm"),
                nest("own-moon", "Moon punch", true, DieShape.CIRCLE, "7/8 in"),
                nest("own-bunting", "Bunting edge", false, DieShape.EDGE, "172 × 19 mm")));
    }

    private static Adhesive slow(Adhesive usual) {
        return new Adhesive(usual.id(), usual.name(), usual.kind(), 90, 1_200, usual.cautions());
    }

    private static Nest nest(String id, String name, boolean punch, DieShape shape, String sizes) {
        return new Nest(id, name, punch, shape, DieSizes.read(shape, sizes, Ruler.MM_1));
    }

    private static Cardstock paper(String name, int grammage, String colour, Look look) {
        return new Cardstock(
                name,
                grammage,
                Cardstock.of(name, grammage).caliper(),
                Cardstock.Grain.UNKNOWN,
                Cardstock.Pattern.PLAIN,
                colour,
                look);
    }
}
