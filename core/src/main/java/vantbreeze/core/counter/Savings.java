package vantbreeze.core.counter;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Parameter;

/**
 * What could be changed of a card so that it is thinner or lighter, each by itself, what is missed least first: thinner
 * foam, no foam, one stack of layers less.
 */
public final class Savings {

    /** So many are tried at the most. */
    public static final int MOST = 24;

    /** What a measure of foam is called at its end, of a card or of something set on it. */
    private static final String FOAM = "foam";

    private final WorkedPlan card;

    private Savings(WorkedPlan card) {
        this.card = card;
    }

    /** All there are of a card. */
    public static List<Saving> of(WorkedPlan card) {
        Savings savings = new Savings(card);
        return Stream.of(savings.thinnerFoamUnderThings(), savings.thinnerFoamUnderLayers(), savings.fewerLayers())
                .flatMap(stream -> stream)
                .limit(MOST)
                .toList();
    }

    /** The one of that id, if the card still has it. */
    public static Optional<Saving> find(String id, WorkedPlan card) {
        return of(card).stream().filter(saving -> saving.id().equals(id)).findFirst();
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
