package vantbreeze.core.paper;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a paper looks like beside its colour.
 *
 * @param print what is printed on its decorated side
 * @param ink in which colour, as #rrggbb
 * @param back the colour of its other side, as #rrggbb
 * @param image id of the maker's own picture where that is printed, else null
 */
public record Look(Print print, String ink, String back, @Nullable String image) {

    /** What is printed. */
    public enum Print {
        /** Nothing. */
        NONE(false, 0),
        /** Upright stripes. */
        STRIPES(false, 8),
        /** Dots in rows. */
        DOTS(false, 7),
        /** A checked cloth. */
        CHECKS(false, 9),
        /** Small kites, their tails down. */
        KITES(true, 17),
        /** The maker's own picture: about what a scanner's glass or a phone held close takes in; our estimate. */
        IMAGE(true, 90);

        private final boolean upright;
        private final double repeat;

        Print(boolean upright, double repeat) {
            this.upright = upright;
            this.repeat = repeat;
        }

        /** After how many millimetres it begins again; nil where there is nothing. */
        public double repeat() {
            return repeat;
        }

        /** Whether it has an upper end whatever the maker says. */
        public boolean isUpright() {
            return upright;
        }
    }

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-fA-F]{6}");
    /** Relative luminance from which dark ink reads well on it; from memory: it leaves black a contrast of 9 to 1. */
    private static final double PALE = 0.4;

    /** @throws IllegalArgumentException in words for the maker, when a colour can't be read */
    public Look {
        if (!COLOUR.matcher(ink).matches() || !COLOUR.matcher(back).matches()) {
            throw new IllegalArgumentException("A colour is written like #a9cbe8.");
        }
    }

    /** Nothing printed, both sides of one colour. */
    public static Look plain(String colour) {
        return new Look(Print.NONE, "#000000", colour, null);
    }

    /** One of our own prints in one colour; the other side is white. */
    public static Look of(Print print, String ink) {
        return new Look(print, ink, Cardstock.WHITE, null);
    }

    /** Whether one can write on a colour with a dark pen; relative luminance as in WCAG 2.2. */
    static boolean isPale(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        return 0.2126 * linear(rgb >> 16 & 255) + 0.7152 * linear(rgb >> 8 & 255) + 0.0722 * linear(rgb & 255) >= PALE;
    }

    private static double linear(int channel) {
        double part = channel / 255.0;
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }
}
