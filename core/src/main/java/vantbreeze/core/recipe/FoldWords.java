package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;

/** Gives the folds that a sentence names to the scores they are meant for. */
record FoldWords(
        List<WrittenPiece> pieces,
        @Nullable WrittenPiece current,
        boolean level,
        List<Assumption> taken,
        String text,
        @Nullable Passage told) {

    void assign(List<Fold> named, boolean alternating, boolean all) {
        if (current == null) {
            return;
        }
        List<Fold> folds = new ArrayList<>(named.isEmpty() ? List.of(Fold.VALLEY) : named);
        boolean suitsNone = !level
                && pieces.size() > 1
                && folds.size() > 1
                && isAlternating(folds)
                && pieces.stream().noneMatch(piece -> piece.scores.size() == folds.size());
        if (suitsNone) {
            pieces.stream()
                    .filter(piece -> piece.folds.isEmpty() && !piece.scores.isEmpty())
                    .forEach(piece -> put(
                            folds.subList(0, Math.min(folds.size(), piece.scores.size())),
                            piece.scores.size(),
                            false,
                            false,
                            piece.folds,
                            piece));
            taken.add(Assumption.plain(
                    Assumption.About.FOLDS,
                    String.format(
                            Locale.ROOT,
                            "%d folds are named, but no piece has as many scores: every piece was folded to and fro "
                                    + "that way.",
                            folds.size())));
            return;
        }
        WrittenPiece piece = meant(folds, alternating || all);
        if (level && piece == current && !piece.levels.isEmpty()) {
            put(folds, piece.levels.size(), alternating, all, piece.levelFolds, piece);
        } else {
            put(folds, piece.scores.size(), alternating, all, piece.folds, piece);
        }
    }

    /**
     * The piece in hand, unless its scores are of another number and an earlier one's, whose folds nobody has named,
     * suit.
     */
    private WrittenPiece meant(List<Fold> folds, boolean anyNumber) {
        WrittenPiece inHand = requireNonNull(current);
        if (anyNumber || (level && folds.size() == inHand.levels.size()) || folds.size() == inHand.scores.size()) {
            return inHand;
        }
        return pieces.stream()
                .filter(piece -> piece.folds.isEmpty() && piece.scores.size() == folds.size())
                .findFirst()
                .orElse(inHand);
    }

    private void put(
            List<Fold> named, int scores, boolean alternating, boolean all, List<Fold> to, WrittenPiece piece) {
        List<Fold> folds = new ArrayList<>(named);
        boolean alternates = alternating || (folds.size() > 1 && isAlternating(folds));
        if (folds.size() < scores && (alternates || all || folds.size() == 1)) {
            if (!alternating && !all && folds.size() > 1) {
                taken.add(wentOn(folds, scores, piece));
            }
            while (folds.size() < scores) {
                Fold last = folds.get(folds.size() - 1);
                folds.add(alternates ? last == Fold.VALLEY ? Fold.MOUNTAIN : Fold.VALLEY : last);
            }
        } else if (folds.size() != scores) {
            taken.add(Assumption.plain(
                    Assumption.About.FOLDS,
                    String.format(
                            Locale.ROOT,
                            "%s has %d scores, but %d folds are named for it.",
                            piece.name,
                            scores,
                            folds.size())));
        }
        piece.foldsTold = to == piece.folds ? told : piece.foldsTold;
        to.clear();
        to.addAll(folds.subList(0, Math.min(scores, folds.size())));
    }

    private Assumption wentOn(List<Fold> folds, int scores, WrittenPiece piece) {
        List<Fold> lastOnes = new ArrayList<>(folds);
        List<Fold> mirrored = new ArrayList<>(folds);
        for (int i = folds.size(); i < scores; i++) {
            lastOnes.add(folds.get(folds.size() - 1));
            mirrored.add(folds.get(Math.max(0, Math.min(folds.size() - 1, scores - 1 - i))));
        }
        return new Assumption(
                Assumption.About.FOLDS,
                String.format(
                        Locale.ROOT,
                        "%s has %d scores and %d folds are named: I went on to and fro.",
                        piece.name,
                        scores,
                        folds.size()),
                Stream.of(mirrored, lastOnes)
                        .map(FoldWords::letters)
                        .distinct()
                        .map(letters -> Rewording.of(
                                "Folded " + letters, text, requireNonNull(told).start(), told.end(), letters))
                        .toList());
    }

    /** As recipes write them: "m v". */
    static String letters(List<Fold> folds) {
        return folds.stream().map(fold -> fold == Fold.MOUNTAIN ? "m" : "v").collect(Collectors.joining(" "));
    }

    private static boolean isAlternating(List<Fold> folds) {
        for (int i = 1; i < folds.size(); i++) {
            if (folds.get(i) == folds.get(i - 1)) {
                return false;
            }
        }
        return true;
    }
}
