package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.grammar.Leaf;
import vantbreeze.core.grammar.Tree;

/** Which way scores fold. */
record FoldMeaning(Draft draft) {

    /** The ways that a phrase names, in order; "mvm" names three. */
    static List<Fold> ways(Tree<Token> phrase) {
        List<Fold> ways = new ArrayList<>();
        for (Leaf<Token> leaf : phrase.leaves()) {
            switch (leaf.as()) {
                case "MOUNTAIN" -> ways.add(Fold.MOUNTAIN);
                case "VALLEY" -> ways.add(Fold.VALLEY);
                case "WAYS" ->
                    leaf.token()
                            .text()
                            .chars()
                            .forEach(letter -> ways.add(letter == 'm' ? Fold.MOUNTAIN : Fold.VALLEY));
                default -> {
                    // no way
                }
            }
        }
        return ways;
    }

    boolean folds(Tree<Token> phrase) {
        List<Fold> ways = ways(phrase);
        if (!ways.isEmpty()) {
            draft.takeUp(phrase);
            assign(ways, false, phrase.has("ALL"), phrase);
        }
        return true;
    }

    boolean alternating(Tree<Token> phrase) {
        draft.takeUp(phrase);
        assign(List.of(), true, false, phrase);
        return true;
    }

    /** "The first one back, the other towards you": taken only where as many are told as there are scores. */
    boolean turns(Tree<Token> phrase) {
        List<Fold> turns = new ArrayList<>();
        for (Leaf<Token> leaf : phrase.leaves()) {
            if (leaf.as().equals("BACKWARDS") || leaf.as().equals("FORWARDS")) {
                turns.add(leaf.as().equals("BACKWARDS") ? Fold.MOUNTAIN : Fold.VALLEY);
            }
        }
        WrittenPiece piece = draft.current;
        if (piece != null && turns.size() > 1 && turns.size() == piece.scores.size()) {
            assign(turns, false, false, phrase);
        }
        return true;
    }

    private void assign(List<Fold> named, boolean alternating, boolean all, Tree<Token> phrase) {
        List<Token> ways = phrase.leaves().stream()
                .filter(leaf -> Set.of("MOUNTAIN", "VALLEY", "WAYS").contains(leaf.as()))
                .map(Leaf::token)
                .toList();
        Passage told = ways.isEmpty()
                ? null
                : new Passage(ways.get(0).start(), ways.get(ways.size() - 1).end(), "");
        new FoldWords(draft.pieces, draft.current, draft.lastLevel, draft.taken, draft.text(), told)
                .assign(named, alternating, all);
    }
}
