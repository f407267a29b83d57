package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Stance;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** Cards asked about, many of them nearly alike: what is remembered of one is easily taken for another's. */
public final class Questions {

    private static final Workshop WORKSHOP = Workshop.standard();

    private Questions() {}

    /** A plan worked out or, while another is held, glimpsed. */
    private record Question(Plan plan, @Nullable Plan held) {}

    /** What is answered to a question: all that is told of the card, written out. */
    public static String answer(long seed, int number) {
        Question question = all(seed).get(number);
        return told(
                question.held() == null
                        ? WORKSHOP.work(question.plan())
                        : WORKSHOP.glimpse(question.plan(), question.held()));
    }

    /** How many questions there are. */
    public static int count() {
        return all(0).size();
    }

    private static List<Question> all(long seed) {
        Random random = new Random(seed);
        List<Question> questions = new ArrayList<>();
        for (Structure structure : WORKSHOP.catalogue().all()) {
            Plan bare = BarePlan.of(structure);
            Length height = bare.measures().get(Parameter.HEIGHT).plus(Length.ofUnits(8L * random.nextInt(4_000)));
            Plan changed = dressed(bare.changing(structure, Parameter.HEIGHT, height), structure);
            questions.add(new Question(changed, null));
            questions.add(new Question(changed, dressed(bare, structure)));
        }
        // one sheet, its panels and their names the same, its poses and how it is displayed not
        for (double showing : new double[] {0, 0.4, 0.5}) {
            for (int degrees : new int[] {0, 60, -90}) {
                Plan plan = standing(showing, degrees);
                questions.add(new Question(plan, null));
                questions.add(new Question(plan, standing(1 - showing, -degrees)));
            }
        }
        return questions;
    }

    /** A sheet whose corner folds over on a slant: which way is up on the flap depends on how far it is folded. */
    private static Plan standing(double showing, int degrees) {
        List<Spot> outline = List.of(at(0, 0), at(110, 0), at(110, 110), at(0, 110));
        Piece sheet = new Piece(
                "Kite",
                outline,
                List.of(new Crease(new Stretch(at(20, 110), at(110, 60)), Fold.VALLEY)),
                List.of(),
                List.of(new PanelName(at(20, 20), "Sail"), new PanelName(at(100, 100), "Flap")));
        FreeCard card = new FreeCard(
                Assembly.of(sheet),
                List.of(
                        Stance.open(),
                        new Stance("Half-way", false, List.of(new Stance.Angle("Sail", "Flap", degrees)), List.of()),
                        Stance.closed()),
                showing,
                0,
                false);
        return Plan.of("Kite", card, Ruler.MM_1).withDressing(all(Panels.of(sheet), 0));
    }

    private static Spot at(double x, double y) {
        return Spot.nearest(x, y);
    }

    private static Plan dressed(Plan plan, Structure structure) {
        List<Dressed> all = new ArrayList<>();
        Assembly assembly = structure.assemble(plan.measures());
        for (int piece = 0; piece < assembly.pieces().size(); piece++) {
            all.addAll(all(Panels.of(assembly.pieces().get(piece)), piece).all());
        }
        return plan.withDressing(new Dressing(all.stream().distinct().toList()));
    }

    private static Dressing all(Panels panels, int piece) {
        return new Dressing(panels.all().stream()
                .map(Panel::name)
                .distinct()
                .map(name -> Dressed.of(
                        new FaceName(piece, name, Side.FACE),
                        List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3)))))
                .toList());
    }

    private static String told(WorkedPlan worked) {
        return String.join(
                "\n",
                worked.layers().all().stream()
                        .map(layer -> "%s %s %.6f".formatted(layer.face(), layer.shape(), layer.up()))
                        .collect(Collectors.joining("\n")),
                worked.cuts().cuts().stream()
                        .map(cut -> "%d of %s, %d".formatted(cut.count(), cut.size(), cut.mirror()))
                        .collect(Collectors.joining("\n")),
                worked.findings().toString(),
                worked.footprint().toString(),
                worked.form().fromBelow().toString(),
                worked.pieces().stream()
                        .map(piece -> piece.panels().piece().toString())
                        .collect(Collectors.joining("\n")),
                "%.6f mm %.6f g"
                        .formatted(
                                worked.closedCard().thickness(),
                                worked.closedCard().weight().grams()));
    }
}
