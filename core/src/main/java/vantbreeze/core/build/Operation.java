package vantbreeze.core.build;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.JoinId;

/** Something done while pieces that are cut, scored and folded become a card. */
public sealed interface Operation {

    /** All layers of a face are laid. */
    record Dress(Face face) implements Operation {}

    /** A join is glued. */
    record Glue(JoinId join) implements Operation {}

    /**
     * Pencil marks on a face are rubbed out.
     *
     * @param spots round each of them, on the panel's sheet
     */
    record RubOut(Face face, List<Polygon> spots) implements Operation {
        public RubOut {
            spots = List.copyOf(spots);
        }
    }

    /** A piece is threaded through a slit or a hole of another. */
    record PassThrough(JoinId join) implements Operation {}
}
