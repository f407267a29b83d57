package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A node of a tree of cuts that is being changed. Branches of a cut lie in no order; at most one of them is waste, and
 * none of them is a cut in the same direction.
 */
final class Branch {

    /** What a branch is. */
    enum Kind {
        WASTE,
        PART,
        /** Cut into branches beside one another. */
        BESIDE,
        /** Cut into branches above one another. */
        ABOVE
    }

    Kind kind;
    long width;
    long height;

    @Nullable
    Branch parent;

    final List<Branch> branches = new ArrayList<>(2);
    int item = -1;
    boolean turned;
    /** Where it stands in its sheet's list of wastes or of parts. */
    int slot = -1;

    Branch(Kind kind, long width, long height, @Nullable Branch parent) {
        this.kind = kind;
        this.width = width;
        this.height = height;
        this.parent = parent;
    }

    boolean isCut() {
        return kind == Kind.BESIDE || kind == Kind.ABOVE;
    }

    double area() {
        return (double) width * height;
    }

    /** How many parts it is cut into. */
    int count() {
        int count = kind == Kind.PART ? 1 : 0;
        for (Branch branch : branches) {
            count += branch.count();
        }
        return count;
    }

    /** How far a branch reaches in the direction in which these lie beside one another. */
    long extent(Branch branch) {
        return kind == Kind.BESIDE ? branch.width : branch.height;
    }

    /**
     * The tree below as it is told: the widest first, like ones together, what is left over last. Where nothing is, one
     * that is the only one so wide comes last: what is in hand then needs no cut.
     */
    CutNode node() {
        return switch (kind) {
            case WASTE -> new CutNode.Rest(width, height);
            case PART -> new CutNode.Part(width, height, item, turned);
            default -> new CutNode.Cut(width, height, kind == Kind.BESIDE, told());
        };
    }

    private List<CutNode> told() {
        List<Branch> sorted = new ArrayList<>(branches);
        sorted.sort(Comparator.comparing((Branch branch) -> branch.kind == Kind.WASTE)
                .thenComparing(branch -> -extent(branch))
                .thenComparing(Branch::isCut)
                .thenComparing(branch -> branch.item));
        if (sorted.get(sorted.size() - 1).kind != Kind.WASTE) {
            sorted.stream()
                    .filter(branch -> branches.stream()
                                    .filter(other -> extent(other) == extent(branch))
                                    .count()
                            == 1)
                    .findFirst()
                    .ifPresent(only -> {
                        sorted.remove(only);
                        sorted.add(only);
                    });
        }
        return sorted.stream().map(Branch::node).toList();
    }
}
