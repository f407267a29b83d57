package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * Looks for the one figure that was misread: each is changed in turn to what it may have been, the whole recipe read
 * and folded again, and what closes is kept. Of those, the ones that make most panels alike come first, then what
 * people do misread, then the smallest change.
 */
final class Mending {

    /**
     * What all readings together may cost: a panel to fold, or twenty characters to read, is one. Well under a second.
     */
    private static final int MOST_FOLDED = 1_500;

    private static final int MOST_FIGURES = 40;
    private static final int MOST_LENGTHS = 8;
    /** So many slips are read anew; most cards have fewer. */
    private static final int MOST_READINGS = 600;

    private static final int MOST_SHOWN = 3;

    private final Recipe recipe;
    private final Ruler ruler;
    private int folded;

    Mending(Recipe recipe, Ruler ruler) {
        this.recipe = recipe;
        this.ruler = ruler;
    }

    /**
     * What a recipe comes to.
     *
     * @param right whether it closes, with every score on its piece and in turn
     * @param kinds how many widths of panels there are
     * @param halves whether there are two widths, one twice the other, or only one
     * @param closed the closed card
     */
    private record Outcome(boolean right, int kinds, boolean halves, Size closed) {}

    private record Candidate(OneNumber change, Outcome then, boolean usual, Length by) {}

    /**
     * The likeliest changes; none when the recipe closes and looks right.
     *
     * @param least by how much a figure must have been off to be doubted
     */
    List<OneNumber> mends(Length least) {
        Outcome now = outcome(recipe);
        boolean right = now != null && now.right;
        if (now != null && right && (now.kinds < 2 || now.halves || isGraduated() || isOutlined())) {
            return List.of();
        }
        Set<Integer> suspects = suspects();
        List<Token> figures = recipe.figures().stream()
                .sorted(Comparator.comparing(figure -> !suspects.contains(figure.start())))
                .limit(MOST_FIGURES)
                .toList();
        List<Length> lengths = lengths(figures);
        List<Candidate> found = new ArrayList<>();
        for (Token figure : figures) {
            Misreadings misreadings = new Misreadings(figure, fine());
            (right ? doubtful(misreadings) : misreadings.usual())
                    .forEach(other -> attempt(now, figure, other, true, found));
        }
        if (found.isEmpty() && !right) {
            for (Token figure : figures) {
                new Misreadings(figure, fine())
                        .all(lengths)
                        .forEach(other -> attempt(now, figure, other, false, found));
            }
        }
        return found.stream()
                .filter(candidate -> !candidate.by.isShorterThan(least))
                .sorted(Comparator.comparingInt((Candidate candidate) -> candidate.then.kinds)
                        .thenComparing(candidate -> !candidate.then.halves)
                        .thenComparing(candidate -> !candidate.usual)
                        .thenComparing(Candidate::by))
                .map(Candidate::change)
                .limit(right ? 1 : MOST_SHOWN)
                .toList();
    }

    /** The recipe with each figure in turn read as each thing it may have been, the likeliest slips first. */
    Stream<Slip> slips() {
        List<Token> figures = recipe.figures().stream().limit(MOST_FIGURES).toList();
        List<List<Length>> slips = figures.stream()
                .map(figure -> isSaidTwice(figure, figures)
                        ? List.copyOf(new Misreadings(figure, fine()).all(lengths(figures)))
                        : new Misreadings(figure, fine()).slips())
                .toList();
        int most = slips.stream().mapToInt(List::size).max().orElse(0);
        List<Reading> readings = new ArrayList<>();
        for (int rank = 0; rank < most; rank++) {
            for (int i = 0; i < figures.size(); i++) {
                if (rank < slips.get(i).size()) {
                    readings.add(new Reading(figures.get(i), slips.get(i).get(rank)));
                }
            }
        }
        return readings.stream().limit(MOST_READINGS).flatMap(reading -> slip(reading.figure, reading.as).stream());
    }

    /** A figure, and what it may have been. */
    private record Reading(Token figure, Length as) {}

    /** Whether the figure before it or behind it is the same: then one of them was meant to be what the others make. */
    private static boolean isSaidTwice(Token figure, List<Token> figures) {
        int at = figures.indexOf(figure);
        return Stream.of(at - 1, at + 1)
                .filter(other -> other >= 0 && other < figures.size())
                .anyMatch(other -> figures.get(other).measure().equals(figure.measure()));
    }

    private static List<Length> lengths(List<Token> figures) {
        return figures.stream()
                .map(Token::measure)
                .distinct()
                .limit(MOST_LENGTHS)
                .toList();
    }

    private Optional<Slip> slip(Token figure, Length other) {
        OneNumber change = change(figure, other);
        if (change == null) {
            return Optional.empty();
        }
        Recipe taken = recipe.taken(recipe.interpretation().misreading(figure, other));
        if (taken.pieces().stream().anyMatch(piece -> !piece.fits() || !piece.outOfTurn.isEmpty())) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Slip(
                    change, by(figure, other, taken), RecipeCard.of(taken).asTold(), taken.finished(), taken.mats()));
        } catch (UnbuildableRecipe unbuildable) {
            return Optional.empty();
        }
    }

    /**
     * By how much a figure was off: by how much longer or shorter it is read, or a piece with it along its scored side
     * where that is less, as when what was the short side becomes the long one.
     */
    private Length by(Token figure, Length other, Recipe taken) {
        Length by = other.minus(figure.measure()).abs();
        int pieces = Math.min(recipe.pieces().size(), taken.pieces().size());
        return IntStream.range(0, pieces)
                .mapToObj(i -> taken.pieces()
                        .get(i)
                        .along()
                        .minus(recipe.pieces().get(i).along())
                        .abs())
                .filter(Length::isPositive)
                .reduce(by, Length::min);
    }

    /** Where scores off their piece or out of turn are written: they are looked at first. */
    private Set<Integer> suspects() {
        return recipe.pieces().stream()
                .flatMap(piece -> Stream.concat(
                        piece.outOfTurn.stream(),
                        piece.scores.stream().filter(score -> !score.at().isShorterThan(piece.along()))))
                .map(WrittenPiece.Score::start)
                .collect(Collectors.toSet());
    }

    /**
     * A recipe of few scores that closes is doubted only over swapped digits: its panels may well be meant to differ.
     */
    private Collection<Length> doubtful(Misreadings misreadings) {
        boolean many = recipe.pieces().stream().anyMatch(piece -> piece.scores.size() > 2);
        return many ? misreadings.usual() : misreadings.swapped();
    }

    private void attempt(@Nullable Outcome now, Token figure, Length other, boolean usual, List<Candidate> found) {
        OneNumber change = folded > MOST_FOLDED || other.equals(figure.length()) || !other.isPositive()
                ? null
                : change(figure, other);
        if (change == null) {
            return;
        }
        Recipe taken = recipe.taken(recipe.interpretation().misreading(figure, other));
        Outcome then = outcome(taken);
        if (then == null) {
            return;
        }
        boolean better = then.right
                && (now == null
                        || !now.right
                        || (then.kinds < now.kinds && (then.halves || then.closed.equals(now.closed))));
        if (better) {
            found.add(new Candidate(change, then, usual, by(figure, other, taken)));
        }
    }

    /** Pieces that would close with their folds named the other way. */
    List<Passage> foldsTheOtherWay() {
        List<Passage> turned = new ArrayList<>();
        for (WrittenPiece piece : recipe.pieces()) {
            if (piece.folds.isEmpty()) {
                continue;
            }
            List<Fold> named = List.copyOf(piece.folds);
            piece.folds.replaceAll(
                    fold -> fold == Fold.VALLEY ? Fold.MOUNTAIN : fold == Fold.MOUNTAIN ? Fold.VALLEY : fold);
            Outcome then = outcome(recipe);
            if (then != null && then.right) {
                String ways = FoldWords.letters(piece.folds);
                Passage told = piece.foldsTold;
                turned.add(new Passage(
                        told == null ? piece.start : told.start(),
                        told == null ? piece.start : told.end(),
                        "Folded the other way, %s, %s closes.".formatted(ways, piece.name),
                        told == null ? null : ways));
            }
            piece.folds.clear();
            piece.folds.addAll(named);
        }
        return turned;
    }

    private Ruler fine() {
        return ruler.isInches() ? Ruler.EIGHTHS : Ruler.MM_1;
    }

    /** Panels that grow or shrink by one step are meant to differ. */
    private boolean isGraduated() {
        return recipe.pieces().stream().anyMatch(piece -> {
            List<Length> widths = PieceDrawing.widths(piece.along(), piece.inOrder());
            List<Length> steps = new ArrayList<>();
            for (int i = 1; i < widths.size(); i++) {
                steps.add(widths.get(i).minus(widths.get(i - 1)));
            }
            return steps.size() > 1
                    && steps.stream().distinct().count() == 1
                    && !steps.get(0).equals(Length.ZERO);
        });
    }

    /** Panels of an outline told corner by corner are of as many widths as it likes. */
    private boolean isOutlined() {
        return recipe.pieces().stream().anyMatch(piece -> !piece.corners.isEmpty());
    }

    private @Nullable Outcome outcome(Recipe read) {
        try {
            folded += 1
                    + read.text().length() / 20
                    + read.pieces().stream()
                            .mapToInt(piece -> Math.max(1, piece.count)
                                    * (piece.folds.isEmpty() ? 3 : 1)
                                    * (1 + piece.scores.size())
                                    * (1 + piece.levels.size()))
                            .sum();
            FreeCard card = RecipeCard.of(read).card();
            Misfit misfit = Misfit.hasty(card, read.finished());
            boolean on = read.pieces().stream()
                    .allMatch(piece -> piece.outOfTurn.isEmpty()
                            && piece.scores.stream()
                                    .allMatch(score -> score.at().isPositive()
                                            && score.at().isShorterThan(piece.along())));
            List<List<Long>> widths =
                    card.assembly().pieces().stream().map(Mending::widths).toList();
            boolean halves = widths.stream()
                    .allMatch(kinds -> kinds.size() < 2 || (kinds.size() == 2 && kinds.get(0) * 2 == kinds.get(1)));
            return new Outcome(
                    misfit.closes() && on, widths.stream().mapToInt(List::size).sum(), halves, misfit.closed());
        } catch (UnbuildableRecipe unbuildable) {
            return null;
        }
    }

    /** The widths of a piece's panels, each once, in hundredths of a millimetre. */
    private static List<Long> widths(Piece piece) {
        return Panels.of(piece).all().stream()
                .map(panel -> Math.round(panel.width().millimetres() * 100))
                .distinct()
                .sorted()
                .toList();
    }

    private @Nullable OneNumber change(Token figure, Length other) {
        String plain = write(other, requireNonNull(figure.unit()));
        if (plain == null) {
            return null;
        }
        String was = recipe.text().substring(figure.start(), figure.figureEnd()).strip();
        boolean inWords = Copies.isInWords(was);
        if (inWords && !SaidFigures.canBeSaid(plain)) {
            return null;
        }
        String now = inWords ? SaidFigures.said(plain) : figure.text().contains(",") ? plain.replace('.', ',') : plain;
        String changed =
                recipe.text().substring(0, figure.start()) + now + recipe.text().substring(figure.figureEnd());
        return new OneNumber(figure.start(), figure.figureEnd(), was, now, changed, "it closes");
    }

    /** As people type it; null when it is finer than anyone writes. */
    private static @Nullable String write(Length length, LengthUnit unit) {
        if (unit == LengthUnit.INCH) {
            Figure figure = Figure.of(length, Ruler.THIRTY_SECONDS);
            return !Ruler.THIRTY_SECONDS.marks(length)
                    ? null
                    : figure.numerator() == 0
                            ? figure.whole()
                            : (figure.whole().equals("0") ? "" : figure.whole() + " ") + figure.numerator() + "/"
                                    + figure.denominator();
        }
        BigDecimal amount = BigDecimal.valueOf(length.units())
                .divide(BigDecimal.valueOf(unit.length().units()), 6, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return amount.scale() > (unit == LengthUnit.CENTIMETRE ? 2 : 1) ? null : amount.toPlainString();
    }
}
