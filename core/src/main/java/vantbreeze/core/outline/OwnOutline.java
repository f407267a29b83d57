package vantbreeze.core.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.util.Locale;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;

/** An outline that the maker gives as an SVG path (SVG 1.1, section 8.3), y downwards as there. */
public final class OwnOutline {

    /** Longest path taken, characters. */
    public static final int LONGEST = 10_000;

    private OwnOutline() {}

    /**
     * The outline that {@code path} draws.
     *
     * @throws IllegalArgumentException when it is no path, or no outline that a card can have; in words for the maker
     */
    public static Silhouette read(String path) {
        if (path.length() > LONGEST) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "The outline's path is longer than %d characters. Simplify it.", LONGEST));
        }
        return Silhouette.of(AffineTransform.getScaleInstance(1, -1).createTransformedShape(drawn(path)));
    }

    private static Shape drawn(String path) {
        try {
            return AWTPathProducer.createShape(new StringReader(path.strip()), PathIterator.WIND_NON_ZERO);
        } catch (IOException | ParseException | NullPointerException | IllegalPathStateException notAPath) {
            // Batik draws on from where a path has not begun
            throw new IllegalArgumentException(
                    ("\"%s\" is no outline of the house, nor an SVG path. A path begins with M, like M 0 "
                                    + "0 L 40 0 L 40 60 L 0 60 Z.")
                            .formatted(path.length() > 40 ? path.substring(0, 40) + "…" : path));
        }
    }
}
