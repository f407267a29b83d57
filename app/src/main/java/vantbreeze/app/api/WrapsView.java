package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.api.CardView.FindingView;
import vantbreeze.app.cards.Card;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.wrap.CardInWrap;
import vantbreeze.core.wrap.Ribbon;

/**
 * A card, what goes round it, and what could.
 *
 * @param card its name
 * @param closed how large it is closed
 * @param thickness how thick
 * @param worn its wraps, those that go round it first before those that go round them
 * @param apart its wraps that do not follow it: damaged, drawn freely, or of a newer house
 * @param shelf the wraps to choose from, each round this card
 * @param envelopes those that it goes in, with what lies round it, at hand first
 * @param ribbon how long a ribbon is that is tied round it
 * @param objection why none goes round it; left out where they do
 */
public record WrapsView(
        String card,
        SizeView closed,
        FigureView thickness,
        List<WornView> worn,
        List<ApartView> apart,
        List<OfferedWrap> shelf,
        List<EnvelopeOffers.EnvelopeOffer> envelopes,
        RibbonView ribbon,
        @Nullable String objection) {

    /** How long a ribbon is with its bow: round from side to side, from foot to head, both ways. */
    public record RibbonView(FigureView across, FigureView up, FigureView crossed) {

        static RibbonView of(Ribbon ribbon, Ruler ruler) {
            return new RibbonView(
                    FigureView.of(ribbon.across(), ruler),
                    FigureView.of(ribbon.up(), ruler),
                    FigureView.of(ribbon.crossed(), ruler));
        }
    }

    /** A wrap of the card that does not follow it. */
    public record ApartView(UUID id, String name) {}

    /**
     * A wrap of the card.
     *
     * @param cut what is cut for it, piece by piece
     * @param outside how large it is with the card in it
     * @param thickness how thick that is
     * @param grams what that weighs
     */
    public record WornView(
            UUID id,
            int revision,
            String structure,
            String structureName,
            String name,
            InWrapView picture,
            List<SizeView> cut,
            SizeView outside,
            FigureView thickness,
            FigureView grams,
            List<FindingView> findings) {}

    /**
     * A wrap to choose.
     *
     * @param structure its id
     * @param cut how large a piece it takes
     */
    public record OfferedWrap(
            String structure, String name, String does, String suits, InWrapView picture, SizeView cut) {}

    /**
     * The card put into a wrap, as it is drawn.
     *
     * @param panels those of the wrap first, then of what the card wears within it, then the card's, as they lie on
     *     their sheets
     * @param frames for each step, from out to in and shut, a column-major 4 × 4 matrix for each panel
     * @param in at which part of the way the card is all in
     * @param papers what all are made of
     * @param madeOf for each panel which of these
     * @param layers what is printed and laid on the wraps, what lies lower first
     * @param first number of the card's first panel
     */
    public record InWrapView(
            List<ShapeView> panels,
            List<List<double[]>> frames,
            double in,
            List<PaperView> papers,
            List<String> madeOf,
            List<LayerView> layers,
            int first) {

        static InWrapView of(Wrapping wrapping) {
            List<WorkedPlan> wraps = Stream.concat(Stream.of(wrapping.wrap()), wrapping.worn().stream())
                    .toList();
            List<WorkedPlan> all =
                    Stream.concat(wraps.stream(), Stream.of(wrapping.card())).toList();
            CardInWrap drawn = wrapping.drawn();
            List<LayerView> layers = new ArrayList<>();
            int first = 0;
            for (WorkedPlan wrap : wraps) {
                for (LayerView layer : LayerView.printed(wrap)) {
                    layers.add(layer.countedFrom(first));
                }
                for (LayerView layer : LayerView.of(wrap)) {
                    layers.add(layer.countedFrom(first));
                }
                first += wrap.form().graph().panels().size();
            }
            return new InWrapView(
                    all.stream().flatMap(one -> FormView.panels(one).stream()).toList(),
                    drawn.steps().stream()
                            .map(step -> step.stream().map(FormView::matrix).toList())
                            .toList(),
                    (double) drawn.in() / Math.max(1, drawn.steps().size() - 1),
                    all.stream()
                            .flatMap(one -> PaperView.of(one).stream())
                            .distinct()
                            .toList(),
                    all.stream().flatMap(one -> PaperView.madeOf(one).stream()).toList(),
                    layers,
                    first);
        }
    }

    static WornView worn(Card wrap, Wrapping wrapping) {
        WorkedPlan worked = wrap.worked();
        Ruler ruler = worked.ruler();
        ClosedCard closed = wrapping.closed();
        return new WornView(
                wrap.id(),
                wrap.revision(),
                worked.structure().id(),
                worked.structure().name(),
                wrap.plan().name(),
                InWrapView.of(wrapping),
                cut(worked),
                SizeView.of(outside(closed.footprint(), ruler), ruler),
                FigureView.estimate(closed.thickness(), ruler),
                FigureView.of(Math.ceil(closed.weight().grams()), "g"),
                wrapping.findings().stream()
                        .map(finding -> CardView.finding(finding, ruler))
                        .toList());
    }

    static OfferedWrap offered(Wrapping wrapping) {
        Structure structure = wrapping.wrap().structure();
        return new OfferedWrap(
                structure.id(),
                structure.name(),
                structure.title().does(),
                structure.title().suits(),
                InWrapView.of(wrapping),
                cut(wrapping.wrap()).get(0));
    }

    /** On the marks above, as what goes round it must be. */
    private static Size outside(Size footprint, Ruler ruler) {
        return new Size(
                ruler.above(footprint.width()).length(),
                ruler.above(footprint.height()).length());
    }

    private static List<SizeView> cut(WorkedPlan wrap) {
        return wrap.pieces().stream()
                .map(piece -> SizeView.of(piece.cut(), wrap.ruler()))
                .toList();
    }
}
