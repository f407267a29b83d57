package vantbreeze.app.api;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Changed;
import vantbreeze.core.check.Finding;
import vantbreeze.core.edit.Field;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.extra.FaceId;
import vantbreeze.core.fit.Touched;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.bulk.EndView;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.ChoiceSketch;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * One card, all of it: what the maker decided and what follows.
 *
 * @param revision to be sent back with a change
 * @param free whether it is drawn free; then its measures are the widths of its panels
 * @param extras what is set on it
 * @param takesDies whether parts of it are of a shape that a die may cut
 * @param base the panel, by number, that everything else moves from
 * @param readiness whether it is ready to be cut, in words; null where something must be fixed or checked first
 * @param layers its mats and layers where they lie, of each face from below
 * @param papers what its pieces and layers are cut from
 * @param madeOf for each panel which of these its piece is made of
 * @param document the plan document, to go back to by undo
 * @param wraps the card that it goes round; left out of a card that is no wrap
 */
public record CardView(
        UUID id,
        int revision,
        Instant changedAt,
        String name,
        String structure,
        String structureName,
        String ruler,
        @Nullable String envelope,
        @Nullable String sheet,
        @Nullable String cardstock,
        String notes,
        List<MeasureView> measures,
        List<ChoiceView> choices,
        List<PieceView> pieces,
        FormView form,
        SizeView footprint,
        HeftView heft,
        @Nullable FitView fit,
        List<FindingView> findings,
        @Nullable String readiness,
        boolean free,
        List<ExtraView> extras,
        boolean takesDies,
        int base,
        List<LayerView> layers,
        List<LayerView> prints,
        List<PaperView> papers,
        List<String> madeOf,
        String document,
        Card.@Nullable Wrapped wraps) {

    /**
     * Something set on a card.
     *
     * @param on the panel that it is glued on, in words
     * @param to the panel that its other end is glued on, in words, if it has two
     */
    public record ExtraView(String id, String name, String on, @Nullable String to) {
        static ExtraView of(Extra extra, FoldGraph graph) {
            FaceId to = extra.to();
            return new ExtraView(
                    extra.id(), extra.name(), inWords(extra.on(), graph), to == null ? null : inWords(to, graph));
        }

        /** The panel's name alone where no other is called so. */
        private static String inWords(FaceId face, FoldGraph graph) {
            String name = face.panel().panel();
            boolean isOnly = graph.panels().stream()
                            .filter(panel -> panel.name().equals(name))
                            .count()
                    == 1;
            return !isOnly ? face.inWords() : face.side() == Side.FACE ? name : name + ", other side";
        }
    }

    /**
     * A measure the maker may change.
     *
     * @param extra id of what is set on the card, if it is a measure of that
     * @param touches the panels that it is about, by number, where it is neither a panel's width nor a piece's height;
     *     none while a line is dragged
     * @param follows whether it follows from the others until the maker says otherwise
     * @param usual what it would then be, where the maker has said otherwise
     */
    public record MeasureView(
            String id,
            String label,
            String meaning,
            FigureView figure,
            boolean locked,
            boolean follows,
            @Nullable FigureView usual,
            @Nullable String extra,
            List<Integer> touches) {}

    /**
     * Something the maker may choose.
     *
     * @param extra id of what is set on the card, if it is about that
     * @param value id of what is chosen, or an SVG path
     * @param takesPath whether an SVG path of one's own does as well
     */
    public record ChoiceView(
            String id,
            String label,
            String meaning,
            String value,
            List<AlternativeView> alternatives,
            boolean takesPath,
            @Nullable String extra) {}

    /**
     * One thing that can be chosen.
     *
     * @param sketch the pieces that are cut or scored otherwise than with the rest; none where that tells nothing, and
     *     while something is dragged
     */
    public record AlternativeView(String id, String label, List<LaidPiece> sketch) {}

    /**
     * How thick the closed card is at its thickest, and what it weighs, as written.
     *
     * @param layers the stack from its end, cut where it is thickest, from the left edge of the closed card
     * @param thickest where on the closed card it is that thick
     */
    public record HeftView(
            String thickness, String weight, double thicknessMm, List<StretchView> layers, List<ShapeView> thickest) {
        static HeftView of(WorkedPlan worked) {
            ClosedCard closed = worked.closedCard();
            double left = worked.form().closed().left();
            EndView end = closed.endView();
            BulkMap bulk = closed.bulk();
            return new HeftView(
                    worked.thickness(),
                    String.format(Locale.ROOT, "%.0f g", closed.weight().grams()),
                    closed.thickness(),
                    end == null
                            ? List.of()
                            : end.layers().stream()
                                    .map(layer -> new StretchView(
                                            layer.panel(),
                                            layer.from() - left,
                                            layer.to() - left,
                                            layer.bottom(),
                                            layer.top()))
                                    .toList(),
                    bulk == null
                            ? List.of()
                            : thickest(
                                    bulk,
                                    closed.thickness(),
                                    left,
                                    worked.form().closed().bottom()));
        }

        private static List<ShapeView> thickest(BulkMap bulk, double worst, double left, double bottom) {
            double most = worst - 1e-6;
            return bulk.places().stream()
                    .filter(cell -> cell.thickness() > most)
                    .map(cell -> ShapeView.of(cell.shape(), left, bottom))
                    .toList();
        }
    }

    /** A stretch of a panel in the stack, millimetres. */
    public record StretchView(int panel, double from, double to, double bottom, double top) {}

    /** Something the maker should know. */
    public record FindingView(Finding.Severity severity, String about, String text, List<MendView> mends) {}

    /** A change of one measure, or of something chosen, that puts a finding right. */
    public record MendView(String measure, String text, String label) {}

    static CardView of(Changed changed) {
        return of(changed.card());
    }

    static CardView of(Card card) {
        return of(card, FormView.of(card.worked()), LayerView.of(card.worked()), card.document());
    }

    /**
     * A card while a line is dragged: without its document and its layers' numbers, and of its motion only the step
     * that is looked at.
     */
    static CardView glimpsed(Card card, double closed) {
        return of(card, FormView.glimpsed(card.worked(), closed), LayerView.unnumbered(card.worked()), "");
    }

    private static CardView of(Card card, FormView form, List<LayerView> layers, String document) {
        WorkedPlan worked = card.worked();
        Ruler ruler = card.plan().ruler();
        return new CardView(
                card.id(),
                card.revision(),
                card.changedAt(),
                card.plan().name(),
                worked.structure().id(),
                worked.structure().name(),
                ruler.id(),
                card.plan().envelopeId(),
                card.plan().sheetId(),
                card.plan().cardstockId(),
                card.plan().notes(),
                measures(card),
                worked.structure().choices().stream()
                        .map(choice -> choice(choice, card))
                        .toList(),
                PieceView.of(worked, ruler),
                form,
                SizeView.of(worked.footprint(), ruler),
                HeftView.of(worked),
                worked.fit() == null ? null : FitView.of(worked.fit(), ruler),
                worked.findings().stream()
                        .map(finding -> finding(finding, ruler))
                        .toList(),
                worked.readiness().orElse(null),
                card.plan().isFree(),
                card.plan().extras().all().stream()
                        .map(extra -> ExtraView.of(extra, worked.form().graph()))
                        .toList(),
                worked.structure().takesDies(),
                worked.form().graph().base(),
                layers,
                LayerView.printed(worked),
                PaperView.of(worked),
                PaperView.madeOf(worked),
                document,
                card.wraps());
    }

    private static List<MeasureView> measures(Card card) {
        Plan plan = card.plan();
        if (plan.isFree()) {
            return Field.widths(plan).entrySet().stream()
                    .map(width -> new MeasureView(
                            new Field.OfPanel(width.getKey()).id(),
                            width.getKey(),
                            "how wide it is",
                            FigureView.of(width.getValue(), plan.ruler()),
                            plan.locked().contains(width.getKey()),
                            false,
                            null,
                            null,
                            List.of()))
                    .toList();
        }
        return card.worked().structure().asked(plan.measures()).stream()
                .map(parameter -> measure(parameter, card))
                .toList();
    }

    private static MeasureView measure(Parameter parameter, Card card) {
        Structure structure = card.worked().structure();
        Measures measures = card.plan().measures();
        Ruler ruler = card.plan().ruler();
        Extra extra = card.plan().extras().having(parameter.id()).orElse(null);
        return new MeasureView(
                parameter.id(),
                extra == null ? parameter.label() : extra.own(parameter.label()),
                parameter.meaning(),
                FigureView.of(structure.measure(parameter.id(), measures), ruler),
                card.plan().locked().contains(parameter.id()),
                parameter.follows(),
                parameter.follows() && measures.says(parameter.id()) && structure.isSetByMarks(parameter.id())
                        ? FigureView.of(structure.usual(parameter.id(), measures.without(parameter.id())), ruler)
                        : null,
                extra == null ? null : extra.id(),
                parameter.panels().isEmpty()
                                && parameter.pieces().isEmpty()
                                && card.worked().isThorough()
                        ? List.copyOf(Touched.by(
                                parameter.id(),
                                structure,
                                measures,
                                card.worked().of(Stages.ASSEMBLY)))
                        : List.of());
    }

    /** Numbers in their order, other things with the usual one first. */
    private static ChoiceView choice(Choice choice, Card card) {
        Extra extra = card.plan().extras().having(choice.id()).orElse(null);
        Map<String, List<LaidPiece>> sketches = (card.worked().isThorough()
                        ? ChoiceSketch.of(choice, card.worked())
                        : List.<ChoiceSketch>of())
                .stream().collect(Collectors.toMap(ChoiceSketch::alternative, one -> one.pieces().stream()
                        .map(LaidPiece::of)
                        .toList()));
        return new ChoiceView(
                choice.id(),
                extra == null ? choice.label() : extra.own(choice.label()),
                choice.meaning(),
                card.plan().measures().chosen(choice),
                choice.alternatives().stream()
                        .sorted(CardView::byNumber)
                        .map(alternative -> new AlternativeView(
                                alternative.id(),
                                alternative.label(),
                                sketches.getOrDefault(alternative.id(), List.of())))
                        .toList(),
                choice.takesPath(),
                extra == null ? null : extra.id());
    }

    private static int byNumber(Choice.Alternative one, Choice.Alternative other) {
        boolean numbers = one.id().matches("\\d+") && other.id().matches("\\d+");
        return numbers ? Integer.compare(Integer.parseInt(one.id()), Integer.parseInt(other.id())) : 0;
    }

    static FindingView finding(Finding finding, Ruler ruler) {
        return new FindingView(
                finding.severity(),
                finding.about(),
                finding.text(),
                finding.mends().stream()
                        .map(mend -> new MendView(
                                mend.parameter(),
                                mend.length() != null
                                        ? Figure.of(mend.length(), ruler).text()
                                        : requireNonNull(mend.chosen()),
                                mend.label()))
                        .toList());
    }
}
