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
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.PartialAssembly;
import vantbreeze.core.fold.partial.Reach;
import vantbreeze.core.fold.partial.SampledPose;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Layers;

/** What hands do to a card, and whether they can while only some of its joins are made. */
final class Handwork {

    private final FoldGraph graph;
    private final Folding form;
    private final List<JoinId> joins;
    /** Joins that can be made at all: the card closes with them. */
    private final Set<JoinId> possible;

    private final Map<Face, List<Polygon>> layers = new LinkedHashMap<>();
    private final double width;
    private final Map<Set<JoinId>, PartialAssembly> states = new HashMap<>();
    private final Map<PartKey, Part> parts = new HashMap<>();
    private final Map<PartKey, Reach> reaches = new HashMap<>();
    private final Map<Asked, Optional<SampledPose>> known = new HashMap<>();

    /** Pieces that hang together, by the joins between them. */
    private record PartKey(List<Integer> pieces, Set<JoinId> joins) {}

    private record Asked(PartKey part, Face face, Polygon region) {}

    /**
     * Looks at a card.
     *
     * @param grounds where its layers lie, and what lies under them
     * @param width of the way that a finger wants, millimetres
     */
    Handwork(Folding form, Grounds grounds, Layers dressed, double width) {
        this.form = form;
        this.graph = form.graph();
        this.joins = JoinId.all(graph.assembly());
        this.width = width;
        this.possible = possible(form, joins);
        for (Layer layer : dressed.all()) {
            layers.computeIfAbsent(layer.face(), face -> new ArrayList<>())
                    .addAll(grounds.onPanel(layer.face(), layer.shape()));
        }
    }

    /** Where hands come to lay the layers of a face. */
    List<Polygon> regions(Face face) {
        return layers.getOrDefault(face, List.of());
    }

    /** Of joins made one after the other those that leave the card a pose to be in; a loop that gapes leaves none. */
    private static Set<JoinId> possible(Folding form, List<JoinId> joins) {
        Set<JoinId> all = new LinkedHashSet<>(joins);
        if (isPossible(PartialAssembly.of(form, all))) {
            return all;
        }
        Set<JoinId> possible = new LinkedHashSet<>();
        for (JoinId join : joins) {
            possible.add(join);
            if (!isPossible(PartialAssembly.of(form, possible))) {
                possible.remove(join);
            }
        }
        return possible;
    }

    private static boolean isPossible(PartialAssembly state) {
        return state.parts().stream().noneMatch(part -> part.poses().isEmpty());
    }

    /** Every join, in the order of the assembly. */
    List<JoinId> joins() {
        return joins;
    }

    /** Those that can be made at all. */
    Set<JoinId> possible() {
        return possible;
    }

    /** All there is to do, in no order. */
    List<Operation> operations() {
        List<Operation> all = new ArrayList<>();
        layers.keySet().forEach(face -> all.add(new Operation.Dress(face)));
        for (int i = 0; i < joins.size(); i++) {
            if (!possible.contains(joins.get(i))) {
                continue;
            }
            all.add(
                    graph.joins().get(i).join().slides()
                            ? new Operation.PassThrough(joins.get(i))
                            : new Operation.Glue(joins.get(i)));
        }
        return all;
    }

    /** The join that an operation makes, if it makes one. */
    Optional<JoinId> join(Operation operation) {
        if (operation instanceof Operation.Glue glue) {
            return Optional.of(glue.join());
        }
        return operation instanceof Operation.PassThrough passed ? Optional.of(passed.join()) : Optional.empty();
    }

    /**
     * Whether something could be done as the last thing so far.
     *
     * @param made the joins that are made then, its own too
     */
    boolean couldBeLast(Operation operation, Set<JoinId> made) {
        if (operation instanceof Operation.Dress dress) {
            return regions(dress.face()).stream().allMatch(region -> reaches(made, dress.face(), region));
        }
        if (operation instanceof Operation.RubOut rubbed) {
            return rubbed.spots().stream().allMatch(region -> reaches(made, rubbed.face(), region));
        }
        JoinId join = join(operation).orElseThrow();
        Set<JoinId> before = new LinkedHashSet<>(made);
        before.remove(join);
        Link.Glued link = graph.joins().get(joins.indexOf(join));
        return operation instanceof Operation.PassThrough
                ? glued(graph.pieceOf().get(link.to()), before) <= 1
                : canBeGlued(link, before) && canBePressed(link, made);
    }

    /** How many joins hold a piece, what it is threaded through not counted. */
    private int glued(int piece, Set<JoinId> made) {
        return (int) IntStream.range(0, joins.size())
                .filter(i -> made.contains(joins.get(i)))
                .mapToObj(graph.joins()::get)
                .filter(link -> !link.join().slides())
                .filter(link -> graph.pieceOf().get(link.from()) == piece
                        || graph.pieceOf().get(link.to()) == piece)
                .count();
    }

    /** Whether glue comes on one of its two sides. */
    private boolean canBeGlued(Link.Glued link, Set<JoinId> before) {
        List<GlueArea> areas = GlueArea.of(link, graph);
        return areas.isEmpty()
                || areas.stream().anyMatch(area -> reaches(before, new Face(area.panel(), area.side()), area.shape()));
    }

    /**
     * Where glue comes for a join: on the panel that is laid on the other, else on the other, as a hand comes there.
     *
     * @param before the joins that are made by then
     */
    List<GlueArea> glue(JoinId join, Set<JoinId> before) {
        Link.Glued link = graph.joins().get(joins.indexOf(join));
        List<GlueArea> areas = GlueArea.of(link, graph);
        List<GlueArea> onGlued =
                areas.stream().filter(area -> area.panel() == link.to()).toList();
        boolean isReached =
                onGlued.stream().allMatch(area -> reaches(before, new Face(area.panel(), area.side()), area.shape()));
        return isReached
                ? onGlued
                : areas.stream().filter(area -> area.panel() == link.from()).toList();
    }

    /** Whether one of its two panels is pressed on the other from behind, the other lying on the table. */
    private boolean canBePressed(Link.Glued link, Set<JoinId> made) {
        List<GlueArea> areas = GlueArea.of(link, graph);
        return areas.isEmpty()
                || areas.stream()
                        .anyMatch(area ->
                                reaches(made, new Face(area.panel(), area.side().other()), area.shape()));
    }

    private boolean reaches(Set<JoinId> made, Face face, Polygon region) {
        return reached(made, face, region).isPresent();
    }

    /** In which pose a finger comes to all of a region of a face, with these joins made. */
    Optional<SampledPose> reached(Set<JoinId> made, Face face, Polygon region) {
        PartKey key = part(made, graph.pieceOf().get(face.panel()));
        return known.computeIfAbsent(new Asked(key, face, region), asked -> {
            Part part = requireNonNull(parts.get(key));
            Part whole = partOf(possible, part.pieces().get(0));
            Reach reach = reaches.computeIfAbsent(key, one -> new Reach(part, whole, width));
            return reach.to(here(face, part), region);
        });
    }

    /** A face as a part counts its panels. */
    static Face here(Face face, Part part) {
        int panel = IntStream.range(0, part.graph().panels().size())
                .filter(i -> part.inCard(i) == face.panel())
                .findFirst()
                .orElseThrow();
        return new Face(panel, face.side());
    }

    /** What a piece hangs together with. */
    Part partOf(Set<JoinId> made, int piece) {
        return requireNonNull(parts.get(part(made, piece)));
    }

    /** The pose in which a join is pressed, and which face is looked at then, if it can be. */
    Optional<Pressed> pressed(JoinId join, Set<JoinId> made) {
        Link.Glued link = graph.joins().get(joins.indexOf(join));
        return GlueArea.of(link, graph).stream()
                .flatMap(area -> {
                    Face behind = new Face(area.panel(), area.side().other());
                    return reached(made, behind, area.shape()).map(pose -> new Pressed(behind, pose)).stream();
                })
                .findFirst();
    }

    /** A face from which something is pressed. */
    record Pressed(Face face, SampledPose pose) {}

    /** The part that a piece belongs to: made once for the same joins. */
    private PartKey part(Set<JoinId> made, int piece) {
        PartialAssembly state =
                states.computeIfAbsent(new LinkedHashSet<>(made), some -> PartialAssembly.of(form, some));
        Part part = state.partOf(piece);
        Set<JoinId> within = new LinkedHashSet<>();
        for (int i = 0; i < joins.size(); i++) {
            if (made.contains(joins.get(i))
                    && part.pieces()
                            .contains(graph.pieceOf().get(graph.joins().get(i).from()))) {
                within.add(joins.get(i));
            }
        }
        PartKey key = new PartKey(part.pieces(), within);
        parts.putIfAbsent(key, part);
        return key;
    }
}
