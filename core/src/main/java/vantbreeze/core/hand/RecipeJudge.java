package vantbreeze.core.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.hand.KnownRecipe.Question;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.Assumption.About;
import vantbreeze.core.recipe.Copies;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recipe.Rewording;
import vantbreeze.core.recognition.Likeness;
import vantbreeze.core.recognition.Recogniser;
import vantbreeze.core.recognition.Recognisers;
import vantbreeze.core.structure.Structure;

/** Says which card a recipe means, of all that its words and figures allow. */
final class RecipeJudge {

    private static final int MOST_MENDS = 3;

    /** Gates, tabs and the like are cut by less than this smaller on purpose (common practice, no source). */
    private static final Length HAIR = Ruler.MM_1.division().times(3);

    /** What is taken of the structure where the card is known by its pieces. */
    private static final Set<About> OF_THE_STRUCTURE = Set.of(About.FOLDS, About.GLUE);

    private final RecipeReading reading;
    private final Plan drawn;
    private final Workshop workshop;
    private final WhatItIs what;
    private final Recogniser recogniser;
    private final Optional<Called> called;

    /**
     * A structure that the recipe may mean.
     *
     * @param copies that make it so, or null
     */
    private record Candidate(Likeness known, boolean isAsDrawn, @Nullable Copies copies) {

        Structure structure() {
            return known.structure();
        }

        boolean isPlain() {
            return KnownRecipe.isPlain(known);
        }
    }

    /**
     * Figures that may be misread.
     *
     * @param all the likeliest first
     * @param asGood how many of the first nothing tells apart
     */
    private record Mends(List<OneNumber> all, int asGood) {

        static final Mends NONE = new Mends(List.of(), 0);

        static Mends of(List<OneNumber> all) {
            return new Mends(all, 0);
        }

        @Nullable
        Question question(boolean closes) {
            return asGood < 2
                    ? null
                    : new Question(
                            closes ? "Is one of these figures misread?" : "Which figure is misread?",
                            all.stream()
                                    .limit(asGood)
                                    .map(mend -> new Rewording(
                                            "%s for %s: %s".formatted(mend.now(), mend.was(), mend.then()),
                                            mend.text()))
                                    .toList());
        }
    }

    RecipeJudge(RecipeReading reading, Plan drawn, Workshop workshop) {
        this.reading = reading;
        this.drawn = drawn;
        this.workshop = workshop;
        this.what = new WhatItIs(workshop, drawn);
        this.recogniser = Recognisers.of(workshop.catalogue(), workshop.tools().allowances());
        this.called = Called.in(reading.text(), workshop.catalogue());
    }

    KnownRecipe judged() {
        if (isOfMyOwn()) {
            return asDrawn(Mends.of(reading.mends()));
        }
        List<Candidate> candidates = candidates();
        Optional<Candidate> best = best(candidates);
        if (best.filter(Candidate::isPlain).isPresent()) {
            return known(best.get(), candidates, Mends.NONE);
        }
        if (best.filter(one -> one.isAsDrawn() || isCalledSo(one)).isPresent()) {
            return known(best.get(), candidates, doubts(best.get()));
        }
        Mends mends = best.map(this::doubts).orElseGet(() -> mends(Length.ZERO));
        // with measures that somebody must have chosen almost any strip is something: a misread figure is likelier
        return best.isPresent() && mends.all().isEmpty() ? known(best.get(), candidates, Mends.NONE) : asDrawn(mends);
    }

    /** The card without what would mend it; nothing where that decides which card it is. */
    Optional<KnownRecipe> undoubted() {
        if (isOfMyOwn()) {
            return Optional.of(asDrawn(Mends.NONE));
        }
        List<Candidate> candidates = candidates();
        Optional<Candidate> best = best(candidates);
        return best.isEmpty()
                ? Optional.of(asDrawn(Mends.NONE))
                : best.filter(one -> one.isAsDrawn() || isSure(one)).map(one -> known(one, candidates, Mends.NONE));
    }

    private boolean isOfMyOwn() {
        return called.filter(name -> name.structure() == null).isPresent();
    }

    /** Whether it is just as it is usually made, or what the recipe calls it. */
    private boolean isSure(Candidate candidate) {
        return candidate.isPlain() || isCalledSo(candidate);
    }

    private boolean isCalledSo(Candidate candidate) {
        return called.filter(name -> candidate.structure().equals(name.structure()))
                .isPresent();
    }

    /** What it may be, each structure once: as it is drawn, by its pieces alone, with one of them cut more often. */
    private List<Candidate> candidates() {
        List<Candidate> candidates = new ArrayList<>();
        if (reading.closes()) {
            what.exactly().forEach(known -> candidates.add(new Candidate(known, true, null)));
        }
        boolean isSettled = called.isPresent()
                ? candidates.stream().anyMatch(this::isCalledSo)
                : candidates.stream().anyMatch(Candidate::isPlain);
        // of a recipe that says itself what is glued where, its pieces alone do not say what it is
        if (!isSettled && reading.asTold() != null && !reading.tellsGlue()) {
            recogniser
                    .exactly(reading.asTold(), null, drawn.ruler())
                    .forEach(known -> add(candidates, new Candidate(known, false, null)));
            if (candidates.isEmpty()) {
                reading.copies()
                        .filter(copies -> !copies.isTold())
                        .flatMap(copies -> recogniser.exactly(copies.asTold(), null, drawn.ruler()).stream()
                                .map(known -> new Candidate(known, false, copies))
                                .filter(Candidate::isPlain)
                                .limit(1))
                        .forEach(candidate -> add(candidates, candidate));
            }
        }
        return candidates;
    }

    private void add(List<Candidate> candidates, Candidate more) {
        boolean isNew = candidates.stream()
                .noneMatch(one -> one.structure().id().equals(more.structure().id()));
        if (isNew && KnownRecipe.isOfSize(worked(more).footprint(), reading.finished())) {
            candidates.add(more);
        }
    }

    /** What the recipe calls it, else the first that it is as drawn, else the plainest by its pieces. */
    private Optional<Candidate> best(List<Candidate> candidates) {
        return called.flatMap(name -> candidates.stream()
                        .filter(candidate -> candidate.structure().equals(name.structure()))
                        .findFirst())
                .or(() -> candidates.stream().filter(Candidate::isAsDrawn).findFirst())
                .or(() -> candidates.stream().filter(Candidate::isPlain).findFirst())
                .or(() -> candidates.stream().findFirst());
    }

    private WorkedPlan worked(Candidate candidate) {
        return workshop.work(
                candidate.isAsDrawn()
                        ? what.taken(candidate.known())
                        : Plan.of(
                                        drawn.name(),
                                        candidate.structure().id(),
                                        candidate.known().measures(),
                                        drawn.ruler())
                                .withNotes(drawn.notes()));
    }

    private KnownRecipe known(Candidate best, List<Candidate> candidates, Mends mends) {
        WorkedPlan card = worked(best);
        List<Structure> others = candidates.stream()
                .filter(this::isSure)
                .map(Candidate::structure)
                .filter(structure -> !structure.equals(best.structure()))
                .toList();
        return new KnownRecipe(
                card,
                what.inWords(best.known()),
                true,
                best.isAsDrawn() ? reading.verdict() : Recipes.closing(card.footprint(), drawn.ruler()),
                assumed(best, others),
                List.of(),
                reading.findings(),
                mends.all(),
                question(best, candidates, mends));
    }

    private List<Assumption> assumed(Candidate best, List<Structure> others) {
        List<Assumption> assumed = new ArrayList<>();
        Copies copies = best.copies();
        if (copies != null) {
            assumed.add(copies.assumption());
        }
        if (best.isAsDrawn()) {
            if (!others.isEmpty()) {
                assumed.add(new Assumption(About.CARD, "Other cards are made of the same pieces.", named(others)));
            }
            assumed.addAll(reading.taken());
            return assumed;
        }
        List<Rewording> otherwise = new ArrayList<>(named(others));
        otherwise.add(ofMyOwn());
        assumed.add(new Assumption(
                About.CARD,
                "Folds and glue that the recipe leaves unsaid are those of the card that it is.",
                otherwise));
        reading.taken().stream()
                .filter(one -> !OF_THE_STRUCTURE.contains(one.about()))
                .forEach(assumed::add);
        return assumed;
    }

    private List<Rewording> named(List<Structure> structures) {
        return structures.stream()
                .map(structure -> new Rewording(
                        "It is " + WhatItIs.withArticle(structure.name()),
                        Called.calling(reading.text(), structure, workshop.catalogue())))
                .toList();
    }

    private Rewording ofMyOwn() {
        return new Rewording("It is a card of my own", Called.calling(reading.text(), null, workshop.catalogue()));
    }

    /** Which of several cards, or which figure, where nothing makes one of them likelier. */
    private @Nullable Question question(Candidate best, List<Candidate> candidates, Mends mends) {
        List<Structure> asGood = candidates.stream()
                .filter(one -> one.isAsDrawn() == best.isAsDrawn() && one.isPlain() == best.isPlain())
                .map(Candidate::structure)
                .toList();
        return isCalledSo(best)
                        || best.isAsDrawn()
                        || asGood.size() < 2
                        || !mends.all().isEmpty()
                ? mends.question(true)
                : new Question("Which of these cards is it?", named(asGood));
    }

    private KnownRecipe asDrawn(Mends mends) {
        return new KnownRecipe(
                workshop.work(drawn),
                null,
                reading.closes(),
                reading.verdict(),
                reading.taken(),
                List.of(),
                reading.findings(),
                mends.all(),
                mends.question(reading.closes()));
    }

    /**
     * Of a card that is known, but not as it is usually made: almost any strip is something, but of several pieces that
     * fit one another none is misread.
     */
    private Mends doubts(Candidate best) {
        if (drawn.drawn().assembly().pieces().size() == 1) {
            return mends(HAIR);
        }
        return best.isAsDrawn() ? Mends.of(reading.mends()) : Mends.NONE;
    }

    /** Figures that make it a card of the catalogue; then, where it does not close, those with which it does. */
    private Mends mends(Length least) {
        if (reading.tellsGlue()) {
            return Mends.of(reading.mends());
        }
        MeantFigure.Result found = new MeantFigure(reading, workshop, least, called).found();
        List<OneNumber> mends = new ArrayList<>(found.mends());
        if (mends.isEmpty()) {
            mends.addAll(reading.mends(least));
        }
        return new Mends(mends.stream().limit(MOST_MENDS).toList(), found.asGood());
    }
}
