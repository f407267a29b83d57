package vantbreeze.core.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Slip;
import vantbreeze.core.recognition.Likeness;
import vantbreeze.core.recognition.Recogniser;
import vantbreeze.core.recognition.Recognisers;

/**
 * The one figure of a recipe that, read as what people misread it for, makes the card one that the catalogue knows just
 * as it is usually made.
 *
 * @param least how much a figure must have been off to be looked at
 * @param called what the recipe calls its card
 */
record MeantFigure(RecipeReading reading, Workshop workshop, Length least, Optional<Called> called) {

    /** What may be spent, lines to compare: a slip costs as many as its pieces have. Well under a second. */
    private static final int MOST_LINES = 400;

    /** So many characters to make something of once more cost as much as a line. */
    private static final int CHARACTERS = 100;

    /** So many are looked at, of which the tidiest are shown. */
    private static final int MOST_FOUND = 10;

    private static final int MOST_SHOWN = 3;

    /**
     * A slip with which the card is known.
     *
     * @param isCalledSo whether it is then what the recipe calls it
     * @param untidiness of its panels then
     */
    private record Found(Slip slip, Likeness known, boolean isCalledSo, int untidiness) {

        boolean isAsTidyAs(Found other) {
            return untidiness == other.untidiness;
        }
    }

    /**
     * What was found.
     *
     * @param mends the likeliest first; at most three
     * @param asGood how many of the first leave the card as tidy as one another
     */
    record Result(List<OneNumber> mends, int asGood) {}

    Result found() {
        Recogniser recogniser =
                Recognisers.of(workshop.catalogue(), workshop.tools().allowances());
        List<Found> found = new ArrayList<>();
        Iterator<Slip> slips = Stream.concat(
                        reading.copies().flatMap(copies -> copies.slip().stream()), reading.slips())
                .iterator();
        int spent = 0;
        while (spent < MOST_LINES && found.size() < MOST_FOUND && slips.hasNext()) {
            Slip slip = slips.next();
            spent += lines(slip.asTold()) + slip.change().text().length() / CHARACTERS;
            if (slip.by() != null && slip.by().isShorterThan(least)) {
                continue;
            }
            plain(slip, recogniser)
                    .ifPresent(known -> found.add(new Found(
                            slip,
                            known,
                            called.filter(name -> known.structure().equals(name.structure()))
                                    .isPresent(),
                            untidiness(slip.asTold()))));
        }
        // what the recipe calls it says which card was meant
        boolean isCalled = found.stream().anyMatch(Found::isCalledSo);
        return ranked(found.stream()
                .filter(one -> one.isCalledSo() == isCalled)
                .sorted(Comparator.comparingInt(Found::untidiness))
                .limit(MOST_SHOWN)
                .toList());
    }

    /** Of those that are as tidy, the ones on which all mats fit come first. */
    private Result ranked(List<Found> tidiest) {
        Map<Found, Integer> strayMats = new LinkedHashMap<>();
        tidiest.forEach(one -> strayMats.put(one, one.isAsTidyAs(tidiest.get(0)) ? strayMats(one) : Integer.MAX_VALUE));
        List<Found> ranked =
                tidiest.stream().sorted(Comparator.comparing(strayMats::get)).toList();
        int asGood = (int) ranked.stream()
                .filter(one -> one.isAsTidyAs(ranked.get(0))
                        && Objects.equals(strayMats.get(one), strayMats.get(ranked.get(0))))
                .count();
        return new Result(
                ranked.stream()
                        .map(one -> meant(one.slip().change(), one.known()))
                        .toList(),
                asGood);
    }

    private static int lines(Assembly pieces) {
        return pieces.pieces().stream()
                .mapToInt(piece -> 1 + piece.creases().size() + piece.slits().size())
                .sum();
    }

    /** How many widths panels have; of those that are as many, multiples of one width are tidier. */
    private static int untidiness(Assembly pieces) {
        return pieces.pieces().stream()
                .map(piece -> Panels.of(piece).all().stream()
                        .map(Panel::width)
                        .distinct()
                        .sorted()
                        .toList())
                .mapToInt(widths -> 2 * widths.size()
                        + (widths.stream()
                                        .allMatch(width ->
                                                width.units() % widths.get(0).units() == 0)
                                ? 0
                                : 1))
                .sum();
    }

    private OneNumber meant(OneNumber change, Likeness known) {
        return new OneNumber(
                change.start(),
                change.end(),
                change.was(),
                change.now(),
                change.text(),
                "it is " + WhatItIs.withArticle(known.structure().name()));
    }

    /** What its pieces are then, with all that usually follows, in the size that the recipe tells. */
    private Optional<Likeness> plain(Slip slip, Recogniser recogniser) {
        return recogniser.exactly(slip.asTold(), null, reading.ruler()).stream()
                .findFirst()
                .filter(KnownRecipe::isPlain)
                .filter(known -> isOfSize(known, slip));
    }

    private int strayMats(Found one) {
        return one.slip().mats().isEmpty()
                ? 0
                : MatsLaid.of(one.slip().mats(), worked(one.known())).findings().size();
    }

    private WorkedPlan worked(Likeness known) {
        return workshop.work(Plan.of("Card", known.structure().id(), known.measures(), reading.ruler()));
    }

    private boolean isOfSize(Likeness known, Slip slip) {
        return slip.finished() == null || KnownRecipe.isOfSize(worked(known).footprint(), slip.finished());
    }
}
