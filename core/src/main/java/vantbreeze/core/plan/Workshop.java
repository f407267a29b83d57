package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.fit.SheetYield;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.Weight;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.free.FreeStructure;
import vantbreeze.core.layer.Dresser;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Sheet;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Station;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Tools;

/**
 * Where plans are worked out: the catalogue, and the envelopes and sheets at hand.
 *
 * @param catalogue the structures to choose from
 * @param envelopes the envelopes to choose from
 * @param sheets the sheets to choose from
 * @param cardstocks the cardstocks to choose from
 * @param tools what is on the table
 */
public record Workshop(Catalogue catalogue, Envelopes envelopes, Sheets sheets, Cardstocks cardstocks, Tools tools) {

    /** Steps shown between flat and closed. */
    private static final int FRAMES = 16;
    /**
     * Steps from one pose to the next at the least: half a turn in steps of an eighth of it misses no collision that is
     * seen.
     */
    private static final int LEAST_STEPS = 8;

    /** Every structure, with the published envelopes and sheets. */
    public static Workshop standard() {
        return new Workshop(
                Catalogue.full(), Envelopes.published(), Sheets.published(), Cardstocks.usual(), Tools.usual());
    }

    /** This workshop with what one maker has of their own. */
    public Workshop with(OwnStock own) {
        return new Workshop(
                catalogue,
                envelopes.and(own.envelopes()),
                sheets.and(own.sheets()),
                cardstocks.and(own.cardstocks()),
                own.tools());
    }

    /**
     * Works out a plan.
     *
     * @throws Refusal when it names what is not there, or a measure is missing or beyond its limits
     */
    public WorkedPlan work(Plan asked) {
        return work(asked, null);
    }

    /**
     * Works out a plan while a line of it is dragged: all but whether panels meet on their way and what takes long to
     * decide, which are said when the line is let go. Its thickness is told as if every layer were as large as the
     * lowest beneath it, and up on its panels stays as it was before.
     *
     * @param held the plan whose line is held
     * @throws Refusal as {@link #work}
     */
    public WorkedPlan glimpse(Plan asked, Plan held) {
        return work(asked, held);
    }

    /** @param held what is dragged, if anything is */
    private WorkedPlan work(Plan asked, @Nullable Plan held) {
        boolean thorough = held == null;
        Structure structure = structure(asked);
        Plan plan = asked.completed(structure);
        MeasureCheck.of(structure, plan.measures(), plan.ruler()).requireAll();
        Sheet sheet = plan.sheetId() == null ? null : sheet(plan.sheetId());
        Envelope envelope = plan.envelopeId() == null ? null : envelope(plan.envelopeId());
        Assembly assembly = structure.assemble(plan.measures());
        List<WorkedPiece> pieces = new ArrayList<>();
        Map<Piece, Panels> known = new HashMap<>();
        int first = 0;
        for (Piece piece : assembly.pieces()) {
            Panels panels = known.computeIfAbsent(piece, Panels::of);
            pieces.add(new WorkedPiece(
                    panels,
                    first,
                    piece.cutSize(),
                    BoardScore.of(panels),
                    BoardScore.turned(panels),
                    sheet == null ? null : SheetYield.of(piece.cutSize(), sheet)));
            first += panels.all().size();
        }
        WorkedForm form = form(
                structure,
                plan.measures(),
                FoldGraph.of(assembly, pieces.stream().map(WorkedPiece::panels).toList()),
                thorough);
        Size footprint = form.closed().footprint();
        Layers layers = layers(
                plan, form, () -> held == null ? sights(structure, plan, form) : glimpsed(structure, form, held));
        Heft heft = heft(form, cardstock(plan.cardstockId()), thorough ? layers.added() : layers.roughly());
        Girth girth = heft.bulk() == null ? Girth.flat(footprint) : Girth.of(heft.bulk());
        EnvelopeFit fit = envelope == null ? null : EnvelopeFit.of(footprint, girth, envelope);
        WorkedPlan worked = new WorkedPlan(plan, structure, pieces, form, footprint, layers, heft, fit, List.of());
        return new WorkedPlan(
                plan,
                structure,
                pieces,
                form,
                footprint,
                layers,
                heft,
                fit,
                new Judgement(this, worked, thorough).findings());
    }

    private static WorkedForm form(Structure structure, Measures measures, FoldGraph graph, boolean thorough) {
        Pose flat = structure.closed(measures);
        List<Station> stations = structure.stations(measures);
        Motion motion = Motion.through(
                        graph,
                        stations.stream().map(Station::pose).toList(),
                        Math.max(LEAST_STEPS, FRAMES / (stations.size() - 1)))
                .leaning(structure.lean());
        return new WorkedForm(graph, flat, motion, stations, thorough ? LayerOrders.THOROUGH : LayerOrders.GLIMPSE);
    }

    /** A worked card with these layers in place of its own; thickness, weight and findings stay as they were. */
    public WorkedPlan laid(WorkedPlan worked, Dressing dressing) {
        Plan plan = worked.plan().withDressing(dressing);
        return new WorkedPlan(
                plan,
                worked.structure(),
                worked.pieces(),
                worked.form(),
                worked.footprint(),
                layers(plan, worked.form(), () -> Sights.of(worked)),
                worked.heft(),
                worked.fit(),
                worked.findings());
    }

    private Layers layers(Plan plan, WorkedForm form, Supplier<Sights> sights) {
        if (plan.dressing().all().isEmpty()) {
            return Layers.NONE;
        }
        Sights seen = sights.get();
        return new Dresser(form.graph(), form.grounds(), plan.ruler(), form.flats(), seen::up, cardstocks::find)
                .lay(plan.dressing());
    }

    private static Sights sights(Structure structure, Plan plan, WorkedForm form) {
        return Sights.of(structure, plan.measures(), () -> form);
    }

    /**
     * What showed of the card before it was taken hold of, if it had the same panels: to look from all sides takes
     * long.
     */
    private Sights glimpsed(Structure structure, WorkedForm form, Plan held) {
        Structure before = structure(held);
        Measures measures = held.completed(before).measures();
        Sights sights = Sights.of(
                before, measures, () -> form(before, measures, FoldGraph.of(before.assemble(measures)), true));
        return sights.areOf(form) ? sights : Sights.glimpsed(form, structure.showing());
    }

    private static Heft heft(WorkedForm form, Cardstock cardstock, List<Added> added) {
        List<Cardstock> stocks = form.graph().assembly().pieces().stream()
                .map(piece -> piece.material().stock(cardstock))
                .toList();
        return new Heft(
                cardstock,
                stocks,
                form.canLie()
                        ? BulkMap.of(
                                form.closed(), stocks, added, form.ordering().order())
                        : null,
                Weight.of(form.graph(), stocks, added));
    }

    /** Sizes to start a card of this structure from. */
    public Proposals proposals(Structure structure, Ruler ruler, Sheet sheet) {
        return new Proposals(structure, ruler, sheet, envelopes, tools.board(ruler));
    }

    /**
     * What a plan builds on: a structure of the catalogue, or the card itself where it is drawn free.
     *
     * @throws Refusal when there is no such structure, or what is drawn can't be worked out
     */
    public Structure structure(Plan plan) {
        if (!plan.isFree()) {
            return structure(plan.structureId());
        }
        plan.drawn().impossible().ifPresent(words -> {
            throw new Refusal("drawing", words);
        });
        return new FreeStructure(plan.drawn());
    }

    /**
     * The structure of that id.
     *
     * @throws Refusal when there is no such structure
     */
    public Structure structure(String id) {
        return catalogue
                .find(id)
                .orElseThrow(() -> new Refusal(
                        "structure",
                        "There is no structure called \"%s\" here. The plan may be from a newer Vantbreeze."
                                .formatted(id)));
    }

    /**
     * The envelope of that id.
     *
     * @throws Refusal when there is no such envelope
     */
    public Envelope envelope(String id) {
        return envelopes
                .find(id)
                .orElseThrow(() -> new Refusal(
                        "envelope",
                        "There is no envelope called \"%s\" here. Choose one from the list.".formatted(id)));
    }

    /**
     * The sheet of that id.
     *
     * @throws Refusal when there is no such sheet
     */
    public Sheet sheet(String id) {
        return sheets.find(id)
                .orElseThrow(() -> new Refusal(
                        "sheet", "There is no sheet called \"%s\" here. Choose one from the list.".formatted(id)));
    }

    /**
     * The cardstock of that id, null for the usual one.
     *
     * @throws Refusal when there is no such cardstock
     */
    public Cardstock cardstock(@Nullable String id) {
        return cardstocks
                .find(id == null ? Cardstocks.USUAL : id)
                .orElseThrow(() -> new Refusal(
                        "cardstock",
                        "There is no cardstock called \"%s\" here. Choose one from the list.".formatted(id)));
    }
}
