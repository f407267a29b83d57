package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.CheckedCard;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Readiness;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.CutList;
import vantbreeze.core.cutting.CutOrder;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceWords;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Tools;

/**
 * A plan and all that follows from it, in {@link Stages} that are worked out when they are looked at. Never stored:
 * worked out anew whenever the plan changes.
 */
public final class WorkedPlan implements CheckedCard {

    private final Workshop workshop;
    private final Plan plan;
    private final Structure structure;
    private final @Nullable Plan held;
    private final Map<Stage<?>, Lazy<?>> stages = new ConcurrentHashMap<>();

    /**
     * @param plan complete, and within its structure's limits
     * @param held the plan whose line is dragged, if this is only a glimpse of what would come of it
     */
    WorkedPlan(Workshop workshop, Plan plan, Structure structure, @Nullable Plan held) {
        this.workshop = workshop;
        this.plan = plan;
        this.structure = structure;
        this.held = held;
    }

    /** One thing that follows. */
    @SuppressWarnings("unchecked") // each stage's own type
    public <T> T of(Stage<T> stage) {
        Lazy<T> once = (Lazy<T>) stages.computeIfAbsent(
                stage, key -> new Lazy<>(() -> stage.work().apply(this)));
        return once.get();
    }

    /** The same with all that follows worked out, so that nothing can go wrong with it later. */
    public WorkedPlan whole() {
        Stages.ALL.forEach(this::of);
        return this;
    }

    /** The same card with other layers; what does not change with them is known already. */
    public WorkedPlan withDressing(Dressing dressing) {
        WorkedPlan other = new WorkedPlan(workshop, plan.withDressing(dressing), structure, held);
        boolean gluedAlike = dressing.beds().equals(plan.dressing().beds());
        Stages.BARE.stream()
                .filter(stage -> !stage.equals(Stages.GROUNDS) || gluedAlike)
                .forEach(stage -> other.stages.put(stage, new Lazy<>(() -> of(stage))));
        return other;
    }

    /** The same with one stage as it is given. */
    <T> WorkedPlan given(Stage<T> stage, T result) {
        WorkedPlan other = new WorkedPlan(workshop, plan, structure, held);
        other.stages.put(stage, new Lazy<>(() -> result));
        return other;
    }

    /** What the maker decided. */
    public Plan plan() {
        return plan;
    }

    /** Where it is worked out. */
    public Workshop workshop() {
        return workshop;
    }

    /** The plan whose line is dragged, if this is only a glimpse of what would come of it. */
    @Nullable
    Plan held() {
        return held;
    }

    @Override
    public boolean isThorough() {
        return held == null;
    }

    @Override
    public Structure structure() {
        return structure;
    }

    @Override
    public Measures measures() {
        return plan.measures();
    }

    @Override
    public Ruler ruler() {
        return plan.ruler();
    }

    @Override
    public Optional<Measures> changing(String parameter, Length length) {
        try {
            return Optional.of(plan.changing(structure, parameter, length).measures());
        } catch (ValidationException refused) {
            return Optional.empty();
        }
    }

    @Override
    public Optional<Measures> choosing(String choice, String alternative) {
        try {
            return Optional.of(plan.choosing(structure, choice, alternative).measures());
        } catch (ValidationException refused) {
            return Optional.empty();
        }
    }

    @Override
    public boolean isFree() {
        return plan.isFree();
    }

    @Override
    public boolean isSetOn(int panel) {
        FoldGraph graph = form().graph();
        String piece = graph.assembly().pieces().get(graph.pieceOf().get(panel)).name();
        return plan.extras().all().stream().anyMatch(extra -> extra.name().equals(piece));
    }

    @Override
    public List<WorkedPiece> pieces() {
        return of(Stages.PIECES);
    }

    @Override
    public List<Cardstock> stocks() {
        return of(Stages.STOCKS);
    }

    @Override
    public Cardstock cardstock() {
        return workshop.cardstock(plan.cardstockId());
    }

    @Override
    public Folding form() {
        return of(Stages.FORM);
    }

    @Override
    public Grounds grounds() {
        return of(Stages.GROUNDS);
    }

    /** What shows in each pose. */
    public Sights sights() {
        return of(Stages.SIGHTS);
    }

    @Override
    public Layers layers() {
        return of(Stages.LAYERS);
    }

    @Override
    public FaceWords faceWords() {
        return of(Stages.FACE_WORDS);
    }

    @Override
    public ClosedCard closedCard() {
        return of(Stages.CLOSED_CARD);
    }

    @Override
    public Size footprint() {
        return form().closed().footprint();
    }

    @Override
    public @Nullable EnvelopeFit fit() {
        return of(Stages.FIT).orElse(null);
    }

    @Override
    public boolean isSeen(Face face) {
        return of(Stages.SIGHTS).of(face).isPresent();
    }

    @Override
    public Optional<Envelope> betterEnvelope() {
        return EnvelopeFit.best(
                        closedCard(), workshop.envelopes(), tools().allowances(), Set.of(EnvelopeFit.Verdict.FITS))
                .map(EnvelopeFit::envelope)
                .filter(envelope -> !envelope.id().equals(plan.envelopeId()));
    }

    @Override
    public List<StockSheet> sheetsOf(String stockId) {
        List<StockSheet> own = workshop.sheets().of(stockId);
        return own.isEmpty()
                ? workshop.sheets().all().stream()
                        .filter(sheet -> sheet.stockId() == null)
                        .toList()
                : own;
    }

    @Override
    public @Nullable StockSheet sheet() {
        String id = plan.sheetId();
        return id == null ? null : workshop.sheet(id);
    }

    @Override
    public Tools tools() {
        return workshop.tools();
    }

    /** What to cut for its layers. */
    public CutList cuts() {
        return of(Stages.CUTS);
    }

    @Override
    public Blanks blanks() {
        return of(Stages.BLANKS);
    }

    /**
     * All of it to be cut.
     *
     * @param sheets those at hand, and the published ones
     */
    public CutOrder cutOrder(Sheets sheets) {
        return new CutOrder(blanks(), sheets, sheet(), ruler(), tools(), plan.cutting());
    }

    /** What the maker should know, the worst first. */
    public List<Finding> findings() {
        return of(Stages.FINDINGS);
    }

    /** Whether it is ready to be cut, in words; empty where something must be fixed or checked first. */
    public Optional<String> readiness() {
        return Readiness.of(this, findings());
    }

    /** How thick it is closed, as it can be measured. */
    public String thickness() {
        return Figure.estimate(closedCard().thickness(), ruler()).inWords();
    }

    private record Alike(Piece piece, Cardstock stock) {}

    /** The pieces, those cut alike of one cardstock together, in the order in which the first of each comes. */
    public List<List<WorkedPiece>> alike() {
        Map<Alike, List<WorkedPiece>> alike = new LinkedHashMap<>();
        for (int i = 0; i < pieces().size(); i++) {
            WorkedPiece piece = pieces().get(i);
            alike.computeIfAbsent(new Alike(piece.panels().piece(), stocks().get(i)), key -> new ArrayList<>())
                    .add(piece);
        }
        return List.copyOf(alike.values());
    }
}
