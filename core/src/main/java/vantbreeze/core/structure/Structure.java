package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** A way to build a card: what can be chosen about it, and the pieces that come of a choice. */
public interface Structure {

    /** How plans name it. */
    String id();

    /** What the maker calls it. */
    String name();

    /** What it does, in a sentence. */
    String description();

    /** What can be chosen, in the order in which it is asked. */
    List<Parameter> parameters();

    /** How far {@code parameter} can go while the rest of {@code measures} stay. */
    Limits limits(String parameter, Measures measures);

    /** {@code before} with one measure changed, and with it those that keep a proportion to it. */
    default Measures changed(Measures before, String parameter, Length length) {
        return before.with(parameter, length);
    }

    /** The pieces to cut. */
    List<Piece> pieces(Measures measures);

    /** The usual proportions for a card that measures {@code finished} when closed. */
    Measures proportioned(Size finished);

    /** A finished width is a whole number of these, so that no panel needs a finer ruler than its division. */
    Length widthStep(Length division);
}
