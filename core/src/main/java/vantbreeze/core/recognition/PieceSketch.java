package vantbreeze.core.recognition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;

/**
 * A piece as a pattern, the kinds of its lines in order, and the figures that say where each line lies. Two pieces of
 * one pattern can be compared figure by figure.
 *
 * @param pattern the kinds of line in the order of the figures
 * @param tally how many of each kind, however the piece lies
 * @param figures where the lines are
 */
record PieceSketch(String pattern, String tally, List<Place> figures) {

    PieceSketch {
        figures = List.copyOf(figures);
    }

    /**
     * In which order lines are told. Lines that keep their order, from card to card of one structure, along one way can
     * change it along the other.
     */
    enum Order {
        /** From left to right, then from foot to head. */
        ACROSS,
        /** Valleys before mountains; from foot to head, then from left to right. */
        UP
    }

    static PieceSketch of(Piece piece, Order order) {
        return new Sketching(piece, order).sketch();
    }

    /**
     * Whether a drawn pattern is that of a made one: scores that may fold either way as those which fold one way.
     *
     * @param drawn may have scores that fold either way
     */
    static boolean isLike(String drawn, String made) {
        return drawn.equals(made)
                || (drawn.indexOf('?') >= 0 && eitherWay(drawn).equals(eitherWay(made)));
    }

    /** The same with every score folding either way. */
    static String eitherWay(String pattern) {
        return pattern.replaceAll("(?<= [Ffuls])[vm]", "?");
    }

    /** Corners anticlockwise from the lowest, of several the one on the left; without those on straight lines. */
    static List<Spot> ring(List<Spot> corners) {
        return Sketching.ring(corners);
    }

    /** One sketch being made. */
    private static final class Sketching {

        /** Lines this near to one another are sorted by where they lie along: figures round to it. */
        private static final long SAME = Length.PER_MILLIMETRE / 50;

        /** Units that a corner on a straight line may lie beside it. */
        private static final double STRAIGHT = 4;

        /** What has as many corners is no polygon that somebody would cut as one. */
        private static final int ROUND = 24;

        private final Piece piece;
        private final Order order;
        private final Extent extent;
        private final StringBuilder pattern = new StringBuilder();
        private final List<Place> figures = new ArrayList<>();

        Sketching(Piece piece, Order order) {
            this.piece = piece;
            this.order = order;
            this.extent = piece.extent();
        }

        PieceSketch sketch() {
            List<Spot> corners = ring(piece.outline());
            List<List<Spot>> holes = piece.openings().stream()
                    .map(Sketching::ring)
                    .sorted(Comparator.comparing(
                            (List<Spot> ring) -> rounded(ring.get(0).x())))
                    .toList();
            outline(corners);
            holes.forEach(this::opening);
            List<Crease> creases = piece.creases().stream()
                    .sorted(Comparator.comparing((Crease crease) -> kind(crease.line()))
                            .thenComparing(crease -> crease.fold() == Fold.BEND)
                            .thenComparing(crease -> order == Order.UP ? crease.fold() : Fold.VALLEY)
                            .thenComparing(Crease::line, along()))
                    .toList();
            for (Crease crease : creases) {
                line("score", crease.line(), letter(crease.fold()));
            }
            piece.slits().stream()
                    .sorted(Comparator.comparing(Sketching::kindOfSlit).thenComparing(along()))
                    .forEach(slit -> line("slit", slit, '|'));
            long bends = creases.stream()
                    .filter(crease -> crease.fold() == Fold.BEND)
                    .count();
            String tally = (isRound(corners, extent) ? "o" : corners.size()) + "/" + holes.size() + "/"
                    + (creases.size() - bends) + "/" + bends + "/"
                    + piece.slits().size();
            return new PieceSketch(pattern.toString(), tally, figures);
        }

        private Comparator<Stretch> along() {
            Comparator<Stretch> across = Comparator.comparingLong(
                    line -> rounded(line.from().x()) + rounded(line.to().x()));
            Comparator<Stretch> up = Comparator.comparingLong(
                    line -> rounded(line.from().y()) + rounded(line.to().y()));
            return order == Order.ACROSS ? across.thenComparing(up) : up.thenComparing(across);
        }

        private static char letter(Fold fold) {
            return switch (fold) {
                case VALLEY -> 'v';
                case MOUNTAIN -> 'm';
                case UNASSIGNED -> '?';
                case BEND -> '~';
            };
        }

        /** A rectangle and a circle are known by their size, any other outline by its corners. */
        private void outline(List<Spot> corners) {
            boolean isRectangle = corners.size() == 4
                    && corners.stream()
                            .allMatch(corner -> (corner.x().equals(extent.left())
                                            || corner.x().equals(extent.right()))
                                    && (corner.y().equals(extent.foot())
                                            || corner.y().equals(extent.head())));
            if (isRectangle) {
                pattern.append("rectangle");
                add("width", extent.right().minus(extent.left()));
                add("height", extent.head().minus(extent.foot()));
            } else if (isRound(corners, extent)) {
                pattern.append("circle");
                add("width", extent.right().minus(extent.left()));
            } else {
                corners("corner", corners);
            }
        }

        private void opening(List<Spot> corners) {
            Extent around = Extent.of(corners);
            if (isRound(corners, around)) {
                pattern.append(" round");
                add("opening", around.left().minus(extent.left()));
                add("opening", around.foot().minus(extent.foot()));
                add("opening", around.right().minus(around.left()));
            } else {
                corners("opening", corners);
            }
        }

        /** Whether so many corners lie on a circle, but for what rounding leaves over, that it is meant as one. */
        private static boolean isRound(List<Spot> corners, Extent around) {
            double radius = around.right().minus(around.left()).units() / 2.0;
            double x = around.left().units() + radius;
            double y = around.foot().units() + radius;
            return corners.size() >= ROUND
                    && corners.stream()
                            .allMatch(corner -> Math.abs(Math.hypot(
                                                    corner.x().units() - x,
                                                    corner.y().units() - y)
                                            - radius)
                                    <= STRAIGHT);
        }

        private void corners(String what, List<Spot> corners) {
            pattern.append(' ').append(what).append(corners.size());
            for (Spot corner : corners) {
                add(what, corner.x().minus(extent.left()));
                add(what, corner.y().minus(extent.foot()));
            }
        }

        private void line(String what, Stretch line, char letter) {
            char kind = kind(line);
            pattern.append(' ').append(kind).append(letter);
            Spot from = first(line);
            Spot to = from.equals(line.from()) ? line.to() : line.from();
            switch (kind) {
                case 'F' -> add(what, line.from().x().minus(extent.left()));
                case 'f' -> add(what, line.from().y().minus(extent.foot()));
                case 'u' -> {
                    add(what, from.x().minus(extent.left()));
                    add(what, from.y().minus(extent.foot()));
                    add(what, to.y().minus(extent.foot()));
                }
                case 'l' -> {
                    add(what, from.x().minus(extent.left()));
                    add(what, to.x().minus(extent.left()));
                    add(what, from.y().minus(extent.foot()));
                }
                default -> {
                    for (Spot end : List.of(from, to)) {
                        add(what, end.x().minus(extent.left()));
                        add(what, end.y().minus(extent.foot()));
                    }
                }
            }
        }

        private void add(String what, Length length) {
            figures.add(new Place(piece.name(), what, length.units()));
        }

        /** Upright or level all across the piece, upright or level for a part of it, or slanted. */
        private char kind(Stretch line) {
            if (line.isUpright()) {
                return line.foot().equals(extent.foot()) && line.head().equals(extent.head()) ? 'F' : 'u';
            }
            if (line.isLevel()) {
                Length left = line.from().x().min(line.to().x());
                Length right = line.from().x().max(line.to().x());
                return left.equals(extent.left()) && right.equals(extent.right()) ? 'f' : 'l';
            }
            return 's';
        }

        private static char kindOfSlit(Stretch line) {
            return line.isUpright() ? 'u' : line.isLevel() ? 'l' : 's';
        }

        private static Spot first(Stretch line) {
            long across = rounded(line.from().x()) - rounded(line.to().x());
            boolean isUpwards =
                    across == 0 && !line.from().y().isLongerThan(line.to().y());
            return across < 0 || isUpwards ? line.from() : line.to();
        }

        private static long rounded(Length length) {
            return Math.floorDiv(length.units() + SAME / 2, SAME);
        }

        private static List<Spot> ring(List<Spot> corners) {
            List<Spot> ring = new ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                Spot before = corners.get(Math.floorMod(i - 1, corners.size()));
                Spot at = corners.get(i);
                Spot after = corners.get((i + 1) % corners.size());
                if (!isBetween(before, at, after)) {
                    ring.add(at);
                }
            }
            if (area(ring) < 0) {
                Collections.reverse(ring);
            }
            int lowest = 0;
            for (int i = 1; i < ring.size(); i++) {
                if (LOWEST.compare(ring.get(i), ring.get(lowest)) < 0) {
                    lowest = i;
                }
            }
            Collections.rotate(ring, -lowest);
            return ring;
        }

        private static final Comparator<Spot> LOWEST =
                Comparator.comparingLong((Spot spot) -> rounded(spot.y())).thenComparingLong(spot -> rounded(spot.x()));

        /** Whether a corner lies on the straight line between its neighbours, but for what rounding leaves over. */
        private static boolean isBetween(Spot before, Spot at, Spot after) {
            double ax = at.x().minus(before.x()).units();
            double ay = at.y().minus(before.y()).units();
            double bx = after.x().minus(before.x()).units();
            double by = after.y().minus(before.y()).units();
            return Math.abs(ax * by - ay * bx) <= STRAIGHT * Math.hypot(bx, by);
        }

        private static double area(List<Spot> ring) {
            double twice = 0;
            for (int i = 0; i < ring.size(); i++) {
                Spot at = ring.get(i);
                Spot next = ring.get((i + 1) % ring.size());
                twice += (double) at.x().units() * next.y().units()
                        - (double) next.x().units() * at.y().units();
            }
            return twice;
        }
    }
}
