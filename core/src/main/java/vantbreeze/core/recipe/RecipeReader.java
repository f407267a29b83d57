package vantbreeze.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.recipe.Draft.Mode;
import vantbreeze.core.recipe.Token.Kind;

/**
 * Reads a recipe sentence by sentence. Every word is either understood or reported; figures mean what the last word
 * that gives figures a meaning says: a size, scores, a slit, a mat.
 */
final class RecipeReader {

    /** Lines whose rest is the maker's own words. */
    private static final Pattern OWN_WORDS =
            Pattern.compile("(?im)^[ \\t]*(?<what>name|notes?|title)[ \\t]*:(?<words>.*)$");

    private final Cursor cursor;
    private final ExactReader exact;
    private final Draft draft;
    private final FigureReader figureReader;
    private final PlaceWords placeWords;
    private final PieceWords pieceWords;
    private boolean sentenceStarts = true;

    private RecipeReader(String text, LengthUnit bare, Set<Integer> flipped) {
        this.draft = new Draft(text, flipped);
        this.cursor = new Cursor(Tokens.of(withoutOwnWords(text), bare, draft.unread));
        this.exact = new ExactReader(cursor);
        this.figureReader = new FigureReader(cursor, exact, draft);
        this.placeWords = new PlaceWords(cursor, draft);
        this.pieceWords = new PieceWords(cursor, draft);
    }

    /** Reads {@code text}; figures without a unit are in {@code bare} unless the text says otherwise. */
    static Recipe read(String text, LengthUnit bare) {
        return read(text, bare, Set.of());
    }

    /**
     * The same.
     *
     * @param flipped pieces, by their number from 0, that are scored along the second side written where nothing says
     *     which
     */
    static Recipe read(String text, LengthUnit bare, Set<Integer> flipped) {
        RecipeReader reader = new RecipeReader(text, bare, flipped);
        reader.all();
        return reader.draft.recipe();
    }

    /** The same text with lines that are the maker's own words blanked, so that places stay. */
    private String withoutOwnWords(String written) {
        Matcher own = OWN_WORDS.matcher(written);
        StringBuilder rest = new StringBuilder(written);
        while (own.find()) {
            String words = own.group("words").strip();
            if (own.group("what").toLowerCase(Locale.ROOT).startsWith("note")) {
                draft.notes.append(words).append('\n');
            } else {
                draft.name = words;
            }
            for (int i = own.start(); i < own.end(); i++) {
                rest.setCharAt(i, ' ');
            }
        }
        return rest.toString();
    }

    private void all() {
        while (cursor.hasNext()) {
            Token token = cursor.peek();
            if (token.is(Kind.STOP)) {
                endSentence();
                cursor.next();
                sentenceStarts = true;
                continue;
            }
            if (sentenceStarts) {
                sentenceStarts = false;
                draft.mode = token.is(Kind.FIGURE) && !figureReader.isAtSize() && draft.mode == Mode.SCORES
                        ? draft.mode
                        : Mode.NONE;
                if (header()) {
                    continue;
                }
            }
            if (!(token.is(Kind.FIGURE) ? figureReader.figure() : token.is(Kind.WORD) ? word() : sign(token))) {
                cursor.next();
                notUnderstood(token);
            }
        }
        endSentence();
    }

    /** A figure without a meaning, or a word like one of ours, may spoil the card; other words are passed over. */
    private void notUnderstood(Token token) {
        if (token.is(Kind.FIGURE)) {
            draft.report(token, "I don't know what this figure is for.");
            return;
        }
        Optional<String> meant = token.is(Kind.WORD) ? Vocabulary.like(token.text()) : Optional.empty();
        if (meant.isPresent()) {
            draft.report(token, "I don't know this word. Is \"%s\" meant?".formatted(meant.get()));
        } else {
            draft.passOver(token);
        }
    }

    /** "Kite strip: 11 x 4": words before a colon and a size name the piece. */
    private boolean header() {
        int words = 0;
        while (cursor.peek(words).is(Kind.WORD)
                || (words > 0 && cursor.peek(words).count() >= 0)) {
            words++;
        }
        if (words == 0
                || words > 6
                || !cursor.peek(words).is(Kind.COLON)
                || known(cursor.peek().text())) {
            return false;
        }
        int behind = words + 1;
        while ((cursor.peek(behind).is(Kind.WORD)
                        && Vocabulary.LITTLE.contains(cursor.peek(behind).text()))
                || (cursor.peek(behind).count() > 0 && cursor.peek(behind + 1).isWord("of"))) {
            behind++;
        }
        if (!cursor.peek(behind).is(Kind.FIGURE) || !cursor.peek(behind + 1).is(Kind.TIMES)) {
            return false;
        }
        draft.pendingName = draft.text
                .substring(cursor.peek().start(), cursor.peek(words - 1).end())
                .strip();
        for (int i = 0; i <= words; i++) {
            cursor.next();
        }
        return true;
    }

    private static boolean known(String word) {
        return Vocabulary.MATS.contains(word)
                || Vocabulary.FINISHED.contains(word)
                || Vocabulary.SCORE.contains(word)
                || Vocabulary.FOLD.contains(word)
                || Vocabulary.SLIT.contains(word)
                || word.equals("glue")
                || word.equals("corners")
                || word.equals("hole")
                || word.equals("cut")
                || word.equals("envelope")
                || word.equals("from");
    }

    // ---- figures

    private boolean word() {
        Token token = cursor.peek();
        String word = token.text();
        draft.isOfCards |= Vocabulary.KEYWORDS.contains(word) || Vocabulary.PIECES.containsKey(word);
        if (Vocabulary.SCORE.contains(word)) {
            draft.endScores();
            draft.mode = Mode.SCORES;
        } else if (Vocabulary.FOLD.contains(word)) {
            startFolds(word);
        } else if (Vocabulary.SLIT.contains(word)) {
            draft.endScores();
            draft.mode = Mode.SLIT;
        } else if (Vocabulary.MATS.contains(word)) {
            draft.endScores();
            draft.mode = Mode.MATS;
        } else if (Vocabulary.FINISHED.contains(word)) {
            draft.mode = Mode.FINISHED;
        } else if (((draft.mode == Mode.FOLDS
                                || draft.mode == Mode.SCORES
                                || word.length() > 1
                                || (draft.current != null && !draft.current.scores.isEmpty()))
                        && Vocabulary.fold(word) != null)
                || word.matches("[mv]{2,}")) {
            folds(word);
        } else if (cursor.isAtSpot()) {
            return figureReader.spots();
        } else {
            return placeWords.placing(word) || exactly(word) || pieceWords.noun(word) || little(word);
        }
        cursor.next();
        return true;
    }

    private void startFolds(String word) {
        Token following = cursor.peek(1).isWord("at", "lines", "it") ? cursor.peek(2) : cursor.peek(1);
        if (following.is(Kind.FIGURE) && cursor.peek(1).isWord("at") && draft.folds.isEmpty()) {
            draft.endScores();
            draft.mode = Mode.SCORES;
            return;
        }
        if (cursor.peek(1).isWord("size") || isSizeAhead()) {
            draft.mode = Mode.FINISHED;
            return;
        }
        draft.endScores();
        draft.mode = Mode.FOLDS;
        draft.alternating |= word.equals("concertina") || word.equals("zigzag") || word.equals("accordion");
    }

    /** "Folded 5 1/2 x 4 1/4" says how large it is. */
    private boolean isSizeAhead() {
        return cursor.peek(1).is(Kind.FIGURE)
                && cursor.peek(2).is(Kind.TIMES)
                && cursor.peek(3).is(Kind.FIGURE);
    }

    private void folds(String word) {
        draft.mode = Mode.FOLDS;
        if (word.matches("[mv]{2,}")) {
            word.chars().forEach(letter -> draft.folds.add(letter == 'm' ? Fold.MOUNTAIN : Fold.VALLEY));
        } else {
            draft.folds.add(Vocabulary.fold(word));
        }
    }

    /** Sentences as the house writes them. */
    private boolean exactly(String word) {
        if (word.equals("corners") || word.equals("hole")) {
            draft.mode = word.equals("hole") ? Mode.HOLE : Mode.CORNERS;
            cursor.next();
            return true;
        }
        if (word.equals("glue") || word.equals("thread")) {
            GlueLine line = exact.glue();
            if (line != null) {
                return draft.glue.add(line);
            }
            return glueEnds();
        }
        if (word.equals("lay")) {
            int[] over = exact.over();
            return over != null ? draft.overs.add(over) : little(word);
        }
        if (word.equals("panel")) {
            int[] stays = exact.open();
            return stays != null && draft.open.add(stays);
        }
        if (word.equals("held") && cursor.peek(1).isWord("turned")) {
            cursor.next();
        }
        if (cursor.peek().isWord("turned")
                && cursor.peek(1).count() >= 0
                && cursor.peek(2).isWord("quarter", "quarters")) {
            draft.quarterTurns = cursor.peek(1).count() % 4;
            for (int i = 0; i < 3; i++) {
                cursor.next();
            }
            return true;
        }
        if (word.equals("moves") && cursor.peek(1).isWord("from")) {
            cursor.next();
            cursor.next();
            draft.base = exact.panel();
            return true;
        }
        return false;
    }

    /** "Glue the ends": a strip's first panel and its last. */
    private boolean glueEnds() {
        int ahead = 1;
        boolean ends = false;
        boolean first = false;
        while (cursor.peek(ahead).is(Kind.WORD)) {
            first |= cursor.peek(ahead).isWord("first");
            ends |= cursor.peek(ahead).isWord("ends")
                    || (first && cursor.peek(ahead).isWord("last"));
            ahead++;
        }
        if (ends && draft.pieces.size() > 1) {
            draft.glue.add(new GlueLine(
                    0,
                    draft.pieces.size(),
                    Side.BACK,
                    0,
                    1,
                    Side.FACE,
                    null,
                    null,
                    0,
                    false,
                    List.of(),
                    cursor.peek().start(),
                    cursor.peek(ahead - 1).end()));
        } else {
            draft.taken.add(
                    "Where glue goes is read only as \"glue its ends\" or by panel numbers; the rest I leave to you.");
        }
        for (int i = 0; i < ahead; i++) {
            cursor.next();
        }
        return true;
    }

    private boolean little(String word) {
        if (draft.mode == Mode.NONE && word.equals("at") && cursor.peek(1).is(Kind.FIGURE) && draft.current != null) {
            // "strip 9 x 2 at 3 and 6"
            draft.mode = Mode.SCORES;
        }
        boolean ordinal = cursor.peek(-1).is(Kind.FIGURE) && word.matches("st|nd|rd|th");
        if (!Vocabulary.LITTLE.contains(word) || ordinal) {
            return false;
        }
        cursor.next();
        return true;
    }

    private boolean sign(Token token) {
        if (token.is(Kind.AND_SO_ON)) {
            draft.group.andSoOn |= draft.mode == Mode.SCORES;
        } else if (!token.is(Kind.COMMA) && !token.is(Kind.COLON) && !"()[]-–—\"“”'‘’°•·|#".contains(token.text())) {
            return false;
        }
        cursor.next();
        return true;
    }

    private void endSentence() {
        draft.endScores();
        for (Token left : draft.slit) {
            draft.report(
                    left,
                    "A slit needs three figures: how far across it is, from where and to where. Write: "
                            + "slit at 3 from 1 to 4.");
        }
        draft.slit.clear();
        if (!draft.folds.isEmpty() || draft.alternating) {
            new FoldWords(draft.pieces, draft.current, draft.lastLevel, draft.taken)
                    .assign(draft.folds, draft.alternating, draft.foldsAll);
        }
        draft.folds.clear();
        draft.alternating = false;
        draft.foldsAll = false;
    }
}
