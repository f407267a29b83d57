package vantbreeze.core.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.grammar.Tree;

/** What is glued where, what lies over what, what stays open: panels and pieces by number, or a strip's ends. */
record GlueMeaning(Draft draft) {

    /** Whether anything came of a phrase about these. */
    boolean isRead(Tree<Token> phrase) {
        switch (phrase.rule()) {
            case "glue-line" -> draft.glue.add(line(phrase));
            case "glue-ends" -> ends(phrase);
            case "glue" -> unsaid();
            case "over" -> {
                List<int[]> panels = panels(phrase);
                draft.overs.add(new int[] {panels.get(0)[1], panels.get(0)[0], panels.get(1)[1], panels.get(1)[0]});
            }
            case "open" -> {
                List<int[]> panels = panels(phrase);
                draft.open.add(new int[] {panels.get(1)[1], panels.get(0)[0], panels.get(1)[0]});
            }
            case "turned" -> {
                int count = phrase.tokens("NUMBER").get(0).count();
                draft.eighthTurns = (phrase.has("eighths") ? count : 2 * count) % 8;
            }
            case "moves" -> draft.base = panels(phrase).get(0);
            default -> throw new IllegalStateException("Nobody reads " + phrase.rule());
        }
        return true;
    }

    private GlueLine line(Tree<Token> phrase) {
        List<int[]> panels = panels(phrase);
        LineMeaning lines = new LineMeaning(draft);
        return new GlueLine(
                panels.get(0)[0],
                panels.get(0)[1],
                side(phrase, "glued-side", Side.BACK),
                panels.get(1)[0],
                panels.get(1)[1],
                side(phrase, "on-side", Side.FACE),
                spot(phrase, "glue-at", lines),
                spot(phrase, "glue-from", lines),
                phrase.tokens("DEGREES").stream()
                        .findFirst()
                        .map(Token::degrees)
                        .orElse(0.0),
                phrase.has("thread"),
                phrase.find("glue-within").map(lines::spots).orElse(List.of()),
                phrase.leaves().get(0).token().start(),
                phrase.leaves().get(phrase.leaves().size() - 1).token().end());
    }

    private static @Nullable Spot spot(Tree<Token> phrase, String rule, LineMeaning lines) {
        return phrase.find(rule).map(found -> lines.spots(found).get(0)).orElse(null);
    }

    private static Side side(Tree<Token> phrase, String rule, Side usual) {
        return phrase.find(rule)
                .map(side -> side.has("back") ? Side.BACK : Side.FACE)
                .orElse(usual);
    }

    /** The side of the panel that a phrase names. */
    static Mat.On panelOf(Tree<Token> phrase) {
        int[] panel = panels(phrase).get(0);
        return new Mat.On(panel[0] - 1, panel[1] - 1, side(phrase, "on-side", Side.FACE));
    }

    /** Panels that a phrase names, each with its piece, from 1; of the first piece where none is named. */
    private static List<int[]> panels(Tree<Token> phrase) {
        return phrase.all("panel").stream()
                .map(panel -> {
                    List<Token> numbers = panel.tokens("NUMBER");
                    return new int[] {
                        numbers.get(0).count(),
                        numbers.size() > 1 ? numbers.get(1).count() : 1
                    };
                })
                .toList();
    }

    /** "Glue the ends": the first panel and the last of the piece told last. */
    private void ends(Tree<Token> phrase) {
        if (draft.pieces.size() < 2) {
            unsaid();
            return;
        }
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
                phrase.leaves().get(0).token().start(),
                phrase.leaves().get(phrase.leaves().size() - 1).token().end()));
    }

    private void unsaid() {
        draft.taken.add(Assumption.plain(
                Assumption.About.GLUE,
                "Where glue goes is read only as \"glue its ends\" or by panel numbers; the rest I leave to you."));
    }
}
