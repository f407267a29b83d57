package vantbreeze.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.CardYield;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Tools;

/**
 * Sizes to start a card from, for any structure: it is asked for its pieces, and these are tried on the sheet.
 *
 * <p>Widths are tried in steps of the ruler in force such that every panel measures well on it.
 */
public final class Proposals {

    private static final int MOST_TO_A_SHEET = 3;
    /** As often as a card is made lower by an eighth for its pieces to come out of the sheet. */
    private static final int MOST_LOWER = 8;
    /** As far as a card is made narrower for the grooves, steps. */
    private static final int MOST_NARROWER = 10;

    private static final Comparator<Proposal> LARGEST_FIRST =
            Comparator.comparingDouble(proposal -> -proposal.finished().width().millimetres()
                    * proposal.finished().height().millimetres());

    private final Structure structure;
    private final Ruler ruler;
    private final StockSheet sheet;
    private final Envelopes envelopes;
    private final Tools tools;
    /** The pieces of each size that was tried. */
    private final Map<Size, List<Size>> cuts = new HashMap<>();

    /** Proposals for {@code structure}, measured on {@code ruler}, cut from {@code sheet}, made with {@code tools}. */
    public Proposals(Structure structure, Ruler ruler, StockSheet sheet, Envelopes envelopes, Tools tools) {
        this.structure = structure;
        this.ruler = ruler;
        this.sheet = sheet;
        this.envelopes = envelopes;
        this.tools = tools;
    }

    /**
     * Cards for {@code envelope}, both ways round, as large as it and the sheet allow, and as large as have all their
     * scores on the grooves of the board; the largest first, loose ones only when there is nothing else.
     */
    public List<Proposal> forEnvelope(Envelope envelope) {
        Size room = room(envelope, tools.allowances());
        List<Proposal> found = new ArrayList<>();
        for (Size most : room.width().equals(room.height()) ? List.of(room) : List.of(room, room.turned())) {
            for (int count = 1; count <= MOST_TO_A_SHEET; count++) {
                largest(most, count).ifPresent(size -> addWithGrooved(found, size, envelope, most));
            }
        }
        found.sort(LARGEST_FIRST);
        List<Proposal> snug = found.stream()
                .filter(p -> p.fit() != null && p.fit().verdict() == EnvelopeFit.Verdict.FITS)
                .toList();
        return distinct(snug.isEmpty() ? found : snug);
    }

    /**
     * Cards whose strips come out of the sheet one, two or three at a time, each with the envelope that suits; those
     * that waste least of the sheet first.
     */
    public List<Proposal> forSheet() {
        Size room = new Size(sheet.size().longSide(), sheet.size().longSide());
        List<Proposal> found = new ArrayList<>();
        for (int count = 1; count <= MOST_TO_A_SHEET; count++) {
            alongAndAcross(room, count).forEach(size -> addWithGrooved(found, size, null, room));
        }
        found.sort(Comparator.comparingDouble(
                        (Proposal proposal) -> Math.rint(100 * proposal.cards().waste()))
                .thenComparing(LARGEST_FIRST));
        return distinct(found);
    }

    /** The card of just this size, or the nearest that the structure can have. */
    public Proposal forSize(Size finished) {
        Measures measures = structure.proportioned(finished, ruler);
        Size size = sizeOf(measures);
        return proposal(size, measures, suiting(size), Proposal.Bound.MAKER);
    }

    /** The largest lying card that {@code envelope} takes with room to slide. */
    public static Size room(Envelope envelope, Allowances allowances) {
        Size inside = envelope.inside().landscape();
        return new Size(
                inside.width().minus(allowances.of(Allowance.ENVELOPE_LONG)),
                inside.height().minus(allowances.of(Allowance.ENVELOPE_SHORT)));
    }

    private Proposal proposal(Size finished, @Nullable Envelope envelope, Size room) {
        Measures measures = structure.proportioned(finished, ruler);
        Size size = sizeOf(measures);
        boolean asLargeAsRoom = finished.equals(
                new Size(stepped(room.width()), ruler.below(room.height()).length()));
        return proposal(
                size, measures, fit(size, envelope), asLargeAsRoom ? Proposal.Bound.ENVELOPE : Proposal.Bound.SHEET);
    }

    private Proposal proposal(Size size, Measures measures, @Nullable EnvelopeFit fit, Proposal.Bound bound) {
        List<Piece> pieces = structure.assemble(measures).pieces();
        Blanks blanks = Blanks.ofPieces(pieces);
        SheetYield fewest = blanks.all().stream()
                .map(blank -> SheetYield.of(blank, sheet))
                .min(Comparator.comparingInt(SheetYield::count))
                .orElseThrow();
        return new Proposal(
                size, measures, pieces.size(), fewest, CardYield.of(blanks, sheet), isOnGrooves(pieces), fit, bound);
    }

    /** The card, and if its scores lie between grooves the next smaller one whose scores do not. */
    private void addWithGrooved(List<Proposal> found, Size size, @Nullable Envelope envelope, Size room) {
        Proposal proposal = proposal(size, envelope, room);
        found.add(proposal);
        Length step = structure.widthStep(ruler.division());
        Length width = size.width();
        for (int tried = 0;
                tried < MOST_NARROWER
                        && !proposal.onGrooves()
                        && width.minus(step).isLongerThan(tools.allowances().of(Allowance.SMALLEST_SIDE));
                tried++) {
            width = width.minus(step);
            Measures measures = structure.proportioned(new Size(width, size.height()), ruler);
            if (isOnGrooves(structure.assemble(measures).pieces())) {
                Size grooved = sizeOf(measures);
                found.add(proposal(grooved, measures, fit(grooved, envelope), Proposal.Bound.GROOVES));
                return;
            }
        }
    }

    /** Upright scores need a groove so far from one edge or the other; slanted ones are scored along a ruler anyhow. */
    private boolean isOnGrooves(List<Piece> pieces) {
        return pieces.stream().allMatch(piece -> {
            Length wide = piece.cutSize().width();
            return piece.creases().stream()
                    .filter(crease -> crease.line().isUpright() && crease.fold() != Fold.BEND)
                    .map(crease -> crease.line().from().x())
                    .allMatch(at -> tools.board(ruler).hasGrooveAt(at, wide.minus(at)));
        });
    }

    private @Nullable EnvelopeFit fit(Size finished, @Nullable Envelope envelope) {
        return envelope == null ? suiting(finished) : fitting(finished, envelope);
    }

    private EnvelopeFit fitting(Size finished, Envelope envelope) {
        return EnvelopeFit.of(ClosedCard.flat(finished), envelope, tools.allowances());
    }

    /** The envelope with the least left over that the card slides into, if there is one. */
    private @Nullable EnvelopeFit suiting(Size finished) {
        return EnvelopeFit.best(
                        ClosedCard.flat(finished),
                        envelopes,
                        tools.allowances(),
                        Set.of(EnvelopeFit.Verdict.FITS, EnvelopeFit.Verdict.LOOSE))
                .orElse(null);
    }

    private Optional<Size> largest(Size room, int count) {
        return alongAndAcross(room, count).stream()
                .max(Comparator.comparingDouble(
                        size -> size.width().millimetres() * size.height().millimetres()));
    }

    /**
     * The largest card that is as high as so many fit above one another along the sheet, and the largest so across it.
     * Where its pieces are higher than the card itself, it is made lower until they come out of the sheet.
     */
    private List<Size> alongAndAcross(Size room, int count) {
        List<Size> sizes = new ArrayList<>();
        for (Size lying : List.of(sheet.size(), sheet.size().turned())) {
            Length height = room.height().min(lying.height().dividedBy(count));
            for (int lower = 0; lower < MOST_LOWER; lower++) {
                Length marked = ruler.below(height).length();
                Length width = widest(room.width(), marked, count);
                if (width.isLongerThan(tools.allowances().of(Allowance.SMALLEST_SIDE))
                        && marked.isLongerThan(tools.allowances().of(Allowance.SMALLEST_SIDE))) {
                    sizes.add(new Size(width, marked));
                    break;
                }
                height = height.times(7).dividedBy(8);
            }
        }
        return sizes;
    }

    /** The widest card of this height, in whole steps, of each of whose pieces so many come out of the sheet. */
    private Length widest(Length most, Length height, int count) {
        Length step = structure.widthStep(ruler.division());
        long low = 0;
        long high = most.timesContaining(step) + 1;
        while (high - low > 1) {
            long tried = (low + high) / 2;
            if (comesOut(new Size(step.times(tried), height), count)) {
                low = tried;
            } else {
                high = tried;
            }
        }
        return step.times(low);
    }

    /** Whether its pieces come out so often; a card narrower than the structure can be would. */
    private boolean comesOut(Size finished, int count) {
        Measures measures = structure.proportioned(finished, ruler);
        if (finished.width()
                .isShorterThan(structure.limits(Parameter.WIDTH, measures).least())) {
            return true;
        }
        return cuts
                .computeIfAbsent(
                        finished, size -> structure.assemble(structure.proportioned(size, ruler)).pieces().stream()
                                .map(Piece::cutSize)
                                .distinct()
                                .toList())
                .stream()
                .allMatch(cut -> SheetYield.of(cut, sheet).count() >= count);
    }

    private Length stepped(Length width) {
        Length step = structure.widthStep(ruler.division());
        return step.times(width.timesContaining(step));
    }

    /**
     * Each size once, and only those in which the structure's measures are within their limits; of these those whose
     * measures all lie on marks, where there are any.
     */
    private List<Proposal> distinct(List<Proposal> found) {
        List<Proposal> distinct = new ArrayList<>();
        for (Proposal proposal : found) {
            if (structure.allows(proposal.measures())
                    && distinct.stream().noneMatch(known -> known.finished().equals(proposal.finished()))) {
                distinct.add(proposal);
            }
        }
        List<Proposal> marked = distinct.stream()
                .filter(proposal -> isOnMarks(proposal.measures()))
                .toList();
        return marked.isEmpty() ? List.copyOf(distinct) : marked;
    }

    private boolean isOnMarks(Measures measures) {
        return structure.asked(measures).stream()
                .allMatch(parameter -> ruler.marks(structure.measure(parameter.id(), measures)));
    }

    /** What a structure makes of a size: some must be square. */
    private static Size sizeOf(Measures measures) {
        return new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
    }
}
