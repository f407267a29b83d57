package vantbreeze.core.free;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fault;
import vantbreeze.core.fold.Faults;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * A card as drawn: its pieces and joins, and how it stands. Every panel has a name of its own.
 *
 * @param assembly pieces, joins, what lies over what, how it is held
 * @param stances the poses it goes through, the last one closed
 * @param showing how far along its way it shows best what it is, 0 to 1
 * @param lean how far it leans back when open, degrees
 * @param lies whether it is displayed lying on the table
 */
public record FreeCard(Assembly assembly, List<Stance> stances, double showing, double lean, boolean lies) {

    /** More than any card on a table has; keeps every plan quick to work out. */
    public static final int MOST_PIECES = 40;
    /** Most scores, slits and corners of one piece. */
    public static final int MOST_LINES = 400;
    /** Most panels of all pieces together: beyond it, laying them on one another takes longer than a maker waits. */
    public static final int MOST_PANELS = 120;
    /** The longest side of a piece. */
    public static final Length LONGEST = Length.ofMillimetres(2_000);

    private static final Set<Fault.Kind> HOPELESS = Set.of(
            Fault.Kind.NO_OUTLINE,
            Fault.Kind.OUTLINE_CROSSES_ITSELF,
            Fault.Kind.TOO_MANY_LINES,
            Fault.Kind.NO_LENGTH,
            Fault.Kind.OUTSIDE,
            Fault.Kind.CONTRADICTORY_FOLDS,
            Fault.Kind.CUT_FREE);

    private static final LruCache<FreeCard, Optional<String>> IMPOSSIBLE = new LruCache<>(16);

    /** @throws IllegalArgumentException when it shows itself before its way or behind it, or leans more than lying */
    public FreeCard {
        stances = List.copyOf(stances);
        if (!(showing >= 0 && showing <= 1)) {
            throw new IllegalArgumentException("a card shows itself between 0 and 1 of its way, not at " + showing);
        }
        if (!(Math.abs(lean) <= 90)) {
            throw new IllegalArgumentException("a card leans 90 degrees at most, not " + lean);
        }
    }

    /** Pieces that fold from open to closed, with every panel named. */
    public static FreeCard of(Assembly assembly) {
        return new FreeCard(Naming.all(assembly), List.of(Stance.open(), Stance.closed()), 0.5, 0, true);
    }

    /** One bare sheet. */
    public static FreeCard bare(Size size) {
        return of(Assembly.of(sheet("Card base", size)));
    }

    /** A rectangle with nothing on it. */
    public static Piece sheet(String name, Size size) {
        List<Spot> corners = List.of(
                new Spot(Length.ZERO, Length.ZERO),
                new Spot(size.width(), Length.ZERO),
                new Spot(size.width(), size.height()),
                new Spot(Length.ZERO, size.height()));
        return new Piece(name, corners, List.of(), List.of(), List.of());
    }

    /**
     * What makes it impossible to work out, in words for the maker; empty when it can be. What can be worked out but
     * not be built is for findings.
     */
    public Optional<String> impossible() {
        return IMPOSSIBLE.of(this, this::findImpossible);
    }

    private Optional<String> findImpossible() {
        if (assembly.pieces().isEmpty() || assembly.pieces().size() > MOST_PIECES) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "A card has between 1 and %d pieces; this one has %d.",
                    MOST_PIECES,
                    assembly.pieces().size()));
        }
        if (stances.size() < 2 || stances.size() > 12) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "A card goes from open to closed through at most ten poses between; this one names %d.",
                    stances.size()));
        }
        Optional<String> bent = bentWhenClosed();
        if (bent.isPresent()) {
            return bent;
        }
        int panels = 0;
        for (Piece piece : assembly.pieces()) {
            Optional<String> wrong = impossible(piece);
            if (wrong.isPresent()) {
                return wrong;
            }
            panels += Panels.of(piece).all().size();
        }
        if (panels > MOST_PANELS) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "A card has %d panels at the most; this one would have %d. Leave some scores out.",
                    MOST_PANELS,
                    panels));
        }
        return unheld();
    }

    /** A last pose in which a score stands between open and folded flat: then nothing lies on anything. */
    private Optional<String> bentWhenClosed() {
        Stance last = stances.get(stances.size() - 1);
        return last.angles().stream()
                .filter(angle -> angle.degrees() != 0 && Math.abs(angle.degrees()) != 180)
                .findFirst()
                .map(angle -> String.format(
                        Locale.ROOT,
                        "In its last pose, \"%s\", a card lies flat; the fold between %s and %s stands at %.0f°.",
                        last.name(),
                        angle.one(),
                        angle.other(),
                        angle.degrees()));
    }

    private static Optional<String> impossible(Piece piece) {
        if (piece.openings().stream().anyMatch(hole -> hole.size() < 3)) {
            return Optional.of("A hole in %s has fewer than three corners. Give it all of them, or leave it out."
                    .formatted(piece.name()));
        }
        int corners = piece.outline().size()
                + piece.openings().stream().mapToInt(List::size).sum();
        if (piece.creases().size() + piece.slits().size() + corners > MOST_LINES) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "%s has more than %d scores, slits and corners. Leave some out.",
                    piece.name(),
                    MOST_LINES));
        }
        Size cut = piece.cutSize();
        if (cut.width().isLongerThan(LONGEST) || cut.height().isLongerThan(LONGEST)) {
            return Optional.of("%s is longer than 2 m. Make it smaller.".formatted(piece.name()));
        }
        return Faults.of(piece).all().stream()
                .filter(fault -> HOPELESS.contains(fault.kind()))
                .findFirst()
                .map(fault -> "%s: %s".formatted(piece.name(), fault.text()));
    }

    /** A join to a panel that is not there, or a piece that hangs on nothing. */
    private Optional<String> unheld() {
        FoldGraph graph;
        try {
            graph = FoldGraph.of(assembly);
            graph.overs();
            graph.base();
        } catch (IllegalArgumentException unknown) {
            return Optional.of(String.valueOf(unknown.getMessage()));
        }
        Set<Integer> held = new HashSet<>(List.of(0));
        for (boolean grew = true; grew; ) {
            grew = false;
            for (Link.Glued join : graph.joins()) {
                int one = graph.pieceOf().get(join.from());
                int other = graph.pieceOf().get(join.to());
                grew |= held.contains(one) ? held.add(other) : held.contains(other) && held.add(one);
            }
        }
        for (int piece = 0; piece < assembly.pieces().size(); piece++) {
            if (!held.contains(piece)) {
                return Optional.of(("%s would hang on nothing. Glue one of its panels on another piece first, or "
                                + "take the piece away.")
                        .formatted(assembly.pieces().get(piece).name()));
            }
        }
        return Optional.empty();
    }

    /** The same with other pieces and joins; poses keep what they say of panels that are still there. */
    FreeCard with(Assembly other) {
        Assembly named = Naming.all(other);
        Set<String> names = new HashSet<>(Naming.names(named));
        return new FreeCard(
                named, stances.stream().map(stance -> stance.keeping(names)).toList(), showing, lean, lies);
    }

    /** The same with one piece in place of another. */
    FreeCard with(int index, Piece piece) {
        List<Piece> pieces = new ArrayList<>(assembly.pieces());
        pieces.set(index, piece);
        return with(new Assembly(pieces, assembly.joins(), assembly.overs(), assembly.eighthTurns(), assembly.base()));
    }

    /** The same, displayed lying or standing. */
    public FreeCard lying(boolean onTheTable) {
        return new FreeCard(assembly, stances, showing, lean, onTheTable);
    }
}
