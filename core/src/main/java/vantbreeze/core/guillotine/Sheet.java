package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.guillotine.Branch.Kind;

/** A sheet that is being cut up: its tree of cuts, what is left over of it, and what was cut. */
final class Sheet {

    final int bin;
    final List<Branch> wastes = new ArrayList<>();
    final List<Branch> parts = new ArrayList<>();
    private final Branch root;

    Sheet(int bin, long width, long height) {
        this.bin = bin;
        this.root = new Branch(Kind.WASTE, width, height, null);
        enlist(root);
    }

    private Sheet(Sheet other) {
        this.bin = other.bin;
        // each in its place, so that a place in one sheet is the same place in its copy
        wastes.addAll(other.wastes);
        parts.addAll(other.parts);
        this.root = copied(other.root, null);
    }

    Sheet copy() {
        return new Sheet(this);
    }

    private Branch copied(Branch other, @Nullable Branch parent) {
        Branch copy = new Branch(other.kind, other.width, other.height, parent);
        copy.item = other.item;
        copy.turned = other.turned;
        for (Branch branch : other.branches) {
            copy.branches.add(copied(branch, copy));
        }
        if (!copy.isCut()) {
            copy.slot = other.slot;
            (copy.kind == Kind.WASTE ? wastes : parts).set(copy.slot, copy);
        }
        return copy;
    }

    CutNode node() {
        return root.node();
    }

    Branch root() {
        return root;
    }

    /** How many of each of so many kinds of items come from it. */
    int[] items(int kinds) {
        int[] items = new int[kinds];
        parts.forEach(part -> items[part.item]++);
        return items;
    }

    /** Area of its parts. */
    double used() {
        return parts.stream().mapToDouble(Branch::area).sum();
    }

    /** Area of the largest rectangle left over. */
    double largestWaste() {
        return wastes.stream().mapToDouble(Branch::area).max().orElse(0);
    }

    /**
     * Cuts an item from the corner of what is left over.
     *
     * @param width of it as it lies
     * @param uprightFirst whether a strip as wide as it is cut off first, else one as high
     */
    void place(Branch waste, int item, boolean turned, long width, long height, boolean uprightFirst) {
        boolean beside = waste.width > width && (uprightFirst || waste.height == height);
        Branch part = waste;
        if (beside) {
            part = carved(part, width, Kind.BESIDE);
            part = part.height > height ? carved(part, height, Kind.ABOVE) : part;
        } else {
            part = part.height > height ? carved(part, height, Kind.ABOVE) : part;
            part = part.width > width ? carved(part, width, Kind.BESIDE) : part;
        }
        delist(part);
        part.kind = Kind.PART;
        part.item = item;
        part.turned = turned;
        enlist(part);
    }

    /**
     * Cuts a block from the corner of what is left over.
     *
     * @param cut told each item
     */
    void place(Branch waste, Block block, IntConsumer cut) {
        Block one = block.first();
        Block other = block.second();
        if (one == null || other == null) {
            place(waste, block.item(), block.isTurned(), block.width(), block.height(), true);
            cut.accept(block.item());
            return;
        }
        Branch whole = waste.height > block.height() ? carved(waste, block.height(), Kind.ABOVE) : waste;
        whole = whole.width > block.width() ? carved(whole, block.width(), Kind.BESIDE) : whole;
        // both halves of it are carved before either is cut up, or what is left over of one would be taken for the
        // other
        Kind direction = block.beside() ? Kind.BESIDE : Kind.ABOVE;
        Branch first = carved(whole, block.beside() ? one.width() : one.height(), direction);
        Branch second = rest(first, whole);
        place(first, one, cut);
        place(second, other, cut);
    }

    /** What is left over of the branch from which a strip was carved. */
    private static Branch rest(Branch strip, Branch carved) {
        if (!carved.isCut()) {
            return carved;
        }
        return carved.branches.stream()
                .filter(branch -> branch != strip)
                .findFirst()
                .orElseThrow();
    }

    /** Cuts a strip off what is left over; answers the strip. */
    private Branch carved(Branch waste, long extent, Kind direction) {
        boolean beside = direction == Kind.BESIDE;
        Branch parent = waste.parent;
        if (parent != null && parent.kind == direction) {
            Branch strip =
                    new Branch(Kind.WASTE, beside ? extent : waste.width, beside ? waste.height : extent, parent);
            if (beside) {
                waste.width -= extent;
            } else {
                waste.height -= extent;
            }
            parent.branches.add(strip);
            enlist(strip);
            return strip;
        }
        delist(waste);
        waste.kind = direction;
        Branch strip = new Branch(Kind.WASTE, beside ? extent : waste.width, beside ? waste.height : extent, waste);
        Branch rest = new Branch(
                Kind.WASTE,
                beside ? waste.width - extent : waste.width,
                beside ? waste.height : waste.height - extent,
                waste);
        waste.branches.add(strip);
        waste.branches.add(rest);
        enlist(strip);
        enlist(rest);
        return strip;
    }

    /**
     * Takes away all that a branch is cut into, so that it is left over.
     *
     * @param taken told each item
     */
    void clear(Branch branch, IntConsumer taken) {
        take(branch, taken);
        branch.kind = Kind.WASTE;
        branch.branches.clear();
        branch.item = -1;
        enlist(branch);
        settle(branch);
    }

    private void take(Branch branch, IntConsumer taken) {
        if (branch.kind == Kind.PART) {
            taken.accept(branch.item);
        }
        if (branch.isCut()) {
            branch.branches.forEach(one -> take(one, taken));
        } else {
            delist(branch);
        }
    }

    /** What is left over side by side is one. */
    private void settle(Branch branch) {
        Branch waste = branch;
        for (Branch parent = waste.parent; parent != null; parent = waste.parent) {
            Branch other = otherWaste(parent, waste);
            if (other != null) {
                if (parent.kind == Kind.BESIDE) {
                    waste.width += other.width;
                } else {
                    waste.height += other.height;
                }
                parent.branches.remove(other);
                delist(other);
            }
            if (parent.branches.size() > 1) {
                return;
            }
            delist(waste);
            parent.kind = Kind.WASTE;
            parent.branches.clear();
            enlist(parent);
            waste = parent;
        }
    }

    @Nullable
    private static Branch otherWaste(Branch parent, Branch waste) {
        for (Branch branch : parent.branches) {
            if (branch != waste && branch.kind == Kind.WASTE) {
                return branch;
            }
        }
        return null;
    }

    private void enlist(Branch branch) {
        List<Branch> list = branch.kind == Kind.WASTE ? wastes : parts;
        branch.slot = list.size();
        list.add(branch);
    }

    private void delist(Branch branch) {
        List<Branch> list = branch.kind == Kind.WASTE ? wastes : parts;
        Branch last = list.remove(list.size() - 1);
        if (last != branch) {
            list.set(branch.slot, last);
            last.slot = branch.slot;
        }
    }
}
