package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.recipe.Token.Kind;

/** A recipe while something is made of its phrases: what has come of it so far. */
final class Draft {

    private final Phrases phrases;
    private final Interpretation interpretation;

    final List<WrittenPiece> pieces = new ArrayList<>();
    final List<Mat> mats = new ArrayList<>();
    final List<GlueLine> glue = new ArrayList<>();
    final List<int[]> overs = new ArrayList<>();
    final List<int[]> open = new ArrayList<>();
    final Set<Token> figures = new LinkedHashSet<>();
    final List<Passage> unread;
    final List<Passage> passedOver = new ArrayList<>();
    final List<Assumption> taken = new ArrayList<>();

    @Nullable
    Size finished;

    int eighthTurns;
    int @Nullable [] base;

    @Nullable
    WrittenPiece current;

    /** Pieces told last as alike in one side. */
    final List<WrittenPiece> alike = new ArrayList<>();

    /** The scores told last. */
    @Nullable
    ScoreGroup lastScores;

    /** Whether they run along the scored side. */
    boolean lastLevel;

    /** Whether the side named last is not the one that is scored, so that the next scores run the other way. */
    boolean onOtherSide;

    /** Whether figures by themselves go on with them. */
    boolean scoresGoOn;

    /** Whether mats were told last. */
    boolean matsLast;

    Draft(Phrases phrases, Interpretation interpretation) {
        this.phrases = phrases;
        this.interpretation = interpretation;
        this.unread = new ArrayList<>(phrases.unreadable());
    }

    /** The piece that is being written. */
    WrittenPiece piece() {
        return requireNonNull(current);
    }

    /** Goes on with the piece that a phrase names, the last of that name; with the one in hand where it names none. */
    void takeUp(Tree<Token> phrase) {
        for (Token noun : phrase.tokens("NOUN")) {
            String name = Vocabulary.called(noun.text());
            pieces.stream()
                    .filter(piece -> piece.name.equals(name))
                    .reduce((before, last) -> last)
                    .ifPresent(piece -> current = piece);
        }
    }

    boolean isTrial() {
        return interpretation.isTrial();
    }

    String text() {
        return phrases.text();
    }

    Recipe recipe() {
        return new Recipe(
                phrases,
                interpretation,
                pieces,
                mats,
                finished,
                glue,
                overs,
                open,
                eighthTurns,
                base,
                figures,
                unread,
                passedOver,
                taken);
    }

    /** A figure, as it is taken. */
    Token taken(Token figure) {
        Token misread = interpretation.misread();
        return misread != null && misread.start() == figure.start()
                ? figure.of(requireNonNull(interpretation.meant()))
                : figure;
    }

    /** The figures that a phrase says directly or in a part of it, as they are taken; the card hangs on them. */
    List<Token> lengths(Tree<Token> phrase) {
        List<Token> lengths = phrase.tokens("LENGTH").stream().map(this::taken).toList();
        figures.addAll(lengths);
        return lengths;
    }

    Length length(Tree<Token> phrase) {
        return lengths(phrase).get(0).measure();
    }

    /** A new piece. */
    void begin(@Nullable String name, int start, Size size, int count) {
        current = new WrittenPiece(
                name != null ? name : pieces.isEmpty() ? "Card base" : "Piece " + (pieces.size() + 1),
                start,
                interpretation.flipped().contains(pieces.size()));
        current.count = count;
        current.width = size.width();
        current.height = size.height();
        lastScores = null;
        scoresGoOn = false;
        matsLast = false;
        pieces.add(current);
    }

    /** Says of a word or figure that nothing came of it, once. */
    void report(Token token, String words, @Nullable String instead) {
        boolean said = unread.stream().anyMatch(passage -> passage.start() == token.start());
        if (!said) {
            unread.add(new Passage(token.start(), token.end(), words, instead));
        }
    }

    /** Says of all figures of a phrase that nothing came of them. */
    void report(Tree<Token> phrase) {
        phrase.leaves().stream()
                .map(leaf -> leaf.token())
                .filter(token -> token.is(Kind.FIGURE))
                .forEach(token -> report(token, "I don't know what this figure is for.", ""));
    }

    /** A word that means nothing to the card; with those beside it, one passage. */
    void passOver(Token token) {
        int last = passedOver.size() - 1;
        boolean goesOn = last >= 0
                && text().substring(passedOver.get(last).end(), token.start()).matches("[\\p{Zs}\\t,’'-]*");
        int start = goesOn ? passedOver.remove(last).start() : token.start();
        passedOver.add(new Passage(start, token.end(), ""));
    }
}
