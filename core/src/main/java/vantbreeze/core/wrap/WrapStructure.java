package vantbreeze.core.wrap;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.CatalogueStructure;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowances;

/**
 * Something that goes round a closed card. Its finished width and height are those of what it holds, whose thickness
 * and way round are measures too; all that is cut follows from them until the maker says otherwise.
 */
public abstract class WrapStructure extends CatalogueStructure {

    /** Id of the thickness of what it holds. */
    public static final String BULK = "bulk";
    /** Id of half the way round what it holds, across. */
    public static final String HALF_ACROSS = "half-across";
    /** Id of half the way round what it holds, up. */
    public static final String HALF_UP = "half-up";

    /** What follows from what any wrap holds, in the order of its parameters. */
    static final List<String> GIVEN = List.of(Parameter.WIDTH, Parameter.HEIGHT, BULK, HALF_ACROSS, HALF_UP);

    /** Thicker than this is no card. */
    static final Length THICKEST = Length.ofMillimetres(60);

    /** How thick a card is as long as nobody knows. */
    private static final Length THIN = Length.ofMillimetres(1);

    /** What the panel is called behind which the card lies. */
    static final String FRONT_PANEL = "Front";

    static final String GOES_NOT_ROUND = "it would not go round what it holds";

    /** With a maker's allowances. */
    protected WrapStructure(Allowances allowances) {
        super(allowances);
    }

    /** What can be measured of it besides what it holds. */
    abstract List<Parameter> own();

    /** How far a measure of its own can go. */
    abstract Limits ownLimits(String parameter, Measures measures);

    @Override
    public final List<Parameter> parameters() {
        return Stream.concat(
                        Stream.of(
                                Parameter.of(Parameter.WIDTH, "Width to hold", "across what it goes round"),
                                Parameter.of(Parameter.HEIGHT, "Height to hold", "up what it goes round"),
                                Parameter.of(BULK, "Thickness to hold", "of what it goes round, at the thickest")
                                        .following(),
                                Parameter.of(HALF_ACROSS, "Half round, across", "half the way round, from side to side")
                                        .following(),
                                Parameter.of(HALF_UP, "Half round, up", "half the way round, from foot to head")
                                        .following()),
                        own().stream())
                .toList();
    }

    @Override
    public final Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> sideLimits(HALF_ACROSS, measures);
            case Parameter.HEIGHT -> sideLimits(HALF_UP, measures);
            case BULK -> new Limits(Length.ZERO, "nothing is thinner", THICKEST, "no wrap goes round what is thicker");
            case HALF_ACROSS -> halfLimits(Parameter.WIDTH, measures);
            case HALF_UP -> halfLimits(Parameter.HEIGHT, measures);
            default -> ownLimits(parameter, measures);
        };
    }

    private Limits sideLimits(String half, Measures measures) {
        return new Limits(
                bounds.narrowest(),
                Bounds.TOO_NARROW,
                measures.says(half) ? measures.get(half) : Bounds.LONGEST,
                measures.says(half) ? "half the way round is no shorter than the way across" : Bounds.TOO_LONG);
    }

    private static Limits halfLimits(String side, Measures measures) {
        return new Limits(
                measures.get(side),
                "half the way round is no shorter than the way across",
                measures.get(side).plus(THICKEST),
                "no wrap goes round what is thicker");
    }

    @Override
    public final Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case BULK -> THIN;
            case HALF_ACROSS -> measures.get(Parameter.WIDTH).plus(of(BULK, measures));
            case HALF_UP -> measures.get(Parameter.HEIGHT).plus(of(BULK, measures));
            default -> ownUsual(parameter, measures);
        };
    }

    /** How long a measure of its own usually is. */
    abstract Length ownUsual(String parameter, Measures measures);

    @Override
    public final boolean goesInEnvelope() {
        return false;
    }

    @Override
    public final boolean isSetByMarks(String parameter) {
        return !given().contains(parameter);
    }

    /** What follows from what it holds or lies in, and not from its other measures, in the order of its parameters. */
    public List<String> given() {
        return GIVEN;
    }

    /** What of these another wrap of the card gives, besides the card itself, and what is chosen alike. */
    public Measures givenBy(WrapStructure other, Measures its) {
        return new Measures(Map.of());
    }

    /** The room in it. */
    public abstract Inside inside(Measures measures);

    /** Whether the card goes into it: not into what is tied on, or laid in with it. */
    public boolean holds() {
        return true;
    }

    /** Whether what goes round it must go round it too: not round what lies along its walls. */
    public boolean takesRoom() {
        return true;
    }

    /** Whether what it holds comes out at the foot too; so it lies round its middle. */
    public boolean isOpenBelow() {
        return false;
    }

    /** Whether it is shut over what it holds, and so goes through all of its poses with it in. */
    public boolean shuts() {
        return false;
    }

    /** Whether it shows best from behind what it is. */
    public boolean isSeenFromBehind() {
        return shuts();
    }

    /** Of several round one card the one of the lower rank goes round first; in their order they are made. */
    public abstract Rank rank();

    /** From what lies on the card to what goes in the post. */
    public enum Rank {
        /** Round some of it. */
        BAND("band"),
        /** Round all of it. */
        SLEEVE("sleeve"),
        /** What it is kept in. */
        PAGE("pocket"),
        /** What is addressed. */
        ENVELOPE("envelope"),
        /** What lines an envelope, and so is made after it. */
        LINER("liner");

        private final String words;

        Rank(String words) {
            this.words = words;
        }

        /** Whether it goes round the card before what is of another rank does. */
        public boolean isWithin(Rank other) {
            return compareTo(other) < 0 && !(this == ENVELOPE && other == LINER);
        }

        /** What it is called in a sentence. */
        public String inWords() {
            return words;
        }
    }

    @Override
    public final Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler);
    }

    @Override
    public final boolean lies() {
        return true;
    }
}
