package vantbreeze.core.counter;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.fit.Resizing;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;

/**
 * What could be changed of a card so that it is thinner, lighter or smaller, each by itself, what is missed least
 * first: thinner foam, no foam, lighter card of the same look, one stack of layers less. A smaller card is for those
 * who ask.
 */
public final class Savings {

    /** So many are tried at the most. */
    public static final int MOST = 24;

    /** What a measure of foam is called at its end, of a card or of something set on it. */
    private static final String FOAM = "foam";

    /** Between the ids of two that are made together. */
    static final String AND = " + ";

    /** A card smaller than this part of itself is another; our estimate, no source. */
    private static final double MOST_SMALLER = 0.8;

    private static final Pattern SIZE = Pattern.compile("size (\\d{1,12}) (\\d{1,12})");

    /** What is lighter is paper, g/m²; common practice, no source. */
    private static final int LIGHTEST = 200;

    private final WorkedPlan card;

    private Savings(WorkedPlan card) {
        this.card = card;
    }

    /** All there are of a card. */
    public static List<Saving> of(WorkedPlan card) {
        Savings savings = new Savings(card);
        return Stream.of(
                        savings.thinnerFoamUnderThings(),
                        savings.thinnerFoamUnderLayers(),
                        savings.lighterCard(),
                        savings.fewerLayers())
                .flatMap(stream -> stream)
                .limit(MOST)
                .toList();
    }

    /** The one of that id, if the card still has it; also of two together, and of a smaller card. */
    public static Optional<Saving> find(String id, WorkedPlan card) {
        int and = id.indexOf(AND);
        if (and >= 0) {
            return find(id.substring(0, and), card).flatMap(first -> find(
                            id.substring(and + AND.length()), card.workshop().work(first.plan()))
                    .map(first::and));
        }
        Matcher size = SIZE.matcher(id);
        if (size.matches()) {
            return smaller(
                    card,
                    new Size(
                            Length.ofUnits(Long.parseLong(size.group(1))),
                            Length.ofUnits(Long.parseLong(size.group(2)))));
        }
        return of(card).stream().filter(saving -> saving.id().equals(id)).findFirst();
    }

    /**
     * The same card smaller by so much, on the marks below; nothing of one that is drawn freely, or would be another
     * card altogether.
     *
     * @param longSide mm less of its longer side
     * @param shortSide mm less of its shorter side
     */
    static Optional<Saving> smaller(WorkedPlan card, double longSide, double shortSide) {
        Size now = card.footprint();
        boolean lies = !now.width().isShorterThan(now.height());
        Length width = less(now.width(), lies ? longSide : shortSide, card.ruler());
        Length height = less(now.height(), lies ? shortSide : longSide, card.ruler());
        boolean isStillIt = isNearly(width, now.width()) && isNearly(height, now.height());
        return isStillIt ? smaller(card, new Size(width, height)) : Optional.empty();
    }

    private static boolean isNearly(Length after, Length before) {
        return after.millimetres() >= MOST_SMALLER * before.millimetres();
    }

    private static Length less(Length side, double by, Ruler ruler) {
        return by > 0 ? ruler.below(side.minus(Length.nearest(by))).length() : side;
    }

    private static Optional<Saving> smaller(WorkedPlan card, Size size) {
        if (card.plan().isFree()) {
            return Optional.empty();
        }
        Measures after = Resizing.of(
                        card.structure(),
                        card.measures(),
                        card.ruler(),
                        card.tools().allowances())
                .to(size);
        return Optional.of(new Saving(
                String.format(
                        Locale.ROOT,
                        "size %d %d",
                        size.width().units(),
                        size.height().units()),
                "a card of %s"
                        .formatted(Figure.of(size.width(), card.ruler()).by(Figure.of(size.height(), card.ruler()))),
                card.plan().resized(card.structure(), after)));
    }

    /** Of the same look, the heaviest first; none so light that it is paper. */
    private Stream<Saving> lighterCard() {
        String id = card.plan().cardstockId() == null
                ? Cardstocks.USUAL
                : card.plan().cardstockId();
        Cardstock now = card.workshop().cardstock(id);
        return card.workshop().cardstocks().byId().entrySet().stream()
                .filter(one -> one.getValue().grammage() < now.grammage()
                        && one.getValue().grammage() >= LIGHTEST
                        && one.getValue().look().equals(now.look()))
                .sorted(Comparator.comparing(one -> -one.getValue().grammage()))
                .limit(2)
                .map(one -> new Saving(
                        "card: " + one.getKey(),
                        String.format(
                                Locale.ROOT,
                                "card of %d g/m² instead of %d g/m²",
                                one.getValue().grammage(),
                                now.grammage()),
                        card.plan().withCardstock(one.getKey())));
    }

    /** Thinner foam as it is sold, the thickest first. */
    private static Stream<Length> thinner(Length foam) {
        return LayerChoice.FOAMS.stream()
                .filter(other -> other.isShorterThan(foam))
                .sorted((one, other) -> other.compareTo(one));
    }

    private Stream<Saving> thinnerFoamUnderThings() {
        return card.structure().asked(card.measures()).stream()
                .filter(parameter ->
                        parameter.id().equals(FOAM) || parameter.id().endsWith("-" + FOAM))
                .flatMap(parameter -> {
                    Length now = card.structure().measure(parameter.id(), card.measures());
                    return thinner(now).flatMap(foam -> card.changing(parameter.id(), foam).stream()
                            .map(after -> new Saving(
                                    String.format(Locale.ROOT, "%s: %d", parameter.id(), foam.units()),
                                    "%s of %s instead of %s".formatted(name(parameter), words(foam), words(now)),
                                    card.plan().withMeasures(after))));
                });
    }

    private String name(Parameter parameter) {
        return card.plan()
                .extras()
                .having(parameter.id())
                .map(extra -> extra.own(parameter.label()))
                .orElse(parameter.label());
    }

    private Stream<Saving> thinnerFoamUnderLayers() {
        List<Dressed> all = card.plan().dressing().all();
        return IntStream.range(0, all.size()).boxed().flatMap(i -> {
            Dressed dressed = all.get(i);
            return dressed.layers().stream()
                    .map(LayerChoice::pad)
                    .filter(Length::isPositive)
                    .distinct()
                    .flatMap(pad -> Stream.concat(thinner(pad), Stream.of(Length.ZERO))
                            .map(foam -> padded(i, dressed, pad, foam)));
        });
    }

    private Saving padded(int at, Dressed dressed, Length now, Length foam) {
        List<LayerChoice> layers = dressed.layers().stream()
                .map(layer -> layer.pad().equals(now) ? layer.raised(foam) : layer)
                .toList();
        String words = foam.isPositive()
                ? "foam of %s instead of %s on %s".formatted(words(foam), words(now), faces(dressed))
                : "no foam on %s".formatted(faces(dressed));
        return new Saving(
                String.format(Locale.ROOT, "pad %d: %d, %d", at, now.units(), foam.units()),
                words,
                replacing(dressed.layered(layers)));
    }

    /** One stack of layers less, those of most layers first. */
    private Stream<Saving> fewerLayers() {
        List<Dressed> all = card.plan().dressing().all();
        return IntStream.range(0, all.size())
                .filter(i -> !all.get(i).layers().isEmpty())
                .boxed()
                .sorted((one, other) -> Integer.compare(
                        all.get(other).layers().size(), all.get(one).layers().size()))
                .map(i -> {
                    Dressed dressed = all.get(i);
                    return new Saving(
                            String.format(Locale.ROOT, "layers %d", i),
                            "no layers on %s".formatted(faces(dressed)),
                            replacing(dressed.layered(List.of())));
                });
    }

    private Plan replacing(Dressed dressed) {
        Dressing after = card.plan().dressing().with(dressed);
        return card.plan()
                .withDressing(after.keeping(
                        one -> !one.layers().isEmpty() || !one.embellishments().isEmpty()));
    }

    private String faces(Dressed dressed) {
        return dressed.faces().stream()
                .map(card.faceWords()::inSentence)
                .distinct()
                .collect(Collectors.joining(" and "));
    }

    private String words(Length length) {
        return Figure.of(length, card.ruler()).inWords();
    }
}
