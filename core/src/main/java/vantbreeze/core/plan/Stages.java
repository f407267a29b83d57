package vantbreeze.core.plan;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Judges;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.CutList;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.bulk.Weight;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dresser;
import vantbreeze.core.layer.FaceWords;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Material;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/** What follows from a plan, stage by stage. Another is another {@link Stage}, here or in a room of its own. */
public final class Stages {

    /** Pieces and joins. */
    public static final Stage<Assembly> ASSEMBLY =
            new Stage<>("assembly", plan -> plan.structure().assemble(plan.measures()));

    /** Its pieces as they lie open: what is cut and scored. */
    public static final Stage<List<WorkedPiece>> PIECES = new Stage<>("pieces", Stages::pieces);

    /** What each piece is made of, and as which it is known. */
    public static final Stage<List<PieceStock>> PIECE_STOCKS = new Stage<>("stocks of pieces", Stages::pieceStocks);

    /** What each piece is made of. */
    public static final Stage<List<Cardstock>> STOCKS = new Stage<>(
            "stocks",
            plan -> plan.of(PIECE_STOCKS).stream().map(PieceStock::stock).toList());

    /** Its pieces, whole or joined from parts. */
    public static final Stage<List<PieceParts>> PARTS = new Stage<>("parts of pieces", Stages::parts);

    /** Its pieces as they are cut from sheets. */
    public static final Stage<Blanks> PIECE_BLANKS =
            new Stage<>("blanks of pieces", plan -> Blanks.ofParts(plan.of(PARTS), plan.of(PIECE_STOCKS)));

    /** How it folds; its order within the budget of {@link LayerOrders}. */
    public static final Stage<Folding> FORM = new Stage<>("form", Stages::form);

    /** Where its panels can be dressed. */
    public static final Stage<Grounds> GROUNDS = new Stage<>(
            "grounds",
            plan -> Grounds.of(
                    plan.form().graph(), plan.form().bent(), plan.tools().allowances(), beds(plan)));

    /** What shows in each pose, each panel looked at from so many places. */
    public static final Stage<Sights> SIGHTS = new Stage<>("sights", Stages::sights);

    /** Its layers where they lie. */
    public static final Stage<Layers> LAYERS = new Stage<>("layers", Stages::layers);

    /** It folded flat with all that lies on it. */
    public static final Stage<ClosedCard> CLOSED_CARD = new Stage<>("closed card", Stages::closedCard);

    /** What its faces are called. */
    public static final Stage<FaceWords> FACE_WORDS = new Stage<>(
            "face words",
            plan -> FaceWords.of(plan.form().closed(), plan.closedCard().bulk(), plan.grounds()));

    /** How it sits in its envelope, if one is chosen. */
    public static final Stage<Optional<EnvelopeFit>> FIT =
            new Stage<>("fit", plan -> Optional.ofNullable(plan.plan().envelopeId())
                    .map(id -> EnvelopeFit.of(
                            plan.closedCard(),
                            plan.workshop().envelope(id),
                            plan.tools().allowances())));

    /** What to cut for its layers. */
    public static final Stage<CutList> CUTS = new Stage<>("cuts", Stages::cuts);

    /** All that is to be cut: its pieces and its layers. */
    public static final Stage<Blanks> BLANKS = new Stage<>("blanks", plan -> plan.of(PIECE_BLANKS)
            .and(Blanks.ofLayers(plan.cuts(), plan.form().graph())));

    /** What the maker should know, the worst first. */
    public static final Stage<List<Finding>> FINDINGS =
            new Stage<>("findings", plan -> Judges.usual().findings(plan));

    /** All that a card that is kept must be able to say of itself. */
    static final List<Stage<?>> ALL =
            List.of(ASSEMBLY, PIECES, STOCKS, FORM, GROUNDS, LAYERS, CLOSED_CARD, FIT, CUTS, BLANKS, FINDINGS);

    /** What does not change with a card's layers. */
    static final List<Stage<?>> BARE =
            List.of(ASSEMBLY, PIECES, PIECE_STOCKS, STOCKS, PARTS, PIECE_BLANKS, FORM, GROUNDS, SIGHTS);

    /**
     * Sights of the last cards that were looked at, since to look from all sides takes long. A card's pieces, its poses
     * and how it is displayed all follow from these two.
     */
    private static final LruCache<Shown, Sights> SEEN = new LruCache<>(24);

    private record Shown(Structure structure, Measures measures) {}

    private Stages() {}

    private static List<WorkedPiece> pieces(WorkedPlan plan) {
        List<Piece> cut = plan.of(ASSEMBLY).pieces();
        List<WorkedPiece> pieces = new ArrayList<>();
        Map<Piece, Panels> known = new HashMap<>();
        int first = 0;
        for (int i = 0; i < cut.size(); i++) {
            Panels panels = known.computeIfAbsent(cut.get(i), Panels::of);
            pieces.add(new WorkedPiece(
                    panels,
                    first,
                    cut.get(i).cutSize(),
                    BoardScore.of(panels),
                    BoardScore.turned(panels),
                    sheetYield(plan, i).orElse(null)));
            first += panels.all().size();
        }
        return List.copyOf(pieces);
    }

    /**
     * What comes of a piece out of the sheet that is chosen; empty where none is, and where it is joined from parts.
     */
    private static Optional<SheetYield> sheetYield(WorkedPlan plan, int piece) {
        StockSheet sheet = plan.sheet();
        Map<PieceId, Blank> blanks = plan.of(PIECE_BLANKS).byPiece();
        Blank whole = blanks.get(plan.of(PIECE_STOCKS).get(piece).piece());
        return sheet == null || whole == null ? Optional.empty() : Optional.of(SheetYield.of(whole, sheet));
    }

    private static List<PieceParts> parts(WorkedPlan plan) {
        List<Piece> pieces = plan.of(ASSEMBLY).pieces();
        List<PieceId> ids = PieceId.all(pieces);
        return IntStream.range(0, pieces.size())
                .mapToObj(i -> PieceParts.of(
                        Panels.of(pieces.get(i)),
                        ids.get(i),
                        plan.plan().cutting().seams()))
                .toList();
    }

    /** What the maker chose for each piece, or for all; the usual card where nothing is chosen. */
    private static List<PieceStock> pieceStocks(WorkedPlan plan) {
        List<Piece> pieces = plan.of(ASSEMBLY).pieces();
        List<PieceId> ids = PieceId.all(pieces);
        List<PieceStock> stocks = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            String card = requireNonNullElse(plan.plan().supplies().cardstockOf(ids.get(i)), Cardstocks.USUAL);
            Material material = pieces.get(i).material();
            stocks.add(new PieceStock(
                    ids.get(i),
                    material.stockId(card),
                    material.stock(plan.workshop().cardstock(card))));
        }
        return List.copyOf(stocks);
    }

    private static Folding form(WorkedPlan plan) {
        return form(
                plan.structure(),
                plan.measures(),
                FoldGraph.of(
                        plan.of(ASSEMBLY),
                        plan.pieces().stream().map(WorkedPiece::panels).toList()),
                plan.isThorough());
    }

    private static Folding form(Structure structure, Measures measures, FoldGraph graph, boolean thorough) {
        return Folding.of(
                graph,
                structure.closed(measures),
                structure.stations(measures),
                structure.lean(),
                thorough ? LayerOrders.THOROUGH : LayerOrders.GLIMPSE);
    }

    private static Sights sights(WorkedPlan plan) {
        Plan held = plan.held();
        return held == null
                ? seen(plan.structure(), plan.measures(), plan::form)
                : glimpsed(plan, plan.workshop().structure(held), held);
    }

    private static Sights seen(Structure structure, Measures measures, Supplier<Folding> form) {
        return SEEN.of(new Shown(structure, measures), () -> Sights.of(form.get(), structure.showing()));
    }

    /**
     * What showed of the card before it was taken hold of, if it had the same panels; what is only a guess is not kept.
     */
    private static Sights glimpsed(WorkedPlan plan, Structure before, Plan held) {
        Measures measures = held.completed(before).measures();
        Sights sights =
                seen(before, measures, () -> form(before, measures, FoldGraph.of(before.assemble(measures)), true));
        return sights.areOf(plan.form())
                ? sights
                : Sights.of(plan.form(), plan.structure().showing());
    }

    /**
     * As the maker says; what is set on a card is glued on the mat where they do not, even where it hangs by one tab.
     */
    private static Map<JoinId, Bed> beds(WorkedPlan plan) {
        Map<JoinId, Bed> beds = new LinkedHashMap<>();
        Set<String> extras =
                plan.plan().extras().all().stream().map(Extra::name).collect(Collectors.toSet());
        if (!extras.isEmpty()) {
            JoinId.all(plan.of(ASSEMBLY)).stream()
                    .filter(join -> extras.contains(join.glued().piece().name()))
                    .forEach(join -> beds.put(join, Bed.MAT));
        }
        beds.putAll(plan.plan().dressing().beds());
        return beds;
    }

    private static Layers layers(WorkedPlan plan) {
        if (plan.plan().dressing().all().isEmpty()) {
            return Layers.NONE;
        }
        return new Dresser(
                        plan.form().graph(),
                        plan.grounds(),
                        plan.ruler(),
                        plan.form().flats(),
                        plan.sights()::up,
                        plan.workshop().cardstocks()::find)
                .lay(plan.plan().dressing());
    }

    /** While a line is dragged, every layer is taken as large as the lowest beneath it. */
    private static ClosedCard closedCard(WorkedPlan plan) {
        Folding form = plan.form();
        List<Cardstock> stocks = plan.stocks();
        List<Added> added = new ArrayList<>(Added.foam(form.graph()));
        added.addAll(plan.isThorough() ? plan.layers().added() : plan.layers().roughly());
        List<PieceParts> parts = plan.of(PARTS);
        for (int i = 0; i < parts.size(); i++) {
            added.addAll(parts.get(i).added(plan.pieces().get(i).first(), stocks.get(i)));
        }
        @Nullable
        BulkMap bulk = form.canLie()
                ? BulkMap.of(form.closed(), stocks, added, form.ordering().order())
                : null;
        return ClosedCard.of(form.closed(), bulk, Weight.of(form.graph(), stocks, added));
    }

    private static CutList cuts(WorkedPlan plan) {
        Layers layers = plan.layers();
        return layers.all().isEmpty()
                ? new CutList(List.of())
                : CutList.of(
                        plan.form().graph(),
                        plan.grounds(),
                        plan.form().flats(),
                        plan.plan().dressing(),
                        layers);
    }
}
