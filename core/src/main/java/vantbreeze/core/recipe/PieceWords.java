package vantbreeze.core.recipe;

import java.util.Optional;
import vantbreeze.core.paper.Size;
import vantbreeze.core.recipe.Draft.Mode;
import vantbreeze.core.recipe.Token.Kind;

/** Nouns: what a piece is called, and sheets that pieces are, or are cut from. */
record PieceWords(Cursor cursor, Draft draft) {

    private static final String CHOSEN_ON_THE_BENCH =
            "Envelope and sheet are not taken from a recipe: choose them on the bench.";

    /** Whether a noun stands here of which something came. */
    boolean noun(String word) {
        if (Vocabulary.PIECES.containsKey(word)) {
            // "card base" is one noun
            draft.pendingName = Vocabulary.PIECES.get(word);
            cursor.next();
            return true;
        }
        if (word.equals("envelope")) {
            draft.mode = Mode.STOCK;
            draft.taken.add(CHOSEN_ON_THE_BENCH);
            cursor.next();
            return true;
        }
        Optional<Size> sheet = SheetName.find(word);
        if (sheet.isPresent() || word.matches("a\\d|c\\d|dl")) {
            if (sheet.isPresent() && draft.mode == Mode.NONE && !isSizeInSentence()) {
                beginSheet(sheet.get());
            } else {
                draft.taken.add(CHOSEN_ON_THE_BENCH);
            }
            cursor.next();
            return true;
        }
        return false;
    }

    /** Whether a size is told in the sentence that stands here: then a sheet in it is only what that is cut from. */
    private boolean isSizeInSentence() {
        for (int way : new int[] {-1, 1}) {
            for (int i = way; !cursor.peek(i).is(Kind.STOP); i += way) {
                if (cursor.peek(i).is(Kind.TIMES)
                        && cursor.peek(i - 1).is(Kind.FIGURE)
                        && cursor.peek(i + 1).is(Kind.FIGURE)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** "A sheet of A4", "half a sheet of Letter", "a quarter of an A4". */
    private void beginSheet(Size sheet) {
        Size size = sheet;
        for (int i = -1; i > -7 && !cursor.peek(i).is(Kind.STOP); i--) {
            if (cursor.peek(i).isWord("half")) {
                size = new Size(sheet.height(), sheet.width().dividedBy(2));
            } else if (cursor.peek(i).isWord("quarter")) {
                size = new Size(sheet.width().dividedBy(2), sheet.height().dividedBy(2));
            }
        }
        draft.begin(cursor.peek().start());
        draft.piece().width = size.width();
        draft.piece().height = size.height();
    }
}
