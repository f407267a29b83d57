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
 * @param loosest what is left where it is least tight of all that is nearly as wide, mm
 * @param slackUp what is left above it when it is all in, mm; infinite where the wrap is open at the foot
 * @param catching edges that face the mouth and stand up so far that it catches on them, on its way in or out
 * @param swinging panels whose loose edge faces the mouth, which pushes them open, on their way in or out
 */
public record Insertion(
        double slack, double tightest, double loosest, double slackUp, List<Edge> catching, List<Swinging> swinging) {

    /** What is narrower than this part of the widest is so by its shape, and tightens nothing. */
    private static final double NEARLY = 0.95;

    public Insertion {
        catching = List.copyOf(catching);
        swinging = List.copyOf(swinging);
    }

    /**
     * An edge that stands up.
     *
     * @param up where, mm up the closed card
     * @param rises how far it stands up, mm
     * @param isOnTheWayOut whether it faces the mouth as the card comes out; otherwise as it goes in
     */
    public record Edge(double up, double rises, boolean isOnTheWayOut) {}

    /**
     * A panel that the mouth pushes open.
     *
     * @param panel what it is called
     * @param up where its edge is, mm up the closed card
     * @param isOnTheWayOut whether it meets the mouth as the card comes out; otherwise as it goes in
     */
    public record Swinging(String panel, double up, boolean isOnTheWayOut) {}

    /** Of a card in a wrap; one whose panels can't lie on one another is taken as flat. */
    public static Insertion of(ClosedCard card, Inside inside, Allowances allowances) {
        Girth girth = Girth.of(card);
        double slackUp = inside.isOpenBelow() ? Double.POSITIVE_INFINITY : inside.up() - girth.up();
        BulkMap bulk = card.bulk();
        if (bulk == null) {
            double left = inside.halfAcross() - girth.across();
            return new Insertion(left, 0, left, slackUp, List.of(), List.of());
        }
        List<Slice> slices = Slice.of(bulk);
        double foot = slices.get(0).low();
        double slack = Double.POSITIVE_INFINITY;
        double tightest = 0;
        double loosest = Double.NEGATIVE_INFINITY;
        double wide = NEARLY * slices.stream().mapToDouble(Slice::width).max().orElseThrow();
        for (Slice slice : slices) {
            double left = inside.halfAcross() - slice.half();
            loosest = slice.width() >= wide ? Math.max(loosest, left) : loosest;
            if (left < slack) {
                slack = left;
                tightest = (slice.low() + slice.high()) / 2 - foot;
            }
        }
        return new Insertion(
                slack, tightest, loosest, slackUp, catching(slices, foot, allowances), swinging(card, foot));
    }

    /** The foot goes in first: what faces the foot meets the mouth on its way in, the rest on its way out. */
    private static List<Swinging> swinging(ClosedCard card, double foot) {
        return card.loose().stream()
                .map(edge -> new Swinging(edge.name(), edge.middle().y - foot, edge.facesUp()))
                .toList();
    }

    /** As with what swings, of what rises from one slice to the next. */
    private static List<Edge> catching(List<Slice> slices, double foot, Allowances allowances) {
        double least = allowances.of(Allowance.CATCHES).millimetres();
        List<Edge> edges = new ArrayList<>();
        for (int i = 1; i < slices.size(); i++) {
            double in = slices.get(i).risesOver(slices.get(i - 1));
            double out = slices.get(i - 1).risesOver(slices.get(i));
            if (in >= least) {
                edges.add(new Edge(slices.get(i).low() - foot, in, false));
            }
            if (out >= least) {
                edges.add(new Edge(slices.get(i).low() - foot, out, true));
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
