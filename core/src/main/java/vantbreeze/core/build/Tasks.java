package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** All there is to do for a card, and what of it always comes before what. */
final class Tasks {

    /** Less of a layer than this lies on something by rounding, mm². */
    private static final double A_SPECK = 1;

    private final WorkedPlan card;
    private final FoldGraph graph;
    private final Handwork work;
    private final JoinSteps joins;
    private final LayerSteps layers;
    private final List<Task> all = new ArrayList<>();
    private final List<Precedence> rules = new ArrayList<>();
    /** The steps of each piece from scoring to folding. */
    private final Map<Integer, List<StepId>> base = new HashMap<>();

    private final Map<Integer, StepId> cutOf = new HashMap<>();
    private final Map<Face, StepId> laid = new LinkedHashMap<>();

    private Tasks(WorkedPlan card, Handwork work, JoinSteps joins, LayerSteps layers) {
        this.card = card;
        this.graph = card.form().graph();
        this.work = work;
        this.joins = joins;
        this.layers = layers;
    }

    /** Those of a card. */
    static StepOrder of(WorkedPlan card, Handwork work, JoinSteps joins, LayerSteps layers) {
        Tasks tasks = new Tasks(card, work, joins, layers);
        tasks.papers();
        tasks.pieces();
        tasks.layers();
        tasks.joins();
        tasks.pencil();
        tasks.last();
        return new StepOrder(tasks.all, tasks.rules, work);
    }

    private void papers() {
        List<PieceStock> stocks = card.of(Stages.PIECE_STOCKS);
        for (BuildStep step : new PaperSteps(card).steps()) {
            String stockId = step.id().of();
            Set<Integer> pieces = new LinkedHashSet<>();
            for (int i = 0; i < stocks.size(); i++) {
                if (stocks.get(i).stockId().equals(stockId)) {
                    pieces.add(i);
                    cutOf.put(i, step.id());
                }
            }
            all.add(new Task(step, null, pieces));
        }
    }

    private void pieces() {
        List<PieceId> ids = PieceId.all(graph.assembly().pieces());
        for (List<WorkedPiece> alike : card.alike()) {
            List<Integer> numbers =
                    alike.stream().map(piece -> card.pieces().indexOf(piece)).toList();
            StepId before = null;
            List<StepId> own = new ArrayList<>();
            for (BuildStep step : new BaseSteps(card, ids, numbers).steps()) {
                all.add(new Task(step, null, new LinkedHashSet<>(numbers)));
                own.add(step.id());
                rule(cut(numbers.get(0)), step.id(), "it is cut first");
                if (step.id().kind() == StepKind.SCORE_AGAIN) {
                    before = before == null ? scored(own) : before;
                    rule(before, step.id(), "what was scored shows where to go over it");
                }
                if (step.id().kind() == StepKind.FOLD) {
                    own.stream()
                            .filter(other -> other.kind() != StepKind.FOLD)
                            .forEach(other -> rule(other, step.id(), "a folded piece does not lie flat any more"));
                }
            }
            numbers.forEach(number -> base.put(number, own));
        }
    }

    private static StepId scored(List<StepId> own) {
        return own.stream()
                .filter(step -> step.kind() == StepKind.SCORE)
                .reduce((one, other) -> other)
                .orElseThrow();
    }

    private void layers() {
        if (card.layers().all().isEmpty()) {
            return;
        }
        BuildStep written = new LastSteps(card).written();
        all.add(new Task(written, null, Set.of()));
        for (Layer layer : card.layers().all()) {
            rule(PaperSteps.id(layer.choice().paper()), written.id(), "the layers are cut first");
        }
        for (Operation operation : work.operations()) {
            if (operation instanceof Operation.Dress dress) {
                Face face = dress.face();
                BuildStep step = layers.of(face);
                int piece = graph.pieceOf().get(face.panel());
                all.add(new Task(step, operation, Set.of(piece)));
                laid.put(face, step.id());
                rule(cut(piece), step.id(), "the piece is cut first");
                card.layers()
                        .on(face)
                        .forEach(layer ->
                                rule(PaperSteps.id(layer.choice().paper()), step.id(), "the layers are cut first"));
                rule(written.id(), step.id(), "stamps and words come on while it lies flat");
                base.getOrDefault(piece, List.of()).stream()
                        .filter(other -> other.kind() != StepKind.FOLD)
                        .forEach(other -> rule(other, step.id(), "with layers on it the piece does not lie flat"));
            }
        }
    }

    private void joins() {
        List<JoinId> ids = work.joins();
        for (int i = 0; i < ids.size(); i++) {
            JoinId join = ids.get(i);
            if (!work.possible().contains(join)) {
                continue;
            }
            Link.Glued link = graph.joins().get(i);
            Operation operation = link.join().slides() ? new Operation.PassThrough(join) : new Operation.Glue(join);
            BuildStep step = link.join().slides() ? joins.threaded(join) : joins.glued(join, List.of());
            Set<Integer> pieces = Set.copyOf(
                    List.of(graph.pieceOf().get(link.from()), graph.pieceOf().get(link.to())));
            if (joins.closesItself(join) && !link.join().slides()) {
                BuildStep tried = joins.tried(join);
                all.add(new Task(tried, null, pieces));
                rule(tried.id(), step.id(), "once it is glued nothing can be trimmed");
                pieces.forEach(piece -> ready(piece, tried.id()));
            }
            all.add(new Task(step, operation, pieces));
            pieces.forEach(piece -> ready(piece, step.id()));
            beds(join, i, step.id());
        }
        tubesFirst(ids);
    }

    private void ready(int piece, StepId step) {
        rule(cut(piece), step, "it is cut first");
        base.getOrDefault(piece, List.of())
                .forEach(other -> rule(other, step, "what is glued can't be scored, slit or burnished any more"));
    }

    /** What is glued on a mat comes after the mat, and what a mat hides before it. */
    private void beds(JoinId join, int index, StepId glued) {
        for (GlueArea area : GlueArea.of(graph.joins().get(index), graph)) {
            Face face = new Face(area.panel(), area.side());
            StepId mat = laid.get(face);
            Bed bed = card.grounds().gluedOn(face).get(index);
            if (mat == null || bed == null || !covers(face, area.shape())) {
                continue;
            }
            String name = join.glued().inWords();
            switch (bed) {
                case MAT -> rule(mat, glued, "%s is glued on that mat".formatted(name));
                case UNDER -> rule(glued, mat, "that mat hides where %s is glued".formatted(name));
                case CARD -> {}
            }
        }
    }

    private boolean covers(Face face, Polygon shape) {
        return card.layers().on(face).stream()
                .anyMatch(layer -> layer.shape().intersection(shape).getArea() > A_SPECK);
    }

    /** A tube is closed before it is glued to something else: it can't be squared any more then. */
    private void tubesFirst(List<JoinId> ids) {
        List<Link.Glued> links = graph.joins();
        for (int tube = 0; tube < ids.size(); tube++) {
            boolean isTube = work.possible().contains(ids.get(tube))
                    && !links.get(tube).join().slides()
                    && joins.closesItself(ids.get(tube));
            if (!isTube) {
                continue;
            }
            int piece = graph.pieceOf().get(links.get(tube).from());
            for (int other = 0; other < ids.size(); other++) {
                Link.Glued link = links.get(other);
                boolean touches = work.possible().contains(ids.get(other))
                        && (graph.pieceOf().get(link.from()) == piece
                                || graph.pieceOf().get(link.to()) == piece);
                if (touches
                        && !joins.closesItself(ids.get(other))
                        && !link.join().slides()) {
                    rule(
                            joins.id(ids.get(tube)),
                            joins.id(ids.get(other)),
                            "a tube is closed and squared before it is glued to anything");
                }
            }
        }
    }

    private void pencil() {
        PencilSteps steps = new PencilSteps(card);
        steps.byFace().forEach((face, here) -> {
            List<PencilMark> marks = here.stream()
                    .filter(mark -> work.possible().contains(work.joins().get(mark.join())))
                    .toList();
            if (!marks.isEmpty()) {
                pencil(steps, face, marks);
            }
        });
    }

    private void pencil(PencilSteps steps, Face face, List<PencilMark> marks) {

        int piece = graph.pieceOf().get(face.panel());
        BuildStep marked = steps.marked(face, marks);
        all.add(new Task(marked, null, Set.of(piece)));
        rule(cut(piece), marked.id(), "it is cut first");
        List<StepId> guided = marks.stream()
                .map(mark -> joins.id(work.joins().get(mark.join())))
                .distinct()
                .toList();
        guided.forEach(join -> rule(marked.id(), join, "the marks show where it goes"));
        Operation.RubOut rubbing = steps.rubbing(face, marks);
        Optional<StepId> mat = Optional.ofNullable(laid.get(face))
                .filter(step -> marks.stream().anyMatch(mark -> covers(face, (Polygon) PencilSteps.around(mark))));
        boolean isOnMat = mat.isPresent() && (isBed(mat.get(), guided) || !canWait(face));
        if (isOnMat) {
            rule(mat.get(), marked.id(), "the marks come on the mat");
        }
        if (rubbing.spots().isEmpty() || !work.couldBeLast(rubbing, withOnly(guided))) {
            return;
        }
        BuildStep rubbed = steps.rubbedOut(face);
        all.add(new Task(rubbed, rubbing, Set.of(piece)));
        guided.forEach(join -> rule(join, rubbed.id(), "the marks are wanted until then"));
        if (mat.isPresent() && !isOnMat) {
            rule(rubbed.id(), mat.get(), "the mat would cover the pencil marks");
        }
    }

    private boolean isBed(StepId mat, List<StepId> guided) {
        return rules.stream().anyMatch(rule -> rule.before().equals(mat) && guided.contains(rule.after()));
    }

    private boolean canWait(Face face) {
        return work.couldBeLast(new Operation.Dress(face), work.possible());
    }

    private Set<JoinId> withOnly(List<StepId> guided) {
        Set<JoinId> only = new LinkedHashSet<>();
        work.joins().stream().filter(join -> guided.contains(joins.id(join))).forEach(only::add);
        return only;
    }

    /** A card that does not close is not tried, and not sent. */
    private void last() {
        if (work.possible().size() < work.joins().size()) {
            return;
        }
        LastSteps steps = new LastSteps(card);
        BuildStep tried = steps.tried();
        BuildStep sent = steps.sent();
        Set<Integer> pieces = new LinkedHashSet<>(
                IntStream.range(0, card.pieces().size()).boxed().toList());
        all.forEach(task -> rule(task.id(), tried.id(), "it is tried when all of it is there"));
        all.add(new Task(tried, null, pieces));
        rule(tried.id(), sent.id(), "what is tried is sent");
        all.add(new Task(sent, null, pieces));
    }

    private StepId cut(int piece) {
        return requireNonNull(cutOf.get(piece));
    }

    private void rule(StepId before, StepId after, String because) {
        rules.add(new Precedence(before, after, because));
    }
}
