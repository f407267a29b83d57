package vantbreeze.exchange.handout;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.build.StepPicture;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.build.StepPicture.Stroke;
import vantbreeze.core.fold.Fold;

/** Pictures of steps as SVG in a page; folds dashed as published (Yoshizawa and Randlett). */
final class SvgPicture {

    /** Room round what is drawn, as a part of its longer side. */
    private static final double ROOM = 0.04;

    private final XMLStreamWriter page;
    private final Colours colours;

    /** What colour a patch has. */
    interface Colours {
        String of(Patch patch);
    }

    SvgPicture(XMLStreamWriter page, Colours colours) {
        this.page = page;
        this.colours = colours;
    }

    /**
     * Draws one.
     *
     * @param box what the window shows, so that several can be shown in the same place
     * @param kind class of the element, for the page's style
     */
    void draw(StepPicture picture, Envelope box, String kind, String title) throws XMLStreamException {
        double room = ROOM * Math.max(box.getWidth(), box.getHeight());
        page.writeStartElement("svg");
        page.writeAttribute("xmlns", "http://www.w3.org/2000/svg");
        page.writeAttribute("class", kind);
        page.writeAttribute("role", "img");
        page.writeAttribute("aria-label", title);
        page.writeAttribute(
                "viewBox",
                numbers(
                        box.getMinX() - room,
                        -box.getMaxY() - room,
                        box.getWidth() + 2 * room,
                        box.getHeight() + 2 * room));
        for (Patch patch : picture.patches()) {
            page.writeEmptyElement("path");
            page.writeAttribute("d", path(patch.shape()));
            page.writeAttribute(
                    "class", patch.seen().name().toLowerCase(Locale.ROOT).replace('_', '-'));
            if (patch.seen() != Seen.GLUE && patch.seen() != Seen.FILM) {
                page.writeAttribute("fill", colours.of(patch));
            }
        }
        for (Stroke stroke : picture.strokes()) {
            page.writeEmptyElement("path");
            page.writeAttribute("d", "M" + at(stroke.start()) + "L" + at(stroke.stop()));
            page.writeAttribute("class", stroke.isLit() ? "lit" : kind(stroke));
        }
        page.writeEndElement();
    }

    private static String kind(Stroke stroke) {
        Fold fold = stroke.fold();
        return (fold == null ? stroke.line().name() : fold.name()).toLowerCase(Locale.ROOT);
    }

    private static String path(Polygon shape) {
        StringBuilder path = new StringBuilder(ring(shape.getExteriorRing()));
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            path.append(ring(shape.getInteriorRingN(i)));
        }
        return path.toString();
    }

    private static String ring(LinearRing ring) {
        List<Coordinate> corners = Arrays.asList(ring.getCoordinates());
        return corners.subList(0, corners.size() - 1).stream()
                .map(SvgPicture::at)
                .collect(Collectors.joining("L", "M", "z"));
    }

    private static String at(Coordinate place) {
        return numbers(place.x, -place.y);
    }

    private static String numbers(double... all) {
        return Arrays.stream(all)
                .mapToObj(one -> String.format(Locale.ROOT, "%.2f", one))
                .collect(Collectors.joining(" "));
    }
}
