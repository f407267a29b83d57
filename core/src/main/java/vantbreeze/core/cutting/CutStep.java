package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * One thing to do on the way from sheets to blanks.
 *
 * @param number from 1
 * @param kind what is done
 * @param fence how far what falls reaches from the fence; null where no fence is set
 * @param set where the fence is set for that, less what the blade cuts too wide; null where none is
 * @param isSet whether the fence stands there from the step before
 * @param stack which sheets it is about, by their place in the layout; −1 for what is in hand already
 * @param hand what is cut, in words: "sheet 1", "strip B", "both strips B", "Card base"
 * @param edge which of its edges stands against the fence; null where none does
 * @param areas where that lies on its sheet, several that are cut alike; none where it lies on none any more
 * @param cuts how often the blade comes down in each go
 * @param passes in how many goes, as no more sheets are cut together than the trimmer takes
 * @param falls what falls, like ones together
 * @param left what each is then; null while more is cut off it this way
 * @param notes what to mind, in words
 * @param doing what to do, without the figure of the fence and without the notes
 * @param words all of it, as one reads it out
 */
public record CutStep(
        int number,
        Kind kind,
        @Nullable Length fence,
        @Nullable Length set,
        boolean isSet,
        int stack,
        String hand,
        @Nullable Edge edge,
        List<CutArea> areas,
        int cuts,
        int passes,
        List<Fallen> falls,
        @Nullable Fallen left,
        List<String> notes,
        String doing,
        String words) {

    public CutStep {
        areas = List.copyOf(areas);
        falls = List.copyOf(falls);
        notes = List.copyOf(notes);
    }

    /** Where the blade comes down on what is cut, as areas without a width or without a height. */
    public List<CutArea> lines() {
        Length distance = fence;
        Edge side = edge;
        if (distance == null || side == null) {
            return List.of();
        }
        List<CutArea> lines = new ArrayList<>();
        for (CutArea whole : areas) {
            for (int i = 1; i <= cuts; i++) {
                long off = distance.units() * i;
                lines.add(
                        switch (side) {
                            case LEFT -> new CutArea(whole.x() + off, whole.y(), 0, whole.height());
                            case RIGHT -> new CutArea(whole.x() + whole.width() - off, whole.y(), 0, whole.height());
                            case FOOT -> new CutArea(whole.x(), whole.y() + off, whole.width(), 0);
                            case TOP -> new CutArea(whole.x(), whole.y() + whole.height() - off, whole.width(), 0);
                        });
            }
        }
        return lines;
    }

    /** What is done. */
    public enum Kind {
        /** The edges of a sheet are trimmed. */
        SQUARE,
        /** Cut from edge to edge with the fence set. */
        CUT,
        /** One paper across several panels is cut into its parts. */
        APART,
        /** An outline is cut out of its rectangle. */
        OUTLINE,
        /** A cut that starts and stops inside. */
        SLIT,
        /** Parts of a piece are glued together. */
        JOIN
    }

    /** What is done without a fence. */
    static CutStep withoutFence(int number, Kind kind, int stack, String hand, List<Fallen> falls, String words) {
        return new CutStep(
                number, kind, null, null, false, stack, hand, null, List.of(), 0, 1, falls, null, List.of(), words,
                words);
    }

    /** An edge of something as it lies on its sheet. */
    public enum Edge {
        LEFT("left edge"),
        RIGHT("right edge"),
        FOOT("foot"),
        TOP("top");

        private final String words;

        Edge(String words) {
            this.words = words;
        }

        /** As it is read. */
        public String inWords() {
            return words;
        }

        static Edge of(boolean upright, boolean far) {
            return upright ? (far ? RIGHT : LEFT) : (far ? TOP : FOOT);
        }
    }

    /**
     * Something that falls.
     *
     * @param count how many of each sheet
     * @param what what it is
     * @param name in words: "number 3", "strip B", "left over"
     * @param blanks which blanks it is, by their numbers in the plan; of a strip or a rest none
     */
    public record Fallen(int count, What what, String name, Size size, List<Integer> blanks) {
        public Fallen {
            blanks = List.copyOf(blanks);
        }
    }

    /** What something is that falls. */
    public enum What {
        BLANK,
        /** It is cut further. */
        STRIP,
        /** It is left over. */
        REST
    }
}
