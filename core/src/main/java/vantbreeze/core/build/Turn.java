package vantbreeze.core.build;

/**
 * How far the maker has turned what a picture shows, from how it is seen first; whole degrees.
 *
 * @param aside its right side to the front, about what goes up in the picture; −180 to 180
 * @param over its head to the front, as one looks at it from above; −180 to 180
 */
public record Turn(int aside, int over) {

    /** Seen from where the hand works. */
    public static final Turn NONE = new Turn(0, 0);

    /** Half the way round either way, so that it is seen from everywhere. */
    private static final int ROUND = 180;

    /** @throws IllegalArgumentException in words for the maker, when it is turned farther than round */
    public Turn {
        if (Math.abs(aside) > ROUND || Math.abs(over) > ROUND) {
            throw new IllegalArgumentException(
                    "It can be turned by up to 180° aside and over. Turn it less far, or the other way.");
        }
    }
}
