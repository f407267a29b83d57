package vantbreeze.core.recipe;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.grammar.Node;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** What is to be cut: pieces, mats, and how many of them. */
record PieceMeaning(Draft draft) {

    private static final Assumption CHOSEN_ON_THE_BENCH = Assumption.plain(
            Assumption.About.STOCK, "Envelope and sheet are not taken from a recipe: choose them on the bench.");

    boolean piece(Tree<Token> phrase) {
        Tree<Token> size = phrase.find("size").orElseThrow();
        draft.begin(name(phrase), start(phrase), size(size), count(phrase));
        counted(phrase);
        if (phrase.has("SHEET")) {
            draft.taken.add(CHOSEN_ON_THE_BENCH);
        }
        return true;
    }

    /** "A disc, 2 in across". */
    boolean circle(Tree<Token> phrase) {
        Token across = draft.lengths(phrase).get(0);
        draft.begin(name(phrase), across.start(), new Size(across.measure(), across.measure()), count(phrase));
        counted(phrase);
        draft.piece().isRound = true;
        return true;
    }

    /** Remembers what says how many are cut, and where it could be said. */
    private void counted(Tree<Token> phrase) {
        draft.piece().counted = phrase.tokens("COUNT").stream().findFirst().orElse(null);
        draft.piece().sizeEnd = end(phrase);
    }

    private static int end(Tree<Token> phrase) {
        return phrase.leaves().get(phrase.leaves().size() - 1).token().end();
    }

    private static int start(Tree<Token> phrase) {
        return phrase.leaves().get(0).token().start();
    }

    /** As the maker calls it, else the last noun: "card base" is one. */
    private @Nullable String name(Tree<Token> phrase) {
        List<Token> names = phrase.tokens("NAME");
        if (!names.isEmpty()) {
            return names.get(0).text();
        }
        List<Token> nouns = phrase.tokens("NOUN");
        return nouns.isEmpty()
                ? null
                : Vocabulary.called(nouns.get(nouns.size() - 1).text());
    }

    /** How many are told before a size or behind it; one where none is. */
    private static int count(Tree<Token> phrase) {
        return phrase.tokens("COUNT").stream().findFirst().map(Token::count).orElse(1);
    }

    /** The two figures of a size on which the card hangs, the width first. */
    private Size size(Tree<Token> size) {
        return size(size, draft.lengths(size));
    }

    private static Size size(Tree<Token> size, List<Token> lengths) {
        Length one = lengths.get(0).measure();
        Length other = lengths.get(lengths.size() - 1).measure();
        return isHeightFirst(size) ? new Size(other, one) : new Size(one, other);
    }

    /** "4 1/4 high, 11 long". */
    private static boolean isHeightFirst(Tree<Token> size) {
        return size.leaves().size() > 1 && size.leaves().get(1).as().equals("HIGH");
    }

    /** "A sheet of A4", "half a sheet of Letter"; where a size is told beside it, it is only what that is cut from. */
    boolean sheet(Tree<Token> phrase, boolean tellsSize) {
        Optional<Size> sheet = SheetName.find(phrase.tokens("SHEET").get(0).text());
        if (tellsSize || sheet.isEmpty()) {
            return stock();
        }
        Size size = sheet.get();
        if (phrase.has("half")) {
            size = new Size(size.height(), size.width().dividedBy(2));
        } else if (phrase.has("quarter")) {
            size = new Size(size.width().dividedBy(2), size.height().dividedBy(2));
        }
        draft.begin(name(phrase), start(phrase), size, 1);
        draft.piece().sizeEnd = end(phrase);
        return true;
    }

    /** "All of them 16 wide: 9, 6.5 and 4 high". */
    boolean alike(Tree<Token> phrase) {
        List<Token> lengths = draft.lengths(phrase);
        boolean widthFirst = phrase.leaves().stream()
                .filter(leaf -> leaf.as().equals("WIDE") || leaf.as().equals("HIGH"))
                .findFirst()
                .orElseThrow()
                .as()
                .equals("WIDE");
        Token width = widthFirst ? lengths.get(0) : lengths.get(lengths.size() - 1);
        List<Token> heights = widthFirst ? lengths.subList(1, lengths.size()) : lengths.subList(0, lengths.size() - 1);
        String name = name(phrase);
        draft.alike.clear();
        for (int i = 0; i < heights.size(); i++) {
            draft.begin(
                    name == null ? null : name + " " + (i + 1),
                    heights.get(i).start(),
                    new Size(width.measure(), heights.get(i).measure()),
                    1);
            draft.alike.add(draft.piece());
        }
        return true;
    }

    /** A row of a table. */
    boolean row(Tree<Token> phrase, ScoreMeaning scores) {
        List<Token> sides = phrase.leaves().stream()
                .filter(leaf -> leaf.as().equals("LENGTH"))
                .map(leaf -> draft.taken(leaf.token()))
                .limit(2)
                .toList();
        draft.figures.addAll(sides);
        draft.begin(
                name(phrase),
                start(phrase),
                new Size(sides.get(0).measure(), sides.get(1).measure()),
                count(phrase));
        draft.piece().counted = phrase.tokens("COUNT").stream().findFirst().orElse(null);
        if (phrase.find("place").isPresent()) {
            scores.row(phrase.all("place"));
            new FoldMeaning(draft).folds(phrase);
        }
        return true;
    }

    /** Mats, each for the place behind it, else for the one that all are told for. */
    boolean mats(Tree<Token> phrase) {
        List<Tree<Token>> mats = phrase.all("placed-mat");
        List<String> all = mats.isEmpty() ? places(phrase) : places(phrase.parts());
        (mats.isEmpty() ? List.of(phrase) : mats).forEach(mat -> mat(mat, all));
        draft.matsLast = true;
        return true;
    }

    private void mat(Tree<Token> mat, List<String> all) {
        List<String> own = places(mat);
        List<Token> lengths = mat.tokens("LENGTH");
        draft.mats.add(new Mat(
                size(mat.find("size").orElseThrow()),
                count(mat),
                lengths.get(0).start(),
                lengths.get(lengths.size() - 1).end(),
                own.isEmpty() ? all : own,
                null));
    }

    /** A mat with the panel that it lies on. */
    boolean laidMat(Tree<Token> phrase, Mat.On on) {
        mat(phrase.find("mat").orElseThrow(), List.of());
        Mat last = draft.mats.remove(draft.mats.size() - 1);
        return draft.mats.add(new Mat(last.size(), last.count(), last.start(), last.end(), List.of(), on));
    }

    private static List<String> places(Tree<Token> phrase) {
        return phrase.tokens("PLACE").stream().map(Token::text).toList();
    }

    /** What a phrase says before its mats. */
    private static List<String> places(List<Node<Token>> parts) {
        return parts.stream()
                .flatMap(part -> part instanceof Tree<Token> tree && tree.rule().equals("for-place")
                        ? places(tree).stream()
                        : Stream.of())
                .toList();
    }

    /** "Four of these for the sides, two for the inside". */
    boolean spread(Tree<Token> phrase) {
        if (draft.mats.isEmpty()) {
            return false;
        }
        int count = phrase.tokens("COUNT").stream().mapToInt(Token::count).sum();
        Mat mat = draft.mats.remove(draft.mats.size() - 1);
        draft.mats.add(new Mat(mat.size(), count, mat.start(), mat.end(), places(phrase), null));
        return true;
    }

    /** A count behind what it counts: the mat, or the piece. */
    boolean copies(Tree<Token> phrase) {
        int count = count(phrase);
        if (draft.matsLast) {
            Mat mat = draft.mats.remove(draft.mats.size() - 1);
            draft.mats.add(new Mat(mat.size(), count, mat.start(), mat.end(), mat.places(), mat.on()));
        } else if (draft.current != null) {
            draft.current.count = count;
            draft.current.counted = phrase.tokens("COUNT").stream().findFirst().orElse(null);
        } else {
            return false;
        }
        return true;
    }

    boolean finished(Tree<Token> phrase) {
        Tree<Token> size = phrase.find("size").orElseThrow();
        draft.finished =
                size(size, size.tokens("LENGTH").stream().map(draft::taken).toList());
        return true;
    }

    boolean stock() {
        draft.taken.add(CHOSEN_ON_THE_BENCH);
        return true;
    }
}
