package vantbreeze.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.NumberWords;
import vantbreeze.core.length.Ruler;

/**
 * Words pieces at random, from a grammar of manners: how figures are written, how sides, scores, folds and counts are
 * told, what stands between, and what is said without weight. A manner is kept through a recipe, as people keep theirs.
 */
final class Wording {

    private enum Figures {
        FRACTIONS,
        HYPHENED,
        GLYPHS,
        DECIMALS,
        WORDS
    }

    private enum Unit {
        NONE,
        SIGN,
        WORD,
        /** Once, behind the last figure of a size or list. */
        ONCE
    }

    private final Random random;
    private final Ruler ruler;
    private final Figures figures;
    private final Unit unit;
    private final boolean centimetres;
    private final boolean decimalComma;
    private final String times;
    private final String score;
    private final String joint;
    private final String last;
    private final String between;
    private final int manner;

    Wording(Random random, Ruler ruler) {
        this.random = random;
        this.ruler = ruler;
        this.centimetres = !ruler.isInches() && random.nextBoolean();
        this.figures = ruler.isInches()
                ? pick(Figures.FRACTIONS, Figures.HYPHENED, Figures.GLYPHS, Figures.WORDS, Figures.DECIMALS)
                : pick(Figures.DECIMALS, Figures.DECIMALS, Figures.WORDS);
        this.unit = figures == Figures.WORDS || centimetres ? pick(Unit.WORD, Unit.ONCE) : pick(Unit.values());
        this.decimalComma = centimetres && random.nextInt(3) == 0;
        this.times = figures == Figures.WORDS ? " by " : pick(" x ", " by ", " × ", "x");
        this.score = pick("score at", "scored at", "score @", "score:", "score it at", "then score at", "scoring at");
        this.joint =
                figures == Figures.WORDS || decimalComma ? pick(" and ", ", then ") : pick(", ", " & ", ", ", " / ");
        this.last = figures == Figures.WORDS || decimalComma ? " and at " : pick(joint, " and ", ", and ");
        this.between = pick(". ", "; ", "\n", ".\n* ", ", ");
        this.manner = random.nextInt(4);
    }

    @SafeVarargs
    private <T> T pick(T... some) {
        return some[random.nextInt(some.length)];
    }

    /** All pieces, alike ones counted. */
    String recipe(List<Piece> pieces) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            int from = i;
            while (i + 1 < pieces.size() && isAlike(pieces.get(i + 1), pieces.get(from))) {
                i++;
            }
            told.add(piece(pieces.get(from), i - from + 1, from == 0));
        }
        String text = String.join(between.equals(", ") ? ". " : between, told);
        return pick("", "", "Go ahead and ", "Kite day! ") + text + pick("", ".", ". Burnish well.", " - lovely!");
    }

    private static boolean isAlike(Piece one, Piece other) {
        return one.outline().equals(other.outline())
                && one.creases().equals(other.creases())
                && one.slits().equals(other.slits());
    }

    private String piece(Piece piece, int count, boolean first) {
        Length width = piece.cutSize().width();
        Length height = piece.cutSize().height();
        List<Crease> upright = creases(piece, true);
        List<Crease> level = creases(piece, false);
        boolean onWidth = level.isEmpty() || !upright.isEmpty();
        List<Crease> scores = onWidth ? upright : level;
        Length side = onWidth ? width : height;
        boolean turned = random.nextInt(4) == 0
                && upright.isEmpty() != level.isEmpty()
                && piece.slits().isEmpty();
        String size = turned ? size(height, width) : size(width, height);
        boolean isFirstSide = turned != onWidth;
        StringBuilder text = new StringBuilder(head(first, count, size));
        if (!scores.isEmpty()) {
            text.append(between).append(scores(scores, side, isFirstSide, width.max(height)));
            text.append(folds(scores));
            if (!upright.isEmpty() && !level.isEmpty()) {
                text.append(between).append("score level at ").append(list(places(level, false)));
                text.append(folds(level));
            }
        }
        piece.slits().forEach(slit -> text.append(between).append(slit(slit)));
        return text.toString();
    }

    private String head(boolean first, int count, String size) {
        String noun = first ? pick("card base", "base", "card", "") : pick("strip", "strip", "band", "piece");
        if (count > 1) {
            String many = figures == Figures.WORDS ? NumberWords.said(count) : String.valueOf(count);
            String nouns = noun.isEmpty() || noun.equals("card base") ? "pieces" : noun + "s";
            return switch (manner) {
                case 0 -> many + " " + nouns + " " + size;
                case 1 -> "cut " + many + " pieces of " + size;
                case 2 -> (noun.isEmpty() ? "" : noun + ": ") + size + " (" + count + ")";
                default -> many + " " + nouns + " of " + size;
            };
        }
        if (noun.isEmpty()) {
            return size;
        }
        return switch (manner) {
            case 0 -> noun + " " + size;
            case 1 -> "the " + noun + " is " + size;
            case 2 -> noun + ": " + size;
            default -> size + " " + noun;
        };
    }

    private static List<Crease> creases(Piece piece, boolean upright) {
        return piece.creases().stream()
                .filter(crease ->
                        upright ? crease.line().isUpright() : crease.line().isLevel())
                .sorted(Comparator.comparing(crease -> upright
                        ? crease.line().from().x()
                        : crease.line().from().y()))
                .toList();
    }

    private static List<Length> places(List<Crease> creases, boolean upright) {
        return creases.stream()
                .map(crease -> upright
                        ? crease.line().from().x()
                        : crease.line().from().y())
                .toList();
    }

    private String scores(List<Crease> creases, Length side, boolean isFirstSide, Length longSide) {
        List<Length> at = places(creases, creases.get(0).line().isUpright());
        String along = isFirstSide && random.nextInt(3) > 0
                ? ""
                : side.equals(longSide)
                        ? pick(" on the long side", " along the long edge")
                        : pick(" on the short side", " along the short edge");
        int half = at.size() / 2;
        boolean mirrored = at.size() % 2 == 0
                && IntStream.range(0, half)
                        .allMatch(i -> at.get(i).plus(at.get(at.size() - 1 - i)).equals(side));
        if (mirrored && random.nextBoolean()) {
            return spoken(along) + " " + list(at.subList(0, half))
                    + pick(
                            " from both ends",
                            ruler.isInches() ? " in from each end" : " from each end",
                            " from either side");
        }
        Length step = at.get(0);
        boolean isEven = IntStream.range(0, at.size()).allMatch(i -> at.get(i).equals(step.times(i + 1)))
                && side.equals(step.times(at.size() + 1));
        if (isEven && at.size() == 1 && random.nextInt(3) == 0) {
            return pick("score in half", "score down the middle", "scored in half") + along;
        }
        if (isEven && at.size() > 1 && random.nextInt(3) == 0) {
            return pick("score", "scored") + along + " every " + figure(step, true);
        }
        return spoken(along) + " " + list(at);
    }

    /** The side stands before "at". */
    private String spoken(String along) {
        return along.isEmpty() || !score.contains("at") ? score + along : score.replace(" at", along + " at");
    }

    private String folds(List<Crease> creases) {
        List<Fold> folds = creases.stream().map(Crease::fold).toList();
        if (folds.contains(Fold.UNASSIGNED) || folds.contains(Fold.BEND) || random.nextInt(4) == 0) {
            return "";
        }
        String before = pick(", fold ", ". Fold ", "; folds: ");
        return switch (random.nextInt(3)) {
            case 0 ->
                before
                        + folds.stream()
                                .map(fold -> fold == Fold.MOUNTAIN ? "m" : "v")
                                .collect(Collectors.joining(" "));
            case 1 ->
                before
                        + folds.stream()
                                .map(fold -> fold == Fold.MOUNTAIN ? "mountain" : "valley")
                                .collect(Collectors.joining(", "));
            default ->
                folds.stream().distinct().count() == 1 && folds.get(0) == Fold.VALLEY && folds.size() > 1
                        ? ", all valley folds"
                        : before
                                + folds.stream()
                                        .map(fold -> fold == Fold.MOUNTAIN ? "mountain" : "valley")
                                        .collect(Collectors.joining(" and then "));
        };
    }

    private String slit(Stretch slit) {
        boolean upright = slit.isUpright();
        Spot from = slit.from();
        Spot to = slit.to();
        Length at = upright ? from.x() : from.y();
        Length low = upright ? from.y().min(to.y()) : from.x().min(to.x());
        Length high = upright ? from.y().max(to.y()) : from.x().max(to.x());
        return (upright ? "slit at " : "slit level at ") + figure(at, true) + " from " + figure(low, true) + " to "
                + figure(high, true);
    }

    private String size(Length width, Length height) {
        return figure(width, unit != Unit.ONCE) + times + figure(height, true);
    }

    private String list(List<Length> lengths) {
        StringBuilder list = new StringBuilder();
        for (int i = 0; i < lengths.size(); i++) {
            boolean isLast = i == lengths.size() - 1;
            list.append(i == 0 ? "" : isLast ? last : joint)
                    .append(figure(lengths.get(i), unit != Unit.ONCE || isLast));
        }
        return list.toString();
    }

    private String figure(Length length, boolean withUnit) {
        String behind = !withUnit || unit == Unit.NONE ? "" : unit();
        return ruler.isInches() ? inches(length) + behind : metric(length) + behind;
    }

    private String unit() {
        if (unit == Unit.SIGN && figures != Figures.WORDS) {
            return ruler.isInches() ? pick("\"", "″") : centimetres ? "cm" : "mm";
        }
        return ruler.isInches() ? pick(" in", " inches") : centimetres ? " cm" : " mm";
    }

    private String inches(Length length) {
        Figure figure = Figure.of(length, Ruler.SIXTEENTHS);
        int whole = Integer.parseInt(figure.whole());
        int upper = figure.numerator();
        int lower = figure.denominator();
        if (figures == Figures.WORDS) {
            String parts = upper == 0 ? "" : NumberWords.said(upper, lower);
            return upper == 0
                    ? NumberWords.said(whole)
                    : whole == 0
                            ? (unit == Unit.NONE ? parts + " inch" : parts)
                            : NumberWords.said(whole) + " and " + parts;
        }
        if (upper == 0) {
            return String.valueOf(whole);
        }
        return switch (figures) {
            case DECIMALS ->
                BigDecimal.valueOf(whole)
                        .add(BigDecimal.valueOf(upper).divide(BigDecimal.valueOf(lower), 4, RoundingMode.UNNECESSARY))
                        .stripTrailingZeros()
                        .toPlainString();
            case GLYPHS -> (whole == 0 ? "" : String.valueOf(whole)) + glyph(upper, lower);
            default -> (whole == 0 ? "" : whole + (figures == Figures.HYPHENED ? "-" : " ")) + upper + "/" + lower;
        };
    }

    private static String glyph(int upper, int lower) {
        return switch (upper + "/" + lower) {
            case "1/2" -> "½";
            case "1/4" -> "¼";
            case "3/4" -> "¾";
            case "1/8" -> "⅛";
            case "3/8" -> "⅜";
            case "5/8" -> "⅝";
            case "7/8" -> "⅞";
            default -> " " + upper + "/" + lower;
        };
    }

    private String metric(Length length) {
        BigDecimal amount = BigDecimal.valueOf(length.millimetres())
                .setScale(3, RoundingMode.HALF_EVEN)
                .divide(BigDecimal.valueOf(centimetres ? 10 : 1), 4, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        String plain = amount.toPlainString();
        if (figures != Figures.WORDS) {
            return decimalComma ? plain.replace('.', ',') : plain;
        }
        String[] parts = plain.split("\\.");
        String whole = NumberWords.said(Integer.parseInt(parts[0]));
        return parts.length == 1
                ? whole
                : whole + " point "
                        + parts[1].chars()
                                .mapToObj(digit -> NumberWords.said(digit - '0'))
                                .collect(Collectors.joining(" "));
    }

    /** Whether a card's pieces can be told so: rectangles, scored right across, with straight slits. */
    static boolean canTell(Piece piece) {
        boolean sheet = piece.outline().size() == 4
                && piece.outline()
                        .containsAll(FreeCard.sheet("", piece.cutSize()).outline())
                && piece.openings().isEmpty();
        return sheet
                && piece.creases().stream().allMatch(crease -> isScoredAcross(crease, piece))
                && piece.slits().stream().allMatch(slit -> slit.isUpright() || slit.isLevel());
    }

    private static boolean isScoredAcross(Crease crease, Piece piece) {
        if (crease.fold() == Fold.BEND) {
            return false;
        }
        return (crease.line().isUpright() && isAcross(crease, piece.cutSize().height()))
                || (crease.line().isLevel() && isAcross(crease, piece.cutSize().width()));
    }

    private static boolean isAcross(Crease crease, Length side) {
        return Length.nearest(crease.line().millimetres()).equals(side);
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%s %s %s", figures, unit, ruler);
    }
}
