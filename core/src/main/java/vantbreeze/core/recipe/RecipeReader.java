package vantbreeze.core.recipe;

import java.util.Optional;
import java.util.Set;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.recipe.Phrases.Sentence;
import vantbreeze.core.recipe.Token.Kind;

/** Makes a recipe of its phrases, one after another. Every word is of a phrase, of no weight, or reported. */
final class RecipeReader {

    /** Behind these can be told which way the lines of the piece in hand fold. */
    private static final Set<String> OF_LINES =
            Set.of("row", "scores", "parts", "every", "list", "repeat", "same", "scored-side");

    private final Draft draft;
    private final PieceMeaning pieces;
    private final ScoreMeaning scores;
    private final FoldMeaning folds;
    private final LineMeaning lines;
    private final GlueMeaning glue;

    private RecipeReader(Draft draft) {
        this.draft = draft;
        this.pieces = new PieceMeaning(draft);
        this.scores = new ScoreMeaning(draft);
        this.folds = new FoldMeaning(draft);
        this.lines = new LineMeaning(draft);
        this.glue = new GlueMeaning(draft);
    }

    /** What {@code phrases} come to, with what they leave open taken one way. */
    static Recipe read(Phrases phrases, Interpretation interpretation) {
        RecipeReader reader = new RecipeReader(new Draft(phrases, interpretation));
        phrases.sentences().forEach(reader::sentence);
        reader.draft.pieces.forEach(WrittenPiece::takeFoldsOfScores);
        interpretation.copies().forEach((piece, count) -> reader.draft.pieces.get(piece).count = count);
        return reader.draft.recipe();
    }

    private void sentence(Sentence sentence) {
        boolean tellsSize = sentence.phrases().stream()
                .anyMatch(phrase -> phrase.has("piece") || phrase.has("alike") || phrase.has("row"));
        for (Tree<Token> phrase : sentence.phrases()) {
            Tree<Token> what = (Tree<Token>) phrase.parts().get(0);
            if (!isRead(what, tellsSize)) {
                draft.report(what);
            } else if (draft.current != null && OF_LINES.contains(what.rule())) {
                draft.current.end =
                        what.leaves().get(what.leaves().size() - 1).token().end();
            }
        }
        if (!draft.isTrial()) {
            sentence.leftOver().forEach(this::notUnderstood);
        }
    }

    /** Whether anything came of a phrase. */
    private boolean isRead(Tree<Token> phrase, boolean tellsSize) {
        return switch (phrase.rule()) {
            case "piece" -> pieces.piece(phrase);
            case "sheet" -> pieces.sheet(phrase, tellsSize);
            case "circle" -> pieces.circle(phrase);
            case "round" -> lines.round(phrase);
            case "alike" -> pieces.alike(phrase);
            case "row" -> pieces.row(phrase, scores);
            case "mats" -> pieces.mats(phrase);
            case "laid-mat" -> pieces.laidMat(phrase, GlueMeaning.panelOf(phrase));
            case "spread" -> pieces.spread(phrase);
            case "copies" -> pieces.copies(phrase);
            case "finished" -> pieces.finished(phrase);
            case "stock" -> pieces.stock();
            case "scores" -> scores.scores(phrase);
            case "parts" -> scores.parts(phrase) && finishedToo(phrase);
            case "every" -> scores.every(phrase);
            case "list" -> scores.list(phrase);
            case "scored-side" -> scores.side(phrase);
            case "level" -> true;
            case "repeat" -> scores.repeat(phrase);
            case "same" -> scores.same(phrase);
            case "folds" -> folds.folds(phrase);
            case "alternating" -> folds.alternating(phrase);
            case "turns" -> folds.turns(phrase);
            case "slits" -> lines.slits(phrase);
            case "part-scores" -> lines.partScores(phrase);
            case "line" -> lines.line(phrase);
            case "diagonals" -> lines.diagonals(phrase);
            case "corners" -> lines.corners(phrase);
            case "hole" -> lines.hole(phrase);
            default -> glue.isRead(phrase);
        };
    }

    /** "Fold in half to 5 x 5". */
    private boolean finishedToo(Tree<Token> phrase) {
        return phrase.find("size").isEmpty() || pieces.finished(phrase);
    }

    /** A figure without a meaning, or a word like one of ours, may spoil the card; other words are passed over. */
    private void notUnderstood(Token token) {
        RecipeGrammar grammar = RecipeGrammar.only();
        if (token.is(Kind.FIGURE)) {
            draft.report(token, "I don't know what this figure is for.", "");
        } else if (token.is(Kind.WORD) && grammar.isStrange(token)) {
            Optional<String> meant = Vocabulary.like(token.text());
            if (meant.isPresent()) {
                draft.report(token, "I don't know this word. Is \"%s\" meant?".formatted(meant.get()), meant.get());
            } else {
                draft.passOver(token);
            }
        } else if (token.is(Kind.SIGN) && !"()[]-–—\"“”'‘’°•·|#@".contains(token.text())) {
            draft.passOver(token);
        }
    }
}
