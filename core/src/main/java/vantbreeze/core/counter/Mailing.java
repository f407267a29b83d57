package vantbreeze.core.counter;

import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.paper.Size;
import vantbreeze.core.post.PostItem;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * A card as it is sent: in what it goes, with what is laid in and stuck on.
 *
 * @param card closed, with its layers and foam
 * @param wraps what goes round it, each empty, the innermost first
 * @param giftCards how many gift cards lie in it
 * @param isStamped whether a stamp is on it
 */
public record Mailing(ClosedCard card, List<ClosedCard> wraps, int giftCards, boolean isStamped) {

    public Mailing {
        wraps = List.copyOf(wraps);
    }

    /** A card of ISO/IEC 7810 ID-1 size in plastic, g and mm; common practice, no source. */
    static final double GIFT_CARD = 5;

    /** Its thickness, mm: 0.76 by ISO/IEC 7810:2019. */
    static final double GIFT_CARD_THICK = 0.76;

    /** A stamp with its gum, g; from memory. */
    static final double STAMP = 0.1;

    /** A smaller part of the card than this tells nothing of how thin it is. */
    private static final double A_PART = 0.05;

    /** What is handed in at the counter. */
    public PostItem item(Allowances allowances) {
        ClosedCard whole = whole();
        Size outside = whole.footprint();
        double thickness = thickness(whole);
        return new PostItem(
                outside.longSide().millimetres(),
                outside.shortSide().millimetres(),
                thickness,
                grams(whole),
                thickness >= allowances.of(Allowance.POST_STIFF).millimetres(),
                unevenness() > allowances.of(Allowance.POST_EVEN).millimetres());
    }

    /** The card in what it goes in. */
    private ClosedCard whole() {
        return card.in(wraps);
    }

    /** All of it where it is thickest, mm: as if the gift cards lay there. */
    public double thickness() {
        return thickness(whole());
    }

    private double thickness(ClosedCard whole) {
        return whole.thickness() + giftCards * GIFT_CARD_THICK;
    }

    /** All of it, g. */
    public double grams() {
        return grams(whole());
    }

    private double grams(ClosedCard whole) {
        return whole.weight().grams() + giftCards * GIFT_CARD + (isStamped ? STAMP : 0);
    }

    /**
     * How much thicker the card's thickest place is than its thinnest of some size, mm; nil of what can't be told. What
     * goes round it is larger than it, which makes nothing uneven.
     */
    public double unevenness() {
        BulkMap bulk = card.bulk();
        if (bulk == null) {
            return 0;
        }
        List<BulkCell> places = bulk.places();
        double all = places.stream()
                .map(BulkCell::shape)
                .mapToDouble(Polygon::getArea)
                .sum();
        double taken = 0;
        for (BulkCell cell : places.stream()
                .sorted(Comparator.comparingDouble(BulkCell::thickness))
                .toList()) {
            taken += cell.shape().getArea();
            if (taken >= A_PART * all) {
                return card.thickness() - cell.thickness() + giftCards * GIFT_CARD_THICK;
            }
        }
        return 0;
    }
}
