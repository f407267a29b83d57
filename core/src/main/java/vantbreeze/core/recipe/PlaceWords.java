package vantbreeze.core.recipe;

import vantbreeze.core.recipe.Draft.Mode;
import vantbreeze.core.recipe.Token.Kind;

/** Words that say along which side figures are measured, from which end, and in how many parts. */
record PlaceWords(Cursor cursor, Draft draft) {

    /** Words that say where the figures beside them are measured. */
    boolean placing(String word) {
        boolean ends = cursor.peek(1).isWord("end", "ends", "side", "sides", "edge", "edges");
        boolean scores = draft.mode == Mode.SCORES || draft.mode == Mode.SLIT;
        if (scores && ends && cursor.peek().isWord("both", "each", "either")) {
            draft.group.fromBoth = true;
            cursor.next();
        } else if (scores && cursor.peek().isWord("right")) {
            draft.group.fromFarEnd = true;
        } else if (ends && cursor.peek().isWord("long", "longer", "short", "shorter")) {
            alongSide(word.startsWith("long"));
            cursor.next();
        } else if (scores && cursor.peek().isWord("across", "level", "horizontally", "crosswise")) {
            draft.group.level = true;
        } else if (scores && cursor.peek().isWord("upright", "vertically", "aslant")) {
            draft.group.level = false;
        } else if (draft.mode == Mode.SCORES
                && cursor.peek().isWord("every")
                && cursor.peek(1).is(Kind.FIGURE)
                && cursor.peek(1).length() != null) {
            cursor.next();
            draft.group.every = cursor.peek();
            draft.figures.add(cursor.peek());
        } else if (Vocabulary.PARTS.containsKey(word)
                && (scores || draft.mode == Mode.FOLDS)
                && draft.current != null) {
            if (!draft.group.isEmpty()) {
                draft.endScores();
            }
            boolean already = draft.mode == Mode.FOLDS && !draft.current.scores.isEmpty();
            draft.group.parts = already ? 0 : Vocabulary.PARTS.get(word);
        } else if (cursor.peek().isWord("repeat", "same") && isOtherEndAhead()) {
            draft.repeatFromOtherEnd();
            draft.mode = Mode.SCORES;
        } else if (scores && cursor.peek().isWord("last") && !draft.group.isEmpty()) {
            draft.group.fromLast();
        } else if (cursor.peek().isWord("alternating", "alternately", "alternate")) {
            draft.alternating = true;
        } else if (draft.mode == Mode.FOLDS && cursor.peek().isWord("all", "both", "every")) {
            draft.foldsAll = true;
        } else {
            return false;
        }
        cursor.next();
        return true;
    }

    /** The first side named is the one that is scored; scores on another then run the other way. */
    private void alongSide(boolean longOne) {
        WrittenPiece piece = draft.current;
        if (piece == null) {
            return;
        }
        if (piece.scores.isEmpty()) {
            piece.alongLong = longOne;
        } else if (piece.isMeasured()) {
            draft.group.level = longOne != piece.along().isLongerThan(piece.across());
        }
    }

    /** "Repeat on the other side", "the same from the opposite end". */
    private boolean isOtherEndAhead() {
        for (int i = 1; i < 7 && !cursor.peek(i).is(Kind.STOP); i++) {
            if (cursor.peek(i).isWord("other", "opposite", "right", "far")
                    && cursor.peek(i + 1).isWord("side", "end", "edge")) {
                return true;
            }
        }
        return false;
    }
}
