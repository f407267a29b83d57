package vantbreeze.core.texts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.TriedExtra;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

/** Everything that a structure can say, read by rules: words, one and many, digits that a ruler has, one ruler. */
class WordsOnScreenTest {

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    @ParameterizedTest
    @MethodSource("structures")
    void whatIsSaidOfAStructureIsSaidInOurWords(Structure structure) {
        List<String> found = new ArrayList<>();
        AllTexts.cards(structure)
                .forEach(card -> Stream.concat(AllTexts.of(card).stream(), AllTexts.dressed(card).stream())
                        .distinct()
                        .forEach(said -> TextRules.read(said, card.ruler(), found)));
        assertThat(found.stream().distinct().limit(20)).isEmpty();
    }

    /** Each kind of thing that can be set on a card, once, and what is said against it where it does not go. */
    @Test
    void whatIsSetOnACardIsSaidInOurWords() {
        Workshop workshop = Workshop.standard();
        List<String> found = new ArrayList<>();
        Set<String> put = new HashSet<>();
        for (String structure : List.of("side-fold", "z-fold", "stage")) {
            WorkedPlan card = workshop.work(BarePlan.of(workshop.structure(structure)));
            for (int panel = 0; panel < card.form().graph().panels().size(); panel++) {
                for (Side side : Side.values()) {
                    Face face = new Face(panel, side);
                    for (TriedExtra tried : TriedExtra.on(face, card, workshop)) {
                        if (!tried.against().isEmpty()) {
                            TextRules.words(new Said("extra against", tried.against()), found);
                        } else if (put.add(tried.offer().kind())) {
                            WorkedPlan carrying =
                                    workshop.work(new Carry.Put(tried.offer().kind(), "Kite", face, tried.to())
                                            .on(card.plan(), workshop)
                                            .plan());
                            AllTexts.of(carrying).forEach(said -> TextRules.read(said, carrying.ruler(), found));
                        }
                    }
                }
            }
        }
        assertThat(put).hasSizeGreaterThan(5);
        assertThat(found.stream().distinct().limit(20)).isEmpty();
    }

    /** Cards made free and worked on by hand, and whatever is refused on the way. */
    @ParameterizedTest
    @MethodSource("structures")
    void whatIsSaidOfWorkByHandIsSaidInOurWords(Structure structure) {
        List<String> found = new ArrayList<>();
        AllTexts.cards(structure).limit(8).forEach(card -> HandTexts.of(card, 7).stream()
                .distinct()
                .forEach(said -> TextRules.read(said, card.ruler(), found)));
        assertThat(found.stream().distinct().limit(20)).isEmpty();
    }

    @Test
    void allowancesAreToldInOurWords() {
        List<String> found = new ArrayList<>();
        AllTexts.allowances().forEach(said -> TextRules.words(said, found));
        assertThat(found).isEmpty();
    }

    @Test
    void theTableIsRead() {
        assertThat(WordsOnScreen.notSaid()).hasSizeGreaterThan(10);
        assertThat(WordsOnScreen.notSaid())
                .anyMatch(one -> one.found().matcher("Score aslant").find())
                .anyMatch(one -> one.found().matcher("about 5½ in").find())
                .anyMatch(one -> one.found().matcher("2 in across, 3 in up").find());
    }
}
