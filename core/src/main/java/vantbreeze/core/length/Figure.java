package vantbreeze.core.length;

import static java.util.Objects.requireNonNull;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A measure as it is written down for a ruler: a whole part and, on an inch ruler, a fraction in lowest terms.
 *
 * <p>A length off the ruler's marks is written on the first finer division that has it (2 9/16 on a ruler in eighths).
 * Only what none of them has is written inexactly, on the finest mark that an eye can set, with {@value #NEARLY} before
 * it; what it is {@link #exactly} is told beside it where somebody acts on it. Its {@link #text} is exact all the same:
 * {@link MeasureReader} reads the text back as the very length that was written.
 *
 * @param length what is written
 * @param unit the unit it is written in
 * @param sign {@code "-"} for a length below nothing, else empty
 * @param whole the whole part or, for metric, the whole decimal figure
 * @param numerator upper figure of the fraction, 0 when there is none
 * @param denominator lower figure of the fraction, 1 when there is none
 * @param drift what is written less the length; zero when it is the length
 * @param text exact, in plain characters, with its unit: {@code 5 1/2 in}
 */
public record Figure(
        Length length,
        LengthUnit unit,
        String sign,
        String whole,
        int numerator,
        int denominator,
        Length drift,
        String text) {

    /** Stands before a figure that is not the length itself, on every screen and page. */
    public static final String NEARLY = "≈";

    /** Divisions of an inch, the coarsest first. */
    private static final List<Length> INCHES =
            Stream.of(8, 16, 32, 64).map(parts -> Length.ofInches(0, 1, parts)).toList();

    /** Divisions of a metric ruler and of what people type, the coarsest first. */
    private static final List<Length> MILLIMETRES =
            Stream.of(1000, 500, 100).map(Length::ofMicrometres).toList();

    /** On which divisions a length is looked for, by ruler: its own, then finer ones of its school. */
    private static final Map<Ruler, List<Length>> DIVISIONS =
            Arrays.stream(Ruler.values()).collect(Collectors.toUnmodifiableMap(ruler -> ruler, Figure::divisions));

    private static List<Length> divisions(Ruler ruler) {
        return Stream.concat(
                        Stream.of(ruler.division()),
                        (ruler.isInches() ? INCHES : MILLIMETRES)
                                .stream().filter(division -> division.isShorterThan(ruler.division())))
                .toList();
    }

    /** As fine as an eye sets a pencil. */
    private static final Length FINEST_INCH = Length.ofInches(0, 1, 32);

    private static final Length FINEST_METRIC = Length.ofMicrometres(500);

    /** Writes {@code length} as it is read off {@code ruler}. */
    public static Figure of(Length length, Ruler ruler) {
        Length division = requireNonNull(DIVISIONS.get(ruler)).stream()
                .filter(one -> isOn(one, length))
                .findFirst()
                .orElse(ruler.isInches() ? FINEST_INCH : FINEST_METRIC);
        return ruler.isInches() ? inches(length, division) : metric(length, division);
    }

    /**
     * A thickness or a gap that was computed, in the smallest step that can be measured: 1/32 in or half a millimetre,
     * one at the least, rounded up: what is taken away by it is enough. It is an estimate wherever it stands and is
     * written without {@value #NEARLY}.
     */
    public static Figure estimate(double millimetres, Ruler ruler) {
        Length step = ruler.isInches() ? FINEST_INCH : FINEST_METRIC;
        long steps = (long) Math.ceil((millimetres - Precision.CLOSES) / step.millimetres());
        Length enough = step.times(Math.max(1, steps));
        return ruler.isInches() ? inches(enough, step) : metric(enough, step);
    }

    /** As much as is allowed, in the same steps, rounded down. */
    public static Figure atMost(double millimetres, Ruler ruler) {
        Length step = ruler.isInches() ? FINEST_INCH : FINEST_METRIC;
        Length most = step.times((long) Math.floor((millimetres + Precision.ALIKE) / step.millimetres()));
        return ruler.isInches() ? inches(most, step) : metric(most, step);
    }

    /** Whether the figure is the length itself, to less than a ruler can show. */
    public boolean isExact() {
        return drift.abs().millimetres() < Precision.ALIKE;
    }

    /** The figure without its unit and as printed: {@code 5½} or {@code 5 3/64}, {@code 139.5}. */
    public String printed() {
        if (numerator == 0) {
            return sign + whole;
        }
        String fraction = Fractions.printed(numerator, denominator);
        boolean vulgar = fraction.length() == 1;
        return sign + (whole.equals("0") ? "" : whole + (vulgar ? "" : " ")) + fraction;
    }

    /** The figure in a sentence: {@code 5½ in}, or {@code ≈ 5½ in} where it is not the length itself. */
    public String inWords() {
        return (isExact() ? "" : NEARLY + " ") + printed() + " " + unit.sign();
    }

    /**
     * The length itself where the figure is not, in the other school's figures ({@code 70 mm}); empty where those have
     * it no more than these.
     */
    public Optional<String> exactly() {
        if (isExact()) {
            return Optional.empty();
        }
        boolean isInches = unit == LengthUnit.INCH;
        return (isInches ? MILLIMETRES : INCHES)
                .stream()
                        .filter(division -> isOn(division, length))
                        .findFirst()
                        .map(division -> isInches ? metric(length, division) : inches(length, division))
                        .map(Figure::inWords);
    }

    /** Two figures of one unit as people write a size: {@code 5½ × 4¼ in}. */
    public String by(Figure height) {
        return unit == height.unit
                ? inWords().substring(0, inWords().length() - unit.sign().length() - 1) + " × " + height.inWords()
                : inWords() + " × " + height.inWords();
    }

    private static boolean isOn(Length division, Length length) {
        return nearest(division, length).minus(length).abs().millimetres() < Precision.ALIKE;
    }

    private static Length nearest(Length division, Length length) {
        return division.times(Math.floorDiv(length.units() + division.units() / 2, division.units()));
    }

    private static Figure inches(Length length, Length division) {
        Length mark = nearest(division, length);
        String sign = mark.isNegative() ? "-" : "";
        long units = mark.abs().units();
        long whole = units / Length.PER_INCH;
        long rest = units % Length.PER_INCH;
        long step = Fractions.greatestCommonDivisor(rest, Length.PER_INCH);
        int numerator = (int) (rest / step);
        int denominator = rest == 0 ? 1 : (int) (Length.PER_INCH / step);
        String fraction = numerator == 0 ? "" : numerator + "/" + denominator;
        String figure = numerator == 0 ? "" + whole : whole == 0 ? fraction : whole + " " + fraction;
        String text = mark.equals(length) ? sign + figure + " in" : exactText(length);
        return new Figure(length, LengthUnit.INCH, sign, "" + whole, numerator, denominator, mark.minus(length), text);
    }

    private static Figure metric(Length length, Length division) {
        Length mark = nearest(division, length);
        String amount = mark.abs().exactMillimetres().toPlainString();
        String sign = mark.isNegative() ? "-" : "";
        return new Figure(length, LengthUnit.MILLIMETRE, sign, amount, 0, 1, mark.minus(length), exactText(length));
    }

    private static String exactText(Length length) {
        return length.exactMillimetres().toPlainString() + " mm";
    }
}
