package vantbreeze.core.layer;

import java.util.List;
import vantbreeze.core.fold.Face;
import vantbreeze.core.length.Length;

/** What is amiss with a layer. */
public sealed interface Trouble {

    /** A border leaves nothing of the panel, or of the layer beneath. */
    record Eaten(Face face, int level, Length border) implements Trouble {}

    /** A layer reaches over a fold. */
    record OverFold(Face face, int level) implements Trouble {}

    /** A layer reaches over the panel's edge, where nothing holds it. */
    record OverEdge(Face face, int level, Length by) implements Trouble {}

    /** A layer lies where glue goes, or on a tab. */
    record OnGlue(Face face, int level) implements Trouble {}

    /** A layer lies where something slides. */
    record InTheWay(Face face, int level) implements Trouble {}

    /** Nothing of the face can be dressed: it is glued over, or bends. */
    record NoGround(Face face, boolean glued) implements Trouble {}

    /** The panel is not there any more. What lay on it is kept aside. */
    record Aside(Dressed dressed) implements Trouble {}

    /** One paper was to run across panels that lie side by side in no pose. */
    record Apart(List<Face> faces) implements Trouble {}

    /** The paper is not in the cupboard any more; white card stands in for it. */
    record NoPaper(Face face, String paper) implements Trouble {}
}
