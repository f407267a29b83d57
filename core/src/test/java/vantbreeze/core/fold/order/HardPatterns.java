package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;

/** Crease patterns whose panels are hard to put in order, or to see that they can't be. */
public final class HardPatterns {

    private static final double CELL = 20;

    private HardPatterns() {}

    /** A strip of 41 panels of 25 and 20 mm over which a search without learning takes more than half a minute. */
    public static FoldGraph unequalStrip() {
        return strip("LLsLLLssLLsLLsssLLssLLssLsLLsLLLsssLsLsss", "uumuuvuvuvuuumuvmumumumuuvvuuuuuvvuvuvuu");
    }

    /**
     * A strip.
     *
     * @param lengths of its panels, L for 25 mm and s for 20
     * @param folds between them: v, m, or u for one that may go either way
     */
    public static FoldGraph strip(String lengths, String folds) {
        Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50));
        for (int i = 0; i < lengths.length(); i++) {
            strip.panel("Panel " + (i + 1), Length.ofMillimetres(lengths.charAt(i) == 'L' ? 25 : 20));
            if (i < folds.length()) {
                strip.fold(fold(folds.charAt(i)));
            }
        }
        return FoldGraph.of(Panels.of(strip.piece()));
    }

    private static Fold fold(char letter) {
        return switch (letter) {
            case 'v' -> Fold.VALLEY;
            case 'm' -> Fold.MOUNTAIN;
            default -> Fold.UNASSIGNED;
        };
    }

    /** A map of equal squares, folded at random; a part of its creases may go either way. */
    public static Piece map(int across, int up, Random random, double unassigned) {
        return map(
                across,
                up,
                () -> random.nextDouble() < unassigned
                        ? Fold.UNASSIGNED
                        : random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN);
    }

    private static Piece map(int across, int up, Supplier<Fold> folds) {
        List<Crease> creases = new ArrayList<>();
        for (int i = 0; i < across; i++) {
            for (int j = 0; j < up; j++) {
                if (i + 1 < across) {
                    creases.add(crease(i + 1, j, i + 1, j + 1, folds.get()));
                }
                if (j + 1 < up) {
                    creases.add(crease(i, j + 1, i + 1, j + 1, folds.get()));
                }
            }
        }
        return new Piece(
                "map", List.of(at(0, 0), at(across, 0), at(across, up), at(0, up)), creases, List.of(), List.of());
    }

    private static Crease crease(int x1, int y1, int x2, int y2, Fold fold) {
        return new Crease(new Stretch(at(x1, y1), at(x2, y2)), fold);
    }

    private static Spot at(int x, int y) {
        return Spot.nearest(CELL * x, CELL * y);
    }

    /**
     * One of many: a strip, a map, or a square folded over and over of which a few creases are turned the other way.
     */
    public static FoldGraph generated(long seed) throws Exception {
        Random random = new Random(seed);
        return switch ((int) (seed % 3)) {
            case 0 -> {
                StringBuilder lengths = new StringBuilder();
                StringBuilder folds = new StringBuilder();
                int panels = 12 + random.nextInt(49);
                double unassigned = 0.3 + random.nextDouble() * 0.7;
                for (int i = 0; i < panels; i++) {
                    lengths.append(random.nextBoolean() ? 'L' : 's');
                    folds.append(random.nextDouble() < unassigned ? 'u' : random.nextBoolean() ? 'v' : 'm');
                }
                yield strip(lengths.toString(), folds.substring(1));
            }
            case 1 ->
                FoldGraph.of(Panels.of(map(
                        2 + random.nextInt(6),
                        2 + random.nextInt(5),
                        random,
                        random.nextInt(4) == 0 ? 0.5 : 0.7 + 0.3 * random.nextDouble())));
            default -> {
                Piece folded = SimpleFolds.piece(seed, 60, random.nextDouble());
                List<Crease> turned = new ArrayList<>();
                for (Crease crease : folded.creases()) {
                    Fold other = crease.fold() == Fold.VALLEY
                            ? Fold.MOUNTAIN
                            : crease.fold() == Fold.MOUNTAIN ? Fold.VALLEY : crease.fold();
                    turned.add(random.nextInt(6) == 0 ? new Crease(crease.line(), other) : crease);
                }
                yield FoldGraph.of(Panels.of(new Piece(folded.name(), folded.outline(), turned, List.of(), List.of())));
            }
        };
    }
}
