package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** All panels of an assembly, and the hinges and joins between them. */
public final class FoldGraph {

    private final Assembly assembly;
    private final List<Panel> panels;
    private final List<Integer> pieceOf;
    private final List<Link> links;
    private final List<Link.Folded> hinges;
    private final List<Link.Glued> joins;
    private final Lazy<List<PieceId>> pieceNames;
    private final Lazy<SpanningTree> tree = new Lazy<>(() -> SpanningTree.of(this));

    private FoldGraph(Assembly assembly, List<Panel> panels, List<Integer> pieceOf, List<Link> links) {
        this.assembly = assembly;
        this.panels = List.copyOf(panels);
        this.pieceOf = List.copyOf(pieceOf);
        this.links = List.copyOf(links);
        this.hinges = links.stream()
                .filter(Link.Folded.class::isInstance)
                .map(Link.Folded.class::cast)
                .toList();
        this.joins = links.stream()
                .filter(Link.Glued.class::isInstance)
                .map(Link.Glued.class::cast)
                .toList();
        this.pieceNames = new Lazy<>(() -> PieceId.all(assembly.pieces()));
    }

    /** Whose panels these are. */
    public Assembly assembly() {
        return assembly;
    }

    /** The panels, piece by piece; a panel's index here names it everywhere. */
    public List<Panel> panels() {
        return panels;
    }

    /** Which piece each panel is of. */
    public List<Integer> pieceOf() {
        return pieceOf;
    }

    /** What holds the panels together, hinges first, then joins. */
    public List<Link> links() {
        return links;
    }

    /** The graph of one piece's panels. */
    public static FoldGraph of(Panels panels) {
        return build(Assembly.of(panels.piece()), List.of(panels));
    }

    /**
     * The graph of {@code assembly}.
     *
     * @throws IllegalArgumentException when a join names a panel that is not there, or one panel twice
     */
    public static FoldGraph of(Assembly assembly) {
        return build(assembly, assembly.pieces().stream().map(Panels::of).toList());
    }

    /** The graph of {@code assembly}, whose pieces' panels are known already. */
    public static FoldGraph of(Assembly assembly, List<Panels> pieces) {
        return build(assembly, pieces);
    }

    /** The hinges, in the order of their index. */
    public List<Link.Folded> hinges() {
        return hinges;
    }

    /** The joins. */
    public List<Link.Glued> joins() {
        return joins;
    }

    /**
     * The panel that everything else moves from: the one the assembly names, or the largest of the first piece, the
     * rightmost of equals.
     */
    public int base() {
        if (assembly.base() != null) {
            return require(new PanelRef(0, assembly.base()));
        }
        int base = 0;
        for (int i = 0; i < panels.size() && pieceOf.get(i) == 0; i++) {
            if (panels.get(i).area() > panels.get(base).area() * (1 - 1e-9)) {
                base = i;
            }
        }
        return base;
    }

    /** What is laid over what by hand: pairs of panels by index, the upper one first. */
    public List<int[]> overs() {
        return assembly.overs().stream()
                .map(over -> new int[] {require(over.above()), require(over.below())})
                .toList();
    }

    /** How the base is held. */
    public Rigid held() {
        return Rigid.eighthTurns(assembly.eighthTurns());
    }

    /** For each panel a number that it shares with those between which nothing is folded in {@code pose}. */
    public int[] leaves(Pose pose) {
        UnionFind leaves = new UnionFind(panels.size());
        hinges.stream()
                .filter(hinge -> pose.degreesAt(hinge) == 0)
                .forEach(hinge -> leaves.unite(hinge.from(), hinge.to()));
        return leaves.all();
    }

    /** Whether all its folds are open or closed in a pose. */
    public boolean isFlat(Pose pose) {
        return hinges.stream()
                .mapToDouble(link -> Math.abs(pose.degreesAt(link)))
                .allMatch(degrees -> degrees == 0 || degrees == 180);
    }

    /** How its panels are reached from the base. */
    public SpanningTree tree() {
        return tree.get();
    }

    /** The index of a panel. */
    public Optional<Integer> find(PanelRef ref) {
        for (int i = 0; i < panels.size(); i++) {
            if (pieceOf.get(i) == ref.piece() && panels.get(i).name().equals(ref.panel())) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** Names that say nothing without their piece. */
    private static final Pattern BARE = Pattern.compile("(Panel|First|Second|Third|Last|Seat|Far)\\b.*");

    /** What a panel is called; with its piece's name where another has the same name, or it says nothing without. */
    public String name(int panel) {
        String name = panels.get(panel).name();
        boolean says = pieceOf.get(panel) == 0 || !BARE.matcher(name).matches();
        boolean isPlain = assembly.pieces().size() == 1 || (says && isOnly(name));
        return isPlain ? name : PanelId.inWords(name, pieceName(panel));
    }

    /** Which piece a panel is of, as it is known whatever else the card has. */
    public PieceId pieceName(int panel) {
        return pieceNames.get().get(pieceOf.get(panel));
    }

    private boolean isOnly(String name) {
        return panels.stream().filter(panel -> panel.name().equals(name)).count() == 1;
    }

    /** For each panel, the links that touch it. */
    List<List<Link>> linksByPanel() {
        List<List<Link>> by = new ArrayList<>();
        panels.forEach(panel -> by.add(new ArrayList<>()));
        for (Link link : links) {
            by.get(link.from()).add(link);
            by.get(link.to()).add(link);
        }
        return by;
    }

    private static FoldGraph build(Assembly assembly, List<Panels> pieces) {
        List<Panel> panels = new ArrayList<>();
        List<Integer> pieceOf = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int piece = 0; piece < pieces.size(); piece++) {
            int first = panels.size();
            for (Panel panel : pieces.get(piece).all()) {
                panels.add(panel);
                pieceOf.add(piece);
            }
            for (Hinge hinge : pieces.get(piece).hinges()) {
                links.add(new Link.Folded(
                        links.size(),
                        first + hinge.left().index(),
                        first + hinge.right().index(),
                        hinge));
            }
        }
        FoldGraph unglued = new FoldGraph(assembly, panels, pieceOf, links);
        for (Join join : assembly.joins()) {
            links.add(new Link.Glued(unglued.require(join.on()), unglued.require(join.glued()), join));
            if (join.on().equals(join.glued())) {
                throw new IllegalArgumentException("The panel %s can't be glued to itself."
                        .formatted(join.on().panel()));
            }
        }
        return new FoldGraph(assembly, panels, pieceOf, links);
    }

    private int require(PanelRef ref) {
        return find(ref)
                .orElseThrow(() -> new IllegalArgumentException(String.format(
                        Locale.ROOT,
                        "The assembly names the panel \"%s\" of piece %d, which is not there.",
                        ref.panel(),
                        ref.piece() + 1)));
    }
}
