package vantbreeze.app.api;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.die.Die;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * A card's layers as they are chosen and cut.
 *
 * @param faces every side of every panel, and where it shows
 * @param dressed what is chosen
 * @param cuts what to cut, in the order of their numbers
 * @param pieces how many pieces they are in all
 * @param aside what lay on panels that are not there any more
 * @param usual the stack that a suggestion lays
 * @param borders borders that makers use
 * @param presets usual ways to dress the whole card
 * @param preset the way in which it is dressed, if it is one of them
 * @param mats what all mats are of, if it is one paper
 * @param patterns what all patterns are of, if it is one paper
 */
public record LayersView(
        int revision,
        List<FaceView> faces,
        List<DressedView> dressed,
        List<CutView> cuts,
        int pieces,
        List<AsideView> aside,
        List<ChosenLayer> usual,
        List<BorderView> borders,
        List<PresetView> presets,
        @Nullable String preset,
        @Nullable String mats,
        @Nullable String patterns) {

    /** A usual way to dress a whole card; {@code stack} from below. */
    public record PresetView(String id, String label, String meaning, List<ChosenLayer> stack) {}

    /**
     * A side of a panel.
     *
     * @param name in words
     * @param poses in which it is seen
     * @param behind whether only from behind
     * @param free whether it can be dressed
     * @param why in words when it can't, or is never seen
     * @param dressed which entry of what is chosen lies on it; −1 for none
     * @param joints what is glued on it
     */
    public record FaceView(
            int panel,
            boolean face,
            String name,
            List<String> poses,
            boolean behind,
            boolean free,
            @Nullable String why,
            int dressed,
            List<JointView> joints) {}

    /**
     * Something that is glued on a face.
     *
     * @param join by number
     * @param name what is glued
     * @param bed what it is glued on
     * @param under whether a mat could lie whole over it
     * @param own whether the maker said so
     */
    public record JointView(int join, String name, Bed bed, boolean under, boolean own) {}

    /** What lies on one face, or on several that one paper runs across; faces by their place in the list. */
    public record DressedView(List<Integer> faces, List<ChosenLayer> layers, List<EmbellishmentView> embellishments) {}

    /**
     * A layer as chosen.
     *
     * @param width its own width, with {@code height}, instead of a border
     * @param pad how thick the foam beneath it is; nothing for none
     * @param die what a die cuts it out as
     */
    public record ChosenLayer(
            String paper,
            FigureView border,
            @Nullable FigureView width,
            @Nullable FigureView height,
            @Nullable FigureView pad,
            boolean otherSide,
            @Nullable String die) {

        static ChosenLayer of(LayerChoice choice, Ruler card) {
            // what a die cuts measures what it does, whatever the card's ruler
            Ruler ruler = choice.die() == null || choice.own() == null ? card : Die.shownOn(choice.own(), card);
            return new ChosenLayer(
                    choice.paper(),
                    bordered(choice.border(), card),
                    choice.own() == null ? null : FigureView.of(choice.own().width(), ruler),
                    choice.own() == null ? null : FigureView.of(choice.own().height(), ruler),
                    choice.pad().isPositive() ? FigureView.of(choice.pad(), card) : null,
                    choice.otherSide(),
                    choice.die() == null ? null : choice.die().label());
        }
    }

    /**
     * A border on the plan's ruler or, where it is on no mark of it, on one that has it: borders come from both
     * schools.
     */
    private static FigureView bordered(Length border, Ruler ruler) {
        return Stream.of(ruler, Ruler.MM_HALF, Ruler.THIRTY_SECONDS)
                .filter(one -> one.marks(border))
                .findFirst()
                .map(one -> FigureView.of(border, one))
                .orElseGet(() -> FigureView.of(border, ruler));
    }

    /**
     * Something set on a panel.
     *
     * @param grams what it weighs as it was typed; left out when nobody weighed it
     * @param weight the same in words, guessed from its size where need be
     */
    public record EmbellishmentView(
            String name, SizeView size, FigureView height, @Nullable String grams, String weight) {

        static EmbellishmentView of(Embellishment one, Ruler ruler) {
            return new EmbellishmentView(
                    one.name(),
                    SizeView.of(one.size(), ruler),
                    FigureView.of(one.height(), ruler),
                    one.grams() == null ? null : BigDecimal.valueOf(one.grams()).toPlainString(),
                    one.grams() == null
                            ? String.format(Locale.ROOT, "%s %.1f g", Figure.NEARLY, one.weight())
                            : "%s g"
                                    .formatted(BigDecimal.valueOf(one.grams())
                                            .stripTrailingZeros()
                                            .toPlainString()));
        }
    }

    /**
     * Pieces that are cut alike.
     *
     * @param corners of one as it is cut, upright, its lower left corner at nil
     * @param other its size in the other school's unit
     * @param shape what it is called; null for a rectangle
     */
    public record CutView(
            int number,
            int count,
            SizeView size,
            SizeView other,
            @Nullable String shape,
            String paper,
            String where,
            String notes,
            List<PointView> corners,
            List<List<PointView>> holes) {}

    /** What lay on a panel that is gone. */
    public record AsideView(String name, List<ChosenLayer> layers) {}

    /** A border that makers use; {@code text} is how it is typed. */
    public record BorderView(String text, FigureView figure) {}

    static LayersView of(int revision, WorkedPlan worked, Workshop workshop) {
        FoldGraph graph = worked.form().graph();
        Ruler ruler = worked.plan().ruler();
        List<Dressed> present = worked.plan().dressing().all().stream()
                .filter(dressed -> dressed.faces().stream()
                        .allMatch(face -> face.find(graph).isPresent()))
                .toList();
        Suggestion suggestion = new Suggestion(workshop, worked);
        List<Face> faces = new ArrayList<>();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            faces.add(new Face(panel, Side.FACE));
            faces.add(new Face(panel, Side.BACK));
        }
        return new LayersView(
                revision,
                faces.stream().map(face -> face(face, worked, present)).toList(),
                present.stream()
                        .map(one -> new DressedView(
                                one.faces().stream()
                                        .map(name ->
                                                faces.indexOf(name.find(graph).orElseThrow()))
                                        .toList(),
                                layers(one.layers(), ruler),
                                one.embellishments().stream()
                                        .map(each -> EmbellishmentView.of(each, ruler))
                                        .toList()))
                        .toList(),
                worked.cuts().cuts().stream().map(cut -> cut(cut, worked)).toList(),
                worked.cuts().pieces(),
                worked.layers().aside().stream()
                        .map(one -> new AsideView(
                                String.join(
                                        ", ",
                                        one.faces().stream()
                                                .map(FaceName::panel)
                                                .distinct()
                                                .toList()),
                                layers(one.layers(), ruler)))
                        .toList(),
                layers(suggestion.usualStack(), ruler),
                usualBorders(),
                Arrays.stream(Preset.values())
                        .map(preset -> new PresetView(
                                preset.id(),
                                preset.label(),
                                preset.meaning(),
                                layers(preset.stack("", "", workshop.tools().allowances(), ruler), ruler)))
                        .toList(),
                suggestion.preset().map(Preset::id).orElse(null),
                suggestion.mats().orElse(null),
                suggestion.patterns().orElse(null));
    }

    private static List<ChosenLayer> layers(List<LayerChoice> layers, Ruler ruler) {
        return layers.stream().map(layer -> ChosenLayer.of(layer, ruler)).toList();
    }

    private static FaceView face(Face face, WorkedPlan worked, List<Dressed> present) {
        FoldGraph graph = worked.form().graph();
        Sights sights = worked.sights();
        FaceName name = FaceName.of(face, graph);
        boolean free = worked.grounds().of(face).isFree();
        boolean seen = sights.of(face).isPresent();
        String why = !free
                ? worked.grounds().of(face).glued() ? "glued over" : "nothing can lie here"
                : seen ? null : "never seen";
        int dressed = -1;
        for (int i = 0; i < present.size(); i++) {
            dressed = present.get(i).faces().contains(name) ? i : dressed;
        }
        return new FaceView(
                face.panel(),
                face.side() == Side.FACE,
                worked.faceWords().inWords(face),
                sights.posesOf(face),
                sights.of(face).map(Sights.Seen::behind).orElse(false),
                free,
                why,
                dressed,
                joints(face, worked));
    }

    private static List<JointView> joints(Face face, WorkedPlan worked) {
        FoldGraph graph = worked.form().graph();
        List<JoinId> ids = JoinId.all(graph.assembly());
        return worked.grounds().gluedOn(face).entrySet().stream()
                .map(one -> new JointView(
                        one.getKey(),
                        graph.name(graph.joins().get(one.getKey()).to()),
                        one.getValue(),
                        worked.grounds().couldLieUnder(one.getKey()),
                        worked.plan().dressing().beds().containsKey(ids.get(one.getKey()))))
                .toList();
    }

    private static CutView cut(Cut cut, WorkedPlan worked) {
        Ruler ruler = worked.plan().ruler();
        Ruler other = ruler.elsewhere();
        CutWords words = new CutWords(
                worked.faceWords(), worked.ruler(), worked.workshop().tools().dies());
        ShapeView shape = ShapeView.of(cut.shape().polygon());
        return new CutView(
                cut.number(),
                cut.count(),
                SizeView.of(cut.size(), ruler),
                SizeView.of(cut.size(), other),
                cut.shape().isRectangle() ? null : cut.shape().kind().label(),
                cut.paperId(),
                words.where(cut),
                words.notes(cut),
                shape.corners(),
                shape.holes());
    }

    /** Common practice, no source: ⅛ and 1/16 in, 2.5 and 5 mm, and none. */
    private static List<BorderView> usualBorders() {
        return Stream.of(
                        Length.ofInches(0, 1, 8),
                        Length.ofInches(0, 1, 16),
                        Length.ofMicrometres(2500),
                        Length.ofMillimetres(5))
                .map(border -> bordered(border, Ruler.SIXTEENTHS))
                .map(figure -> new BorderView(figure.text(), figure))
                .toList();
    }
}
