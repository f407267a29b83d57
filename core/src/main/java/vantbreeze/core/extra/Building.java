package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** The piece that an extra is, and how it is glued on. */
final class Building {

    private final Fitted at;
    private final Body body;
    private final boolean reversed;

    private Building(Fitted at) {
        this.at = at;
        this.reversed = isReversed(at);
        Body asBuilt = at.kind().body(at);
        this.body = reversed ? reversed(asBuilt) : asBuilt;
    }

    /** {@code before} with it set on. */
    static Assembly on(Assembly before, Fitted at) {
        Building building = new Building(at);
        List<Piece> pieces = new ArrayList<>(before.pieces());
        List<Join> joins = new ArrayList<>(before.joins());
        building.body
                .glues()
                .forEach(glue -> joins.add(building.join(glue, before.pieces().size())));
        pieces.add(building.piece());
        return new Assembly(pieces, joins, before.overs(), before.eighthTurns(), before.base());
    }

    /** Angles that its kind tells from the first face on, in the order of its scores from the left. */
    static double[] ordered(Fitted at, double[] degrees) {
        double[] ordered = degrees.clone();
        if (isReversed(at)) {
            for (int i = 0; i < degrees.length; i++) {
                ordered[i] = degrees[degrees.length - 1 - i];
            }
        }
        return ordered;
    }

    /** Whether it runs from the right to the left, or down. */
    private static boolean isReversed(Fitted at) {
        return at.fold() != null && !at.fold().first();
    }

    private static Body reversed(Body body) {
        List<Body.Part> parts = new ArrayList<>();
        int last = body.parts().size() - 1;
        for (int i = last; i >= 0; i--) {
            Body.Part part = body.parts().get(i);
            parts.add(new Body.Part(
                    part.name(),
                    part.width(),
                    body.parts().get(Math.min(i + 1, last)).fold()));
        }
        List<Body.Glue> glues = new ArrayList<>();
        for (Body.Glue glue : body.glues()) {
            glues.add(new Body.Glue(
                    last - glue.part(),
                    !glue.atStart(),
                    glue.side(),
                    glue.on(),
                    glue.at(),
                    glue.aside(),
                    glue.only(),
                    glue.foam()));
        }
        Collections.reverse(glues);
        return new Body(parts, body.breadth(), glues, body.upright(), body.shape());
    }

    private Piece piece() {
        if (body.shape() != DieShape.RECTANGLE) {
            return cutOut(body.parts().get(0));
        }

        Strip strip = Strip.ofHeight(at.extra().name(), body.breadth());
        for (int i = 0; i < body.parts().size(); i++) {
            Body.Part part = body.parts().get(i);
            if (i > 0) {
                strip.fold(part.fold());
            }
            strip.panel(Measure.part(at.extra(), part.name()), part.width());
        }
        return strip.piece();
    }

    /** One panel, cut out of a rectangle. */
    private Piece cutOut(Body.Part part) {
        Size size = new Size(part.width(), body.breadth());
        List<Spot> corners = Arrays.stream(body.shape().outline(size).getCoordinates())
                .skip(1)
                .map(corner -> new Spot(Length.nearest(corner.x), Length.nearest(corner.y)))
                .toList();
        Spot middle = new Spot(part.width().dividedBy(2), body.breadth().dividedBy(2));
        return new Piece(
                at.extra().name(),
                corners,
                List.of(),
                List.of(),
                List.of(new PanelName(middle, Measure.part(at.extra(), part.name()))));
    }

    private Join join(Body.Glue glue, int piece) {
        Footing on = glue.on();
        Body.Part part = body.parts().get(glue.part());
        Length anchor = body.start(glue.part()).plus(glue.atStart() ? Length.ZERO : part.width());
        Attachment place = new Attachment(
                place(glue, glue.at(), Length.ZERO),
                new Spot(anchor, Length.ZERO),
                !body.upright() ? 0 : on.side() == Side.FACE ? 90 : -90);
        Join join = Join.of(
                on.ref(), on.side(), new PanelRef(piece, Measure.part(at.extra(), part.name())), glue.side(), place);
        if (!glue.only().isEmpty()) {
            join = join.onlyOn(area(glue));
        }
        return glue.foam().isPositive() ? join.onFoam(glue.foam()) : join;
    }

    /** Where a place of the strip comes to lie on the face, {@code along} the face and {@code up} the strip. */
    private Spot place(Body.Glue glue, Length along, Length up) {
        return body.upright()
                ? glue.on().at(glue.aside().plus(body.breadth()).minus(up), along)
                : glue.on().at(along, glue.aside().plus(up));
    }

    private List<Spot> area(Body.Glue glue) {
        Length from = glue.only().get(0);
        Length until = glue.only().get(1);
        return List.of(
                place(glue, from, Length.ZERO),
                place(glue, until, Length.ZERO),
                place(glue, until, body.breadth()),
                place(glue, from, body.breadth()));
    }
}
