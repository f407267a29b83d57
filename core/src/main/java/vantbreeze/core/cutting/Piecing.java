package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * Looks for where a piece that no sheet is large enough for may be joined from parts: from as few as may be, then with
 * the seams hidden, then with the longest part as short as it may be.
 */
public final class Piecing {

    /** A piece of more parts is a work of patience, and no card. */
    static final int MOST_PARTS = 4;

    /** Seams are tried at marks of the ruler about so far apart, mm. */
    private static final double STEP = 2;

    /** What is hidden is compared in steps of this share of a seam. */
    private static final double SHARE = 0.05;

    private final Panels panels;
    private final PieceId id;
    private final int first;
    private final SeamCovers covers;
    private final Predicate<Size> comes;
    private final Ruler ruler;
    private final Length overlap;

    /**
     * @param first number of the piece's first panel among those of the card
     * @param comes whether a part of a size comes from a sheet, standing as it lies on the piece
     */
    public Piecing(
            Panels panels,
            PieceId id,
            int first,
            SeamCovers covers,
            Predicate<Size> comes,
            Ruler ruler,
            Length overlap) {
        this.panels = panels;
        this.id = id;
        this.first = first;
        this.covers = covers;
        this.comes = comes;
        this.ruler = ruler;
        this.overlap = overlap;
    }

    /**
     * A seam that the piece may have.
     *
     * @param hidden how much of its two lines nobody sees, 0 to 2
     */
    private record Candidate(SeamStrip strip, double hidden) {

        Length at() {
            return strip.seam().at();
        }

        Length begins() {
            return strip.seam().begins();
        }
    }

    /** Seams of a piece up to one of them, the last. */
    private record Way(@Nullable Way before, Candidate seam, double hidden, Length longest) {

        static final Comparator<Way> BETTER = Comparator.comparingDouble((Way way) -> -Math.rint(way.hidden / SHARE))
                .thenComparing(Way::longest);

        List<SeamStrip> strips() {
            List<SeamStrip> strips = before == null ? new ArrayList<>() : before.strips();
            strips.add(seam.strip());
            return strips;
        }
    }

    /** The best seams, from the left or from the foot; nothing where it can't be joined from a few parts. */
    public Optional<PieceParts> best() {
        Optional<List<SeamStrip>> upright = best(true);
        Optional<List<SeamStrip>> level = best(false);
        boolean isUpright = upright.isPresent()
                && (level.isEmpty() || upright.get().size() <= level.get().size());
        return (isUpright ? upright : level)
                .map(strips -> PieceParts.of(
                        panels, id, strips.stream().map(SeamStrip::seam).toList()))
                .filter(PieceParts::isSeamed);
    }

    private Optional<List<SeamStrip>> best(boolean upright) {
        Size size = panels.piece().cutSize();
        Length end = upright ? size.width() : size.height();
        Length across = upright ? size.height() : size.width();
        List<Candidate> seams = candidates(upright, end);
        List<@Nullable Way> ways = new ArrayList<>();
        for (Candidate seam : seams) {
            ways.add(comes(seam.at(), across, upright) ? new Way(null, seam, seam.hidden(), seam.at()) : null);
        }
        for (int parts = 2; parts <= MOST_PARTS; parts++) {
            Optional<Way> whole = ended(ways, end, across, upright);
            if (whole.isPresent()) {
                return Optional.of(whole.get().strips());
            }
            ways = furthered(ways, seams, across, upright);
        }
        return Optional.empty();
    }

    /** The best that the last part closes. */
    private Optional<Way> ended(List<@Nullable Way> ways, Length end, Length across, boolean upright) {
        List<Way> whole = new ArrayList<>();
        for (Way way : ways) {
            if (way != null) {
                Length last = end.minus(way.seam.begins());
                if (comes(last, across, upright)) {
                    whole.add(new Way(way.before, way.seam, way.hidden, way.longest.max(last)));
                }
            }
        }
        return whole.stream().min(Way.BETTER);
    }

    /** Each seam reached with one seam more. */
    private List<@Nullable Way> furthered(
            List<@Nullable Way> ways, List<Candidate> seams, Length across, boolean upright) {
        List<@Nullable Way> further = new ArrayList<>();
        for (Candidate seam : seams) {
            Way best = null;
            for (Way way : ways) {
                if (way == null || !seam.begins().isLongerThan(way.seam.at())) {
                    continue;
                }
                Length part = seam.at().minus(way.seam.begins());
                if (comes(part, across, upright)) {
                    Way next = new Way(way, seam, way.hidden + seam.hidden(), way.longest.max(part));
                    best = best == null || Way.BETTER.compare(next, best) < 0 ? next : best;
                }
            }
            further.add(best);
        }
        return further;
    }

    private boolean comes(Length along, Length across, boolean upright) {
        return comes.test(upright ? new Size(along, across) : new Size(across, along));
    }

    /** Every seam that the piece may have. */
    private List<Candidate> candidates(boolean upright, Length end) {
        List<Candidate> seams = new ArrayList<>();
        Length step =
                ruler.division().times((long) Math.ceil(STEP / ruler.division().millimetres()));
        for (Length at = step; at.isShorterThan(end); at = at.plus(step)) {
            if (at.isLongerThan(overlap)) {
                SeamStrip.of(panels, new Seam(id, upright, at, overlap))
                        .ifPresent(strip -> seams.add(new Candidate(strip, hidden(strip))));
            }
        }
        return seams;
    }

    private double hidden(SeamStrip strip) {
        return strip.lines(first).stream()
                .mapToDouble(one -> covers.hidden(one.face(), one.line()))
                .sum();
    }
}
