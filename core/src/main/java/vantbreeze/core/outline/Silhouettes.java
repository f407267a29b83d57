package vantbreeze.core.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The outlines of the house, drawn for it: arch, gable, egg, bottle and heart, each on a foot it can stand on. */
public final class Silhouettes {

    private static final Map<String, Silhouette> ALL = all();

    private Silhouettes() {}

    /** The outline of this id, or what {@link OwnOutline} makes of an SVG path. */
    public static Silhouette find(String idOrPath) {
        Silhouette known = ALL.get(idOrPath);
        return known == null ? OwnOutline.read(idOrPath) : known;
    }

    private static Map<String, Silhouette> all() {
        Map<String, Silhouette> all = new LinkedHashMap<>();
        all.put("arch", mirrored(right -> {
            right.lineTo(30, 0);
            right.lineTo(30, 50);
            right.curveTo(30, 66.6, 16.6, 80, 0, 80);
        }));
        all.put("gable", mirrored(right -> {
            right.lineTo(30, 0);
            right.lineTo(30, 52);
            right.lineTo(0, 82);
        }));
        all.put("egg", mirrored(right -> {
            right.lineTo(12, 0);
            right.curveTo(24, 3, 30, 14, 30, 30);
            right.curveTo(30, 54, 17, 84, 0, 84);
        }));
        all.put("bottle", mirrored(right -> {
            right.lineTo(20, 0);
            right.lineTo(20, 48);
            right.curveTo(20, 60, 8, 58, 8, 70);
            right.lineTo(8, 84);
            right.lineTo(0, 84);
        }));
        all.put("heart", mirrored(right -> {
            right.lineTo(7, 0);
            right.curveTo(16, 14, 36, 28, 36, 46);
            right.curveTo(36, 66, 10, 72, 0, 54);
        }));
        return Collections.unmodifiableMap(all);
    }

    private interface RightHalf {
        void draw(Path2D path);
    }

    /** Draws the right half from the axis at the foot, and its mirror image. */
    private static Silhouette mirrored(RightHalf half) {
        Path2D right = new Path2D.Double();
        right.moveTo(0, 0);
        half.draw(right);
        Path2D left = new Path2D.Double(right, AffineTransform.getScaleInstance(-1, 1));
        Area whole = new Area(right);
        whole.add(new Area(left));
        return Silhouette.of(whole);
    }
}
