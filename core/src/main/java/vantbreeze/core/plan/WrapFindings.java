package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.length.Figure;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.wrap.Insertion;
import vantbreeze.core.wrap.Insertion.Edge;
import vantbreeze.core.wrap.Insertion.Swinging;
import vantbreeze.core.wrap.Inside;
import vantbreeze.core.wrap.WrapStructure;

/** What a maker should know of a card in its wrap: whether it goes in and comes out, and what it does on the way. */
final class WrapFindings {

    private static final Kind TOO_TIGHT = Kind.mustFix("wrap-too-tight");
    private static final Kind STANDS_OUT = Kind.mustFix("card-stands-out-of-wrap");
    private static final Kind CATCHES = Kind.check("card-catches-in-wrap");
    private static final Kind SWINGS = Kind.check("panel-swings-in-wrap");
    private static final Kind BULGES = Kind.check("wrap-bulges");
    private static final Kind GOES_IN = Kind.tip("card-goes-in");

    /** Less than this nobody feels, mm; from memory. */
    private static final double TIGHTENS = 1;

    /** Of more panels that swing no more are named than this. */
    private static final int MOST_NAMED = 3;

    /** What they are about. */
    private static final String ABOUT = "wrap";

    private final Wrapping wrapping;
    private final WrapStructure structure;

    WrapFindings(Wrapping wrapping, WrapStructure structure) {
        this.wrapping = wrapping;
        this.structure = structure;
    }

    /** The worst first. */
    List<Finding> all() {
        if (!structure.holds()) {
            return List.of();
        }
        Insertion insertion = wrapping.insertion();
        List<Finding> found = new ArrayList<>();
        if (insertion.slack() < 0) {
            found.add(TOO_TIGHT.of(
                    ABOUT,
                    "The card does not go in: half the way round lacks %s, %s up from its foot. Make the front wider."
                            .formatted(figure(-insertion.slack()), figure(insertion.tightest()))));
        }
        if (insertion.slackUp() < 0) {
            found.add(STANDS_OUT.of(
                    ABOUT,
                    "The card stands out at the top by %s. Make the inside higher."
                            .formatted(figure(-insertion.slackUp()))));
        }
        if (!insertion.catching().isEmpty()) {
            found.add(CATCHES.of(ABOUT, catching(insertion.catching())));
        }
        if (!insertion.swinging().isEmpty()) {
            found.add(SWINGS.of(ABOUT, swinging(insertion.swinging())));
        }
        bulging().ifPresent(found::add);
        if (insertion.goesIn()) {
            found.add(GOES_IN.of(ABOUT, goesIn(insertion)));
        }
        return found;
    }

    private String goesIn(Insertion insertion) {
        String across = "It goes in with %s to spare".formatted(figureBelow(insertion.slack()));
        String told = insertion.slackUp() == Double.POSITIVE_INFINITY
                ? "%s half the way round".formatted(across)
                : "%s across and %s at the top".formatted(across, figureBelow(insertion.slackUp()));
        return insertion.tightens() < TIGHTENS
                ? "%s.".formatted(told)
                : "%s; it tightens by %s, %s up from its foot."
                        .formatted(told, figure(insertion.tightens()), figure(insertion.tightest()));
    }

    /** Where the highest edge is that faces the mouth, each way. */
    private String catching(List<Edge> edges) {
        String where = Stream.of(false, true)
                .flatMap(out -> edges.stream()
                        .filter(edge -> edge.isOnTheWayOut() == out)
                        .max(Comparator.comparingDouble(Edge::rises))
                        .map(edge -> "%s %s up".formatted(out ? "on the way out" : "on the way in", figure(edge.up())))
                        .stream())
                .collect(Collectors.joining(", "));
        double rises = edges.stream().mapToDouble(Edge::rises).max().orElseThrow();
        return "An edge of the card that stands up %s meets the %s (%s): hold it open there."
                .formatted(figure(rises), edge(), where);
    }

    /** Each panel once, in the order of the card. */
    private String swinging(List<Swinging> panels) {
        List<String> names = panels.stream()
                .map(Swinging::panel)
                .distinct()
                .limit(MOST_NAMED)
                .toList();
        boolean in = panels.stream().anyMatch(panel -> !panel.isOnTheWayOut());
        boolean out = panels.stream().anyMatch(Swinging::isOnTheWayOut);
        String way = in && out ? "in and out" : in ? "in" : "out";
        return "The %s pushes %s open on the way %s: hold it shut there%s."
                .formatted(
                        edge(),
                        String.join(", ", names),
                        way,
                        structure.rank() == WrapStructure.Rank.BAND ? "" : ", or put a band round the card first");
    }

    private String edge() {
        return "%s of the %s"
                .formatted(
                        structure.isOpenBelow() ? "edge" : "mouth",
                        structure.rank().inWords());
    }

    /** In a flat wrap that is shut, what is thick bows it out. */
    private Optional<Finding> bulging() {
        Inside inside = structure.inside(wrapping.wrap().measures());
        double flat =
                wrapping.wrap().tools().allowances().of(Allowance.FLAT_ENVELOPE).millimetres();
        boolean bows =
                structure.shuts() && inside.walls() == 0 && wrapping.inner().thickness() > flat;
        return bows
                ? Optional.of(BULGES.of(
                        ABOUT,
                        "With the card in it, it bows out to %s. A flat envelope takes %s; it may burst in the post."
                                .formatted(figure(wrapping.closed().thickness()), figureBelow(flat))))
                : Optional.empty();
    }

    private String figure(double millimetres) {
        return Figure.estimate(millimetres, wrapping.wrap().ruler()).inWords();
    }

    private String figureBelow(double millimetres) {
        return Figure.atMost(millimetres, wrapping.wrap().ruler()).inWords();
    }
}
