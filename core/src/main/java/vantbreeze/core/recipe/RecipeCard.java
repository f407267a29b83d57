package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Stance;
import vantbreeze.core.length.Length;

/**
 * Draws what a recipe describes. What the recipe leaves open is filled in the way that closes best, and said.
 *
 * @param card as drawn
 * @param asTold only what the recipe says: scores of which it does not say how they fold may fold either way, and what
 *     it does not say is glued is not
 * @param taken what was filled in
 */
record RecipeCard(FreeCard card, Assembly asTold, List<Assumption> taken) {

    /** @throws UnbuildableRecipe when nothing can be drawn */
    static RecipeCard of(Recipe recipe) {
        return new Drawing(recipe).card();
    }

    private static final class Drawing {

        private final Recipe recipe;
        private final List<Assumption> taken = new ArrayList<>();
        private final List<WrittenPiece> written = new ArrayList<>();
        private final List<Piece> pieces = new ArrayList<>();

        Drawing(Recipe recipe) {
            this.recipe = recipe;
        }

        /**
         * What is more than any card has is refused before it is drawn: drawing takes time with the square of the
         * lines.
         */
        private void requireOfASize() {
            int count = recipe.pieces().stream()
                    .mapToInt(piece -> Math.max(1, Math.min(piece.count, FreeCard.MOST_PIECES + 1)))
                    .sum();
            if (count > FreeCard.MOST_PIECES) {
                throw new UnbuildableRecipe(String.format(
                        Locale.ROOT,
                        "A card has between 1 and %d pieces; this one has %d.",
                        FreeCard.MOST_PIECES,
                        count));
            }
            for (WrittenPiece piece : recipe.pieces()) {
                int corners = piece.corners.size()
                        + piece.holes.stream().mapToInt(List::size).sum();
                if (piece.scores.size() + piece.levels.size() + piece.lines.size() + corners > FreeCard.MOST_LINES) {
                    throw new UnbuildableRecipe(String.format(
                            Locale.ROOT,
                            "%s has more than %d scores, slits and corners. Leave some out.",
                            piece.name,
                            FreeCard.MOST_LINES));
                }
            }
        }

        RecipeCard card() {
            requireOfASize();
            for (WrittenPiece piece : recipe.pieces()) {
                if (!piece.size().width().isPositive() || !piece.size().height().isPositive()) {
                    throw new UnbuildableRecipe(
                            "%s has no width or no height. Write both, like 11 x 4 1/4.".formatted(piece.name));
                }
                if (piece.corners.size() == 1
                        || piece.corners.size() == 2
                        || piece.holes.stream().anyMatch(hole -> hole.size() < 3)) {
                    throw new UnbuildableRecipe(
                            "An outline or a hole of %s has fewer than three corners. Write them all."
                                    .formatted(piece.name));
                }
                Piece drawn = new PieceDrawing(piece, recipe.title(piece), recipe.text(), taken).piece();
                if (!drawn.openings().isEmpty() && Panels.of(drawn).all().isEmpty()) {
                    throw new UnbuildableRecipe(
                            "Nothing is left of %s but its hole. Write a smaller hole.".formatted(piece.name));
                }
                for (int copy = 0; copy < Math.max(1, piece.count) && pieces.size() <= FreeCard.MOST_PIECES; copy++) {
                    written.add(piece);
                    pieces.add(drawn);
                }
            }
            if (pieces.isEmpty()) {
                throw new UnbuildableRecipe(
                        "I found no piece to cut in this. Write its size, like 11 x 4 1/4, then where it is scored.");
            }
            List<Join> joins = new ArrayList<>();
            recipe.glue().stream().filter(line -> line.panel() > 0).forEach(line -> joins.add(join(line)));
            for (int i = 1; i < pieces.size(); i++) {
                if (!isHeld(i, joins)) {
                    joins.addAll(laidOnTheFirst(i));
                }
            }
            FreeCard card = FreeCard.of(assembly(joins));
            card.impossible().ifPresent(words -> {
                throw new UnbuildableRecipe(words);
            });
            return new RecipeCard(staying(card), asTold(), taken);
        }

        private Assembly asTold() {
            List<Piece> told = new ArrayList<>();
            for (int i = 0; i < pieces.size(); i++) {
                told.add(written.get(i).folds.isEmpty() ? eitherWay(pieces.get(i)) : pieces.get(i));
            }
            return new Assembly(told, List.of());
        }

        /** The same with scores from edge to edge that may fold either way. */
        private static Piece eitherWay(Piece piece) {
            List<Crease> creases = piece.creases().stream()
                    .map(crease -> crease.fold() == Fold.BEND ? crease : new Crease(crease.line(), Fold.UNASSIGNED))
                    .toList();
            return new Piece(
                    piece.name(),
                    piece.outline(),
                    creases,
                    piece.slits(),
                    piece.panelNames(),
                    piece.openings(),
                    piece.material());
        }

        private Assembly assembly(List<Join> joins) {
            List<Piece> distinct = named();
            List<Over> overs = recipe.overs().stream()
                    .map(over -> new Over(ref(over[1], over[0]), ref(over[3], over[2])))
                    .toList();
            String base = recipe.base() == null
                    ? null
                    : ref(recipe.base()[0], recipe.base()[1]).panel();
            return new Assembly(distinct, joins, overs, recipe.eighthTurns(), base);
        }

        /** Every panel of every piece with a name of its own, so that glue finds it. */
        private List<Piece> named() {
            List<Piece> distinct = new ArrayList<>();
            int number = 0;
            for (Piece piece : pieces) {
                List<PanelName> names = new ArrayList<>();
                for (Panel panel : Panels.of(piece).all()) {
                    var inside = panel.shape().getInteriorPoint();
                    names.add(new PanelName(Spot.nearest(inside.getX(), inside.getY()), "Panel " + ++number));
                }
                distinct.add(piece.named(names));
            }
            return distinct;
        }

        private PanelRef ref(int panel, int piece) {
            if (piece < 1 || piece > pieces.size()) {
                throw new UnbuildableRecipe(
                        String.format(Locale.ROOT, "There is no piece %d: this recipe has %d.", piece, pieces.size()));
            }
            int before = 0;
            for (int i = 0; i < piece - 1; i++) {
                before += Panels.of(pieces.get(i)).all().size();
            }
            int panels = Panels.of(pieces.get(piece - 1)).all().size();
            if (panel < 1 || panel > panels) {
                throw new UnbuildableRecipe(String.format(
                        Locale.ROOT,
                        "%s has %d panels; there is no panel %d.",
                        pieces.get(piece - 1).name(),
                        panels,
                        panel));
            }
            return new PanelRef(piece - 1, "Panel " + (before + panel));
        }

        private Join join(GlueLine line) {
            PanelRef glued = ref(line.panel(), line.piece());
            PanelRef on = ref(line.onPanel(), line.onPiece());
            Spot origin = new Spot(Length.ZERO, Length.ZERO);
            Spot from = line.from() != null ? line.from() : origin;
            Spot at = line.at() != null ? line.at() : origin;
            return new Join(
                    on,
                    line.onSide(),
                    glued,
                    line.side(),
                    new Attachment(at, from, line.turn()),
                    line.slides(),
                    line.within(),
                    Length.ZERO);
        }

        private static boolean isHeld(int piece, List<Join> joins) {
            return joins.stream()
                    .anyMatch(join -> join.on().piece() == piece || join.glued().piece() == piece);
        }

        /**
         * Laid on the middle of the first piece; glued by its first panel, and by its last when its ends are to be
         * glued.
         */
        private List<Join> laidOnTheFirst(int index) {
            // copies that nobody says where to glue lie in a pile
            int under = written.get(index) == written.get(index - 1) ? index - 1 : 0;
            Piece base = pieces.get(under);
            Piece laid = pieces.get(index);
            List<Panel> panels = Panels.of(laid).all();
            boolean ends = panels.size() > 1
                    && (base.cutSize().width().equals(laid.cutSize().width())
                            || recipe.glue().stream()
                                    .anyMatch(line -> line.panel() == 0
                                            && line.piece() > 1
                                            && written.get(index)
                                                    == recipe.pieces().get(line.piece() - 1)));
            Attachment at = Attachment.at(middle(base, laid, panels.get(0), ends), new Spot(Length.ZERO, Length.ZERO));
            taken.add(new Assumption(
                    Assumption.About.GLUE,
                    "%s is taken to lie in the middle of %s, glued by %s."
                            .formatted(
                                    recipe.titleAtStart(written.get(index)),
                                    recipe.title(written.get(under)),
                                    ends
                                            ? "its first and last panel"
                                            : panels.size() > 1 ? "its first panel" : "its back"),
                    new LaidElsewhere(recipe, under, index, pieces).rewordings(at.on(), ends, written.get(index))));
            List<Join> joins = new ArrayList<>();
            joins.add(on(under, index, panels.get(0), at));
            if (ends) {
                joins.add(on(under, index, panels.get(panels.size() - 1), at));
            }
            return joins;
        }

        /**
         * Where its corner lies: the whole of it in the middle, or its first panel in the middle of the largest below.
         */
        private static Spot middle(Piece base, Piece laid, Panel first, boolean ends) {
            Length foot = base.cutSize().height().minus(laid.cutSize().height()).dividedBy(2);
            if (ends) {
                return new Spot(
                        base.cutSize().width().minus(laid.cutSize().width()).dividedBy(2), foot);
            }
            Panel largest = Panels.of(base).base();
            return new Spot(
                    largest.left().plus(largest.width().minus(first.width()).dividedBy(2)), foot);
        }

        private Join on(int below, int index, Panel laid, Attachment at) {
            double x = laid.shape().getCentroid().getX() + at.on().x().millimetres();
            List<Panel> panels = Panels.of(pieces.get(below)).all();
            Panel under = panels.stream()
                    .filter(panel -> panel.left().millimetres() <= x
                            && x <= panel.right().millimetres())
                    .findFirst()
                    .orElse(panels.get(0));
            int number = Panels.of(pieces.get(index)).all().indexOf(laid);
            return Join.of(
                    ref(panels.indexOf(under) + 1, below + 1), Side.FACE, ref(number + 1, index + 1), Side.BACK, at);
        }

        private FreeCard staying(FreeCard card) {
            if (recipe.open().isEmpty()) {
                return card;
            }
            List<Stance.Angle> angles = recipe.open().stream()
                    .map(open -> new Stance.Angle(
                            ref(open[1], open[0]).panel(), ref(open[2], open[0]).panel(), 0))
                    .toList();
            return new FreeCard(
                    card.assembly(),
                    List.of(Stance.open(), new Stance("Closed", true, angles, List.of())),
                    card.showing(),
                    card.lean(),
                    card.lies());
        }
    }

    /** Which way scores fold when nobody says: in the order in which they are tried. */
    static List<List<Fold>> likelyFolds(List<Length> widths) {
        int scores = widths.size() - 1;
        List<List<Fold>> likely = new ArrayList<>();
        if (isMirrored(widths) && scores % 2 == 0 && scores > 0) {
            List<Fold> half = new ArrayList<>();
            for (int i = 0; i < scores / 2; i++) {
                half.add((scores / 2 - i) % 2 == 1 ? Fold.VALLEY : Fold.MOUNTAIN);
            }
            List<Fold> mirrored = new ArrayList<>(half);
            Collections.reverse(half);
            mirrored.addAll(half);
            likely.add(mirrored);
        }
        likely.add(alternating(scores, scores == 2 ? Fold.MOUNTAIN : Fold.VALLEY));
        likely.add(alternating(scores, scores == 2 ? Fold.VALLEY : Fold.MOUNTAIN));
        likely.add(Collections.nCopies(scores, Fold.VALLEY));
        return likely;
    }

    private static boolean isMirrored(List<Length> widths) {
        for (int i = 0; i < widths.size() / 2; i++) {
            if (!widths.get(i).equals(widths.get(widths.size() - 1 - i))) {
                return false;
            }
        }
        return widths.stream().distinct().count() > 1;
    }

    private static List<Fold> alternating(int scores, Fold first) {
        List<Fold> folds = new ArrayList<>();
        for (int i = 0; i < scores; i++) {
            folds.add(i % 2 == 0 ? first : first == Fold.VALLEY ? Fold.MOUNTAIN : Fold.VALLEY);
        }
        return folds;
    }
}
