package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.core.fold.plane.Flat;

/** The pairs of facets that overlap, each a variable: true when the first lies below the second. */
final class Pairs {

    private final int[][] number;
    private final List<int[]> pairs = new ArrayList<>();
    private final List<Geometry> common = new ArrayList<>();
    private final List<@Nullable Coordinate> depth = new ArrayList<>();

    Pairs(List<Facet> facets) {
        number = new int[facets.size()][facets.size()];
        for (int[] row : number) {
            Arrays.fill(row, -1);
        }
        for (int i = 0; i < facets.size(); i++) {
            for (int j = i + 1; j < facets.size(); j++) {
                Geometry shared =
                        Flat.common(facets.get(i).shape(), facets.get(j).shape());
                if (!shared.isEmpty()) {
                    number[i][j] = pairs.size();
                    number[j][i] = pairs.size();
                    pairs.add(new int[] {i, j});
                    common.add(shared);
                    depth.add(Flat.depth(shared));
                }
            }
        }
    }

    int count() {
        return pairs.size();
    }

    int[] pair(int variable) {
        return pairs.get(variable);
    }

    /** Whether what a pair has in common has some area in common with a shape. */
    boolean meets(int variable, Geometry shape) {
        Coordinate deep = depth.get(variable);
        return (deep != null && Flat.reaches(deep, shape)) || Flat.overlap(common.get(variable), shape);
    }

    boolean overlap(int i, int j) {
        return number[i][j] >= 0;
    }

    /** "i below j" as a literal: twice the variable, plus one when it is the negation. */
    int below(int i, int j) {
        return 2 * number[i][j] + (i < j ? 0 : 1);
    }
}
