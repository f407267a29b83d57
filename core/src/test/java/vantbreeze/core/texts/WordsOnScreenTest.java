package vantbreeze.core.texts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.TriedExtra;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

/** Everything that a structure can say, read by rules: words, one and many, digits that a ruler has, one ruler. */
class WordsOnScreenTest {

    private static final Pattern DECIMALS = Pattern.compile("\\d+\\.\\d{2,} mm");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+) in\\b");
    private static final Pattern FIGURE = Pattern.compile("[\\d½¼¾⅛⅜⅝⅞] (in|mm)\\b");
    private static final Pattern ONE = Pattern.compile("\\b1 (pieces|layers|panels|folds|come)\\b");
    private static final Pattern MANY = Pattern.compile("\\b([2-9]|\\d\\d+) (piece|layer|panel|fold|comes)\\b(?! \\d)");

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
                        .forEach(said -> read(said, card.ruler(), found)));
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
                            words(new Said("extra against", tried.against()), found);
                        } else if (put.add(tried.offer().kind())) {
                            WorkedPlan carrying =
                                    workshop.work(new Carry.Put(tried.offer().kind(), "Kite", face, tried.to())
                                            .on(card.plan(), workshop)
                                            .plan());
                            AllTexts.of(carrying).forEach(said -> read(said, carrying.ruler(), found));
                        }
                    }
                }
            }
        }
        assertThat(put).hasSizeGreaterThan(5);
        assertThat(found.stream().distinct().limit(20)).isEmpty();
    }

    @Test
    void allowancesAreToldInOurWords() {
        List<String> found = new ArrayList<>();
        AllTexts.allowances().forEach(said -> words(said, found));
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

    private static void read(Said said, Ruler ruler, List<String> found) {
        // a recipe is a language of its own, exact to the last digit: what it says is what its reader reads
        if (said.where().endsWith("recipe")) {
            return;
        }
        words(said, found);
        String text = said.text().replaceAll("exactly [\\d. /½¼¾⅛⅜⅝⅞]+ (in|mm)", "");
        if (DECIMALS.matcher(text).find()) {
            found.add("digits that no ruler has: " + said);
        }
        Matcher fractions = FRACTION.matcher(text);
        while (fractions.find()) {
            int lower = Integer.parseInt(fractions.group(2));
            if (Integer.bitCount(lower) != 1 || lower > 64 || Integer.parseInt(fractions.group(1)) % 2 == 0) {
                found.add("no mark of a ruler: " + said);
            }
        }
        // a length that nobody typed on this ruler is told exactly beside it, and names of things sold have their own
        Matcher figures = FIGURE.matcher(text.replaceAll("\\([^)]*\\)|\\d+ (in|cm) board|12 × 12 in", ""));
        while (figures.find()) {
            if (figures.group(1).equals("in") != ruler.isInches()) {
                found.add("another ruler: " + said);
            }
        }
        if (ONE.matcher(text).find() || MANY.matcher(text).find()) {
            found.add("one or many: " + said);
        }
        if (said.where().contains("finding") || said.where().contains("limit")) {
            if (!text.endsWith(".")
                    || text.contains("..")
                    || text.contains("  ")
                    || Character.isLowerCase(text.charAt(0))) {
                found.add("no sentence: " + said);
            }
        }
    }

    private static void words(Said said, List<String> found) {
        for (WordsOnScreen.NotSaid word : WordsOnScreen.notSaid()) {
            if (word.found().matcher(said.text()).find()) {
                found.add("say \"%s\": %s".formatted(word.instead(), said));
            }
        }
    }
}
