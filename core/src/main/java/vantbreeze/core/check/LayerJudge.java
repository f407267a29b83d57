package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.layer.Trouble;
import vantbreeze.core.length.Length;
import vantbreeze.core.tool.Allowance;

/** Whether layers lie where they can, raised parts clear each other, and a place to write is left. */
record LayerJudge(CheckedCard card, Words words) {

    private static final Kind EATEN = Kind.mustFix("border-eats-panel");
    private static final Kind OVER_FOLD = Kind.mustFix("layer-over-fold");
    private static final Kind OVER_EDGE = Kind.check("layer-over-edge");
    private static final Kind ON_GLUE = Kind.mustFix("layer-on-glue");
    private static final Kind IN_THE_WAY = Kind.mustFix("layer-in-the-way");
    private static final Kind NO_GROUND = Kind.mustFix("no-ground");
    private static final Kind ASIDE = Kind.check("layers-aside");
    private static final Kind APART = Kind.mustFix("run-apart");
    private static final Kind NO_PAPER = Kind.check("no-such-paper");
    private static final Kind FACING = Kind.check("raised-face-to-face");
    private static final Kind SPRINGS = Kind.check("springs-open");
    private static final Kind NO_BORDER = Kind.tip("no-border");
    private static final Kind ON_MATS = Kind.tip("glued-on-mats");
    private static final Kind NO_WRITING = Kind.check("nowhere-to-write");

    /** What findings about layers are about. */
    static final String ABOUT = "layers";

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        Set<String> told = new LinkedHashSet<>();
        for (Trouble trouble : card.layers().troubles()) {
            Finding finding = finding(trouble);
            if (told.add(finding.text())) {
                findings.add(finding);
            }
        }
        if (!facing(findings)) {
            springing(findings);
        }
        borderless(findings);
        onMats(findings);
        writing(findings);
        return findings;
    }

    private Finding finding(Trouble trouble) {
        if (trouble instanceof Trouble.Eaten eaten) {
            return EATEN.of(
                    ABOUT,
                    "A border of %s leaves nothing of %s%s. Make the border narrower, or leave that layer out."
                            .formatted(
                                    words.write(eaten.border()),
                                    name(eaten.face()),
                                    eaten.level() == 0 ? "" : " above the layer beneath"));
        } else if (trouble instanceof Trouble.OverFold over) {
            return OVER_FOLD.of(
                    ABOUT,
                    String.format(
                            Locale.ROOT,
                            "Layer %d on %s reaches over a fold: glued down it keeps the card from folding. Cut "
                                    + "it smaller, or part it at the fold.",
                            over.level() + 1,
                            name(over.face())));
        } else if (trouble instanceof Trouble.OverEdge over) {
            return OVER_EDGE.of(
                    ABOUT,
                    String.format(
                            Locale.ROOT,
                            "Layer %d on %s reaches over the edge by %s: it may poke out of the closed card.",
                            over.level() + 1,
                            name(over.face()),
                            words.estimate(over.by())));
        } else if (trouble instanceof Trouble.OnGlue glue) {
            return ON_GLUE.of(
                    ABOUT,
                    String.format(
                            Locale.ROOT,
                            "Layer %d on %s lies where another part is glued: that would hold by the layer "
                                    + "alone. Cut it smaller.",
                            glue.level() + 1,
                            name(glue.face())));
        } else if (trouble instanceof Trouble.InTheWay way) {
            return IN_THE_WAY.of(
                    ABOUT,
                    String.format(
                            Locale.ROOT,
                            "Layer %d on %s lies where another part slides: it would catch. Cut it smaller.",
                            way.level() + 1,
                            name(way.face())));
        } else if (trouble instanceof Trouble.NoGround none) {
            return NO_GROUND.of(
                    ABOUT,
                    none.glued()
                            ? "Take the layers off %s: it is glued over.".formatted(name(none.face()))
                            : "Take the layers off %s: it bends, or something slides over it."
                                    .formatted(name(none.face())));
        } else if (trouble instanceof Trouble.Aside aside) {
            return ASIDE.of(
                    ABOUT,
                    ("%s is not there any more. Its layers are kept aside: put them on another panel, or "
                                    + "throw them away.")
                            .formatted(aside.dressed().faces().stream()
                                    .map(FaceName::panel)
                                    .distinct()
                                    .collect(Collectors.joining(" and "))));
        } else if (trouble instanceof Trouble.Apart apart) {
            return APART.of(
                    ABOUT,
                    "One paper can't run across %s: they lie side by side in no pose. Give each its own paper."
                            .formatted(apart.faces().stream().map(this::name).collect(Collectors.joining(" and "))));
        } else if (trouble instanceof Trouble.NoPaper none) {
            return NO_PAPER.of(
                    ABOUT,
                    "The paper \"%s\" on %s is not among your papers: white card stands in for it. Choose another."
                            .formatted(none.paper(), name(none.face())));
        }
        throw new IllegalStateException("a trouble without words: " + trouble);
    }

    /** Raised parts on two panels that lie face to face in the closed card; says whether there are any. */
    private boolean facing(List<Finding> findings) {
        Layers layers = card.layers();
        List<Added> raised = layers.added().stream()
                .filter(one -> one.height().millimetres() >= allowed(Allowance.RAISED))
                .toList();
        if (raised.size() < 2 || card.closedCard().bulk() == null) {
            return false;
        }
        Set<String> told = new LinkedHashSet<>();
        for (BulkCell cell : card.closedCard().bulk().cells()) {
            for (int i = 0; i + 1 < cell.panels().size(); i++) {
                Face lower = up(cell.panels().get(i));
                Face upper = up(cell.panels().get(i + 1)).turned();
                if (isRaised(raised, lower, cell) && isRaised(raised, upper, cell)) {
                    told.add(("Raised parts on %s and %s meet face to face when it is closed: it will "
                                    + "spring open. Move one aside, or leave the foam out on one.")
                            .formatted(name(lower), name(upper)));
                }
            }
        }
        told.forEach(text -> findings.add(FACING.of(ABOUT, text)));
        return !told.isEmpty();
    }

    /** Layers that are thin each, but lie on one another between the two sides of one fold. */
    private void springing(List<Finding> findings) {
        BulkMap bulk = card.closedCard().bulk();
        if (bulk == null || card.layers().added().isEmpty()) {
            return;
        }
        double most = 0;
        Link.Folded worst = null;
        for (BulkCell cell : bulk.places()) {
            List<Double> gaps = gaps(cell);
            for (Link.Folded fold : card.form().graph().hinges()) {
                double between = between(fold, cell, gaps);
                worst = between > most ? fold : worst;
                most = Math.max(most, between);
            }
        }
        if (worst != null && most >= allowed(Allowance.SPRINGS_OPEN)) {
            findings.add(SPRINGS.of(
                    ABOUT,
                    ("Between %s and %s layers add up to %s: the closed card springs open. Leave one out, take "
                                    + "thinner paper, or close it with a belly band.")
                            .formatted(words.name(worst.from()), words.name(worst.to()), words.estimate(most))));
        }
    }

    /** How thick the layers are that lie between each panel of a cell and the next above it, mm. */
    private List<Double> gaps(BulkCell cell) {
        return IntStream.range(1, cell.panels().size())
                .mapToObj(i -> on(up(cell.panels().get(i - 1)), cell)
                        + on(up(cell.panels().get(i)).turned(), cell))
                .toList();
    }

    /** How thick the layers are that lie between the two sides of a fold, mm. */
    private static double between(Link.Folded fold, BulkCell cell, List<Double> gaps) {
        int one = cell.panels().indexOf(fold.from());
        int other = cell.panels().indexOf(fold.to());
        return one < 0 || other < 0
                ? 0
                : gaps.subList(Math.min(one, other), Math.max(one, other)).stream()
                        .mapToDouble(Double::doubleValue)
                        .sum();
    }

    private double on(Face face, BulkCell cell) {
        return card.layers().added().stream()
                .filter(one -> isOn(one, face, cell))
                .mapToDouble(one -> one.height().millimetres())
                .sum();
    }

    /** A mat as large as its panel must be cut more exactly than anybody cuts. */
    private void borderless(List<Finding> findings) {
        List<String> faces = card.layers().all().stream()
                .filter(layer ->
                        layer.choice().own() == null && layer.choice().border().equals(Length.ZERO))
                .map(layer -> name(layer.face()))
                .distinct()
                .toList();
        if (!faces.isEmpty()) {
            findings.add(NO_BORDER.of(
                    ABOUT,
                    "%s %s with no border: cut %s a hair smaller, or it stands over the edge."
                            .formatted(
                                    faces.size() == 1 ? "A mat lies on" : "Mats lie on",
                                    Words.list(faces),
                                    faces.size() == 1 ? "it" : "them")));
        }
    }

    private Face up(int panel) {
        return Face.upward(panel, card.form().closed().placed().get(panel).motion());
    }

    private boolean isRaised(List<Added> raised, Face face, BulkCell cell) {
        return raised.stream().anyMatch(one -> isOn(one, face, cell));
    }

    private boolean isOn(Added one, Face face, BulkCell cell) {
        return one.panel() == face.panel()
                && one.side() == face.side()
                && card.form()
                        .closed()
                        .covers(
                                one.panel(),
                                one.shape(),
                                cell.shape().getInteriorPoint().getCoordinate());
    }

    /** What is glued on a layer holds as well as the layer does; and the layer must be there first. */
    private void onMats(List<Finding> findings) {
        FoldGraph graph = card.form().graph();
        List<String> glued = card.grounds().onLayers().stream()
                .filter(area -> card.layers().on(new Face(area.panel(), area.side())).stream()
                        .anyMatch(layer -> layer.shape().intersects(area.shape())))
                .map(area -> graph.assembly()
                        .pieces()
                        .get(graph.pieceOf().get(area.other()))
                        .name())
                .distinct()
                .toList();
        if (!glued.isEmpty()) {
            boolean one = glued.size() == 1;
            findings.add(ON_MATS.of(
                    ABOUT,
                    "%s %s glued on mats, and hold%s only as well as those do: glue the mats down all over first."
                            .formatted(Words.list(glued), one ? "is" : "are", one ? "s" : "")));
        }
    }

    /** Inside or behind there should be something pale and plain to write on. */
    private void writing(List<Finding> findings) {
        FoldGraph graph = card.form().graph();
        boolean roomy = false;
        boolean layable = false;
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            // of a panel that is too small for it as it is cut nothing more need be known
            if (!takesWriting(card.grounds().shape(panel))) {
                continue;
            }
            roomy = true;
            for (Side side : Side.values()) {
                Face face = new Face(panel, side);
                if (takesWriting(face)) {
                    return;
                }
                layable |= card.grounds().of(face).parts().stream().anyMatch(this::takesWriting);
            }
        }
        findings.add(NO_WRITING
                .of(
                        PlaceToWrite.FIELD,
                        roomy
                                ? "There is nowhere to write: no plain, pale panel is %s or larger.".formatted(room())
                                : ("There is nowhere to write: no panel is %s or larger. Add a plain piece "
                                                + "behind or inside.")
                                        .formatted(room()))
                .mendedByAny(
                        layable
                                ? Arrays.stream(PlaceToWrite.values())
                                        .map(PlaceToWrite::mend)
                                        .toList()
                                : List.of()));
    }

    private String room() {
        var allowances = card.tools().allowances();
        return words.size(
                card.ruler().above(allowances.of(Allowance.WRITING_WIDE)).length(),
                card.ruler().above(allowances.of(Allowance.WRITING_HIGH)).length());
    }

    /** As it lies uppermost: of the paper's other side where the panel's back shows. */
    private boolean takesWriting(Face face) {
        List<Layer> layers = card.layers().on(face);
        if (!layers.isEmpty()) {
            return takesWriting(layers.get(layers.size() - 1));
        }
        int piece = card.form().graph().pieceOf().get(face.panel());
        return card.stocks().get(piece).takesWriting(face.side() == Side.BACK)
                && card.grounds().of(face).parts().stream().anyMatch(this::takesWriting);
    }

    private boolean takesWriting(Layer top) {
        return top.paper().takesWriting(top.choice().otherSide()) && takesWriting(top.shape());
    }

    private boolean takesWriting(Geometry shape) {
        Envelope box = shape.getEnvelopeInternal();
        return Math.max(box.getWidth(), box.getHeight()) >= allowed(Allowance.WRITING_WIDE)
                && Math.min(box.getWidth(), box.getHeight()) >= allowed(Allowance.WRITING_HIGH);
    }

    private String name(Face face) {
        return card.faceWords().inSentence(face);
    }

    private double allowed(Allowance.OfLength allowance) {
        return card.tools().allowances().of(allowance).millimetres();
    }
}
