package vantbreeze.exchange.print;

import java.awt.Color;
import java.io.IOException;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.build.PaperColours;
import vantbreeze.core.build.StepPicture;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Stroke;

/** The picture of a step on paper: what is meant in bold lines, where glue goes hatched. */
record StepDrawing(PaperColours colours) {

    private static final String PLAIN = "#fffdf8";

    /** Into a rectangle with this lower left corner, as large as it goes, mm. */
    void draw(StepPicture picture, Pen pen, double left, double foot, double width, double height) throws IOException {
        Envelope box = picture.box();
        double scale = Math.min(width / box.getWidth(), height / box.getHeight());
        AffineTransformation to = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
        to.scale(scale, scale).translate(left, foot + (height - box.getHeight() * scale) / 2);
        for (Patch patch : picture.patches()) {
            Polygon shape = (Polygon) to.transform(patch.shape());
            switch (patch.seen()) {
                case GLUE -> pen.glue(shape, true);
                case FILM -> pen.film(shape);
                case PAPER, LAYER -> pen.shape(patch.shape(), to, colour(patch));
                case LIT_LAYER -> {
                    pen.shape(patch.shape(), to, colour(patch));
                    pen.bold(shape);
                }
            }
        }
        for (Stroke stroke : picture.strokes()) {
            stroke(stroke, pen, to);
        }
    }

    private Color colour(Patch patch) {
        return Color.decode(colours.of(patch).orElse(PLAIN));
    }

    private static void stroke(Stroke stroke, Pen pen, AffineTransformation to) throws IOException {
        Coordinate from = to.transform(stroke.start(), new Coordinate());
        Coordinate on = to.transform(stroke.stop(), new Coordinate());
        if (stroke.isLit()) {
            pen.bold(from.x, from.y, on.x, on.y);
        } else if (stroke.fold() == null) {
            pen.line(from.x, from.y, on.x, on.y);
        } else {
            pen.score(from.x, from.y, on.x, on.y, stroke.fold());
        }
    }
}
