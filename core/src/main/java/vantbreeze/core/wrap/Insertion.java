package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * A closed card slid into a wrap through its head, foot first. Wherever it lies in the mouth the wrap goes round it
 * like a taut loop; so it goes in when half of that loop is no shorter than half the way round any cut of the card (the
 * convex hull of the cut; from geometry).
 *
 * @param slack what is left of half the loop where the card is tightest, mm; less than nil where it does not go in
 * @param tightest where that is, mm up the closed card
 * @param loosest what is left where it is least tight, mm
 * @param slackUp what is left above it when it is all in, mm; infinite where the wrap is open at the foot
 * @param catching edges that face the mouth and stand up so far that it catches on them, on its way in or out
 */
public record Insertion(double slack, double tightest, double loosest, double slackUp, List<Edge> catching) {

    public Insertion {
        catching = List.copyOf(catching);
    }

    /**
     * An edge that stands up.
     *
     * @param up where, mm up the closed card
     * @param rises how far it stands up, mm
     * @param isOnTheWayOut whether it faces the mouth as the card comes out; otherwise as it goes in
     */
    public record Edge(double up, double rises, boolean isOnTheWayOut) {}

    /** Of a card in a wrap; one whose panels can't lie on one another is taken as flat. */
    public static Insertion of(ClosedCard card, Inside inside, Allowances allowances) {
        Girth girth = Girth.of(card);
        double slackUp = inside.isOpenBelow() ? Double.POSITIVE_INFINITY : inside.up() - girth.up();
        BulkMap bulk = card.bulk();
        if (bulk == null) {
            double left = inside.halfAcross() - girth.across();
            return new Insertion(left, 0, left, slackUp, List.of());
        }
        List<Slice> slices = Slice.of(bulk);
        double slack = Double.POSITIVE_INFINITY;
        double tightest = 0;
        double loosest = Double.NEGATIVE_INFINITY;
        for (Slice slice : slices) {
            double left = inside.halfAcross() - slice.half();
            loosest = Math.max(loosest, left);
            if (left < slack) {
                slack = left;
                tightest = (slice.low() + slice.high()) / 2;
            }
        }
        return new Insertion(slack, tightest, loosest, slackUp, catching(slices, allowances));
    }

    /** The foot goes in first: what rises towards the head meets the mouth on its way in, the rest on its way out. */
    private static List<Edge> catching(List<Slice> slices, Allowances allowances) {
        double least = allowances.of(Allowance.CATCHES).millimetres();
        List<Edge> edges = new ArrayList<>();
        for (int i = 1; i < slices.size(); i++) {
            double in = slices.get(i).risesOver(slices.get(i - 1));
            double out = slices.get(i - 1).risesOver(slices.get(i));
            if (in >= least) {
                edges.add(new Edge(slices.get(i).low(), in, false));
            }
            if (out >= least) {
                edges.add(new Edge(slices.get(i).low(), out, true));
            }
        }
        return edges;
    }

    /** How much tighter it goes on the way than it went at first, mm. */
    public double tightens() {
        return loosest - slack;
    }

    /** Whether it goes in. */
    public boolean goesIn() {
        return slack >= 0 && slackUp >= 0;
    }
}
