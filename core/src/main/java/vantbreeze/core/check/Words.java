package vantbreeze.core.check;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Amount;
import vantbreeze.core.structure.Parameter;

/** Findings' words and mends for one plan: figures on its ruler, measures by their labels. */
public record Words(CheckedCard card) {

    public String write(Length length) {
        return Figure.of(length, card.ruler()).inWords();
    }

    /** A thickness or a gap that was computed, in steps that can be measured. */
    public String estimate(double millimetres) {
        return Figure.estimate(millimetres, card.ruler()).inWords();
    }

    /** A width and a height. */
    public String size(Length width, Length height) {
        return Figure.of(width, card.ruler()).by(Figure.of(height, card.ruler()));
    }

    /** What is enough, or must be taken away: on the mark above. */
    public String least(Length length) {
        return write(card.ruler().above(length).length());
    }

    /** What is allowed, in steps that can be measured, rounded down. */
    public String most(Length length) {
        return Figure.atMost(length.millimetres(), card.ruler()).inWords();
    }

    /** An amount as what it says decides. */
    String write(Amount amount) {
        return switch (amount.role()) {
            case MEASURE -> write(amount.length());
            case DIFFERENCE -> estimate(amount.length());
            case LEAST -> least(amount.length());
        };
    }

    /** By how much something is out. */
    public String estimate(Length length) {
        return estimate(length.abs().millimetres());
    }

    public String label(String parameter) {
        return card.structure().parameter(parameter).map(Parameter::label).orElse(parameter);
    }

    private String inSentence(String parameter) {
        return card.structure().parameter(parameter).map(Parameter::inSentence).orElse(parameter);
    }

    /** Makes a measure as long as the mark at or below {@code length}. */
    public @Nullable Mend atMost(String parameter, Length length) {
        return to(parameter, card.ruler().below(length).length());
    }

    /** Makes a measure as long as the mark at or above {@code length}. */
    public @Nullable Mend atLeast(String parameter, Length length) {
        return to(parameter, card.ruler().above(length).length());
    }

    /** Null when it can't be with the other measures: a mend that is refused is none. */
    private @Nullable Mend to(String parameter, Length length) {
        return card.changing(parameter, length).isPresent()
                ? Mend.to(parameter, length, "Make %s %s".formatted(inSentence(parameter), write(length)))
                : null;
    }

    /** Names one after the other: "Tier 1, Tier 2 and Tier 3". */
    public static String list(List<String> names) {
        int last = names.size() - 1;
        return last < 1 ? names.get(0) : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    public String name(int panel) {
        return card.form().graph().name(panel);
    }

    /** What a piece is called: where the card is one piece, the card. */
    public String piece(Piece piece) {
        return card.pieces().size() == 1 ? "the card" : piece.name();
    }

    /** The same at the beginning of a sentence. */
    public String pieceFirst(Piece piece) {
        return card.pieces().size() == 1 ? "The card" : piece.name();
    }

    /** Some panels; of a piece of which there are several, the piece. */
    public String parts(List<Integer> panels) {
        FoldGraph graph = card.form().graph();
        List<String> names = panels.stream()
                .map(panel -> panels.stream()
                                        .filter(other -> graph.pieceOf()
                                                .get(other)
                                                .equals(graph.pieceOf().get(panel)))
                                        .count()
                                > 1
                        ? graph.pieceName(panel).inWords()
                        : name(panel))
                .distinct()
                .toList();
        return list(names);
    }
}
