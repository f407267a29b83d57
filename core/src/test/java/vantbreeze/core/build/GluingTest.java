package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Adhesives;

/** What a joint is glued with when not all there could be is on hand; what does in its stead is common practice. */
class GluingTest {

    private static final String BAND = "GLUE: Band on Left wing";

    private static Workshop shop(Collection<String> away, Adhesive... own) {
        Adhesives all = Adhesives.USUAL;
        for (Adhesive one : own) {
            all = all.with(one);
        }
        OwnStock stock = OwnStock.usual();
        return Workshop.standard().with(stock.with(stock.tools().with(all)).withAway(Set.copyOf(away)));
    }

    private static WorkedPlan having(Collection<String> away, Adhesive... own) {
        return shop(away, own).work(KiteCards.dressed("stage").plan());
    }

    private static BuildStep step(WorkedPlan card, String id) {
        return card.of(BuildPlan.STAGE).steps().stream()
                .filter(step -> step.id().text().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String adhesive(WorkedPlan card) {
        BuildPlan building = card.of(BuildPlan.STAGE);
        int at = building.steps().indexOf(step(card, BAND));
        return building.adhesive(at).orElseThrow();
    }

    private static List<String> ids(Adhesive.Kind... kinds) {
        return Stream.of(kinds).map(kind -> Adhesive.usual(kind).id()).toList();
    }

    @Test
    void whatIsMissingIsReplacedByWhatHoldsToo() {
        WorkedPlan all = having(List.of());
        assertThat(adhesive(all))
                .isEqualTo(Adhesive.usual(Adhesive.Kind.CONSTRUCTION).id());
        assertThat(all.of(BuildPlan.STAGE).missing()).isEmpty();
        WorkedPlan without = having(ids(Adhesive.Kind.CONSTRUCTION));
        assertThat(adhesive(without))
                .isEqualTo(Adhesive.usual(Adhesive.Kind.WET).id());
        assertThat(step(without, BAND).how()).contains("Construction glue would be usual and is not on hand");
        assertThat(without.of(BuildPlan.STAGE).missing()).isEmpty();
    }

    /** A band that is pulled at is not left to a tape that lets go: what is wanted is told to be missing. */
    @Test
    void whereNothingThatHoldsIsOnHandItIsTold() {
        WorkedPlan bare = having(ids(Adhesive.Kind.CONSTRUCTION, Adhesive.Kind.WET, Adhesive.Kind.STRONG_TAPE));
        assertThat(step(bare, BAND).how()).startsWith("Construction glue is not on hand. ");
        assertThat(bare.of(BuildPlan.STAGE).missing())
                .anyMatch(words -> words.startsWith("Construction glue is not on hand: get some, or choose something"
                                + " else, for “Glue Band on Left wing”")
                        && words.contains("“Glue Band on Right wing”"));
        // layers still take the tape that there is
        assertThat(bare.of(BuildPlan.STAGE).missing()).noneMatch(words -> words.contains("“Add "));
        WorkedPlan none = having(Adhesive.USUAL.stream().map(Adhesive::id).toList());
        assertThat(none.of(BuildPlan.STAGE).missing())
                .anyMatch(words -> words.contains("“Add ") && words.endsWith(" steps more."));
    }

    @Test
    void theMakersOwnComesBeforeTheUsualAndIsWaitedFor() {
        Adhesive own =
                new Adhesive("own-epoxy", "Spar glue", Adhesive.Kind.CONSTRUCTION, 300, 7_200, List.of("Gloves."));
        WorkedPlan card = having(List.of(), own);
        assertThat(adhesive(card)).isEqualTo("own-epoxy");
        assertThat(StepWords.lines(step(card, BAND), card.ruler()))
                .anyMatch(text -> text.contains("Spar glue on Band"))
                .anyMatch(text -> text.endsWith("it can be moved for 5 min."));
        assertThat(step(card, BAND).cautions()).contains("Gloves.");
        // a usual one that is slower on this table is waited for longer
        Adhesive usual = Adhesive.usual(Adhesive.Kind.CONSTRUCTION);
        Adhesive slow = new Adhesive(usual.id(), usual.name(), usual.kind(), 30, 3_600, usual.cautions());
        WorkedPlan slower = having(List.of(), slow);
        assertThat(step(slower, BAND).sets()).isEqualTo(3_600);
    }

    /**
     * What was chosen and is put away stays chosen, and is told; what was chosen and is forgotten is as usual again.
     */
    @Test
    void whatWasChosenIsKept() {
        Adhesive own = new Adhesive("own-paste", "Kite paste", Adhesive.Kind.WET, 60, 600, List.of());
        WorkedPlan stage = KiteCards.dressed("stage");
        JoinId band = JoinId.all(stage.form().graph().assembly()).get(0);
        Plan choosing = stage.plan().withBuilding(stage.plan().building().withAdhesive(band, own.id()));
        assertThat(shop(List.of(own.id()), own)
                        .work(choosing)
                        .of(BuildPlan.STAGE)
                        .missing())
                .anyMatch(words -> words.startsWith("Kite paste is not on hand: "));
        assertThat(Workshop.standard().work(choosing).of(BuildPlan.STAGE).steps())
                .anyMatch(step -> step.how().startsWith("What was chosen for it is not among the adhesives any more."));
    }
}
