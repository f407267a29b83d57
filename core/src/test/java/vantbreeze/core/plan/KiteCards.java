package vantbreeze.core.plan;

import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.function.ThrowingConsumer;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;

/** Cards of every structure for a kite festival, in invented sizes, bare and with the usual layers. */
public final class KiteCards {

    /** Where they are worked out. */
    public static final Workshop WORKSHOP = Workshop.standard();

    private KiteCards() {}

    /** A check of each structure by itself. */
    public static Stream<DynamicTest> eachStructure(ThrowingConsumer<Structure> check) {
        return WORKSHOP.catalogue().all().stream()
                .map(structure -> DynamicTest.dynamicTest(structure.name(), () -> check.accept(structure)));
    }

    /** In millimetres, 152 × 112 as far as its structure lets it be. */
    public static WorkedPlan bare(Structure structure) {
        return WORKSHOP.work(Plan.of(
                "Kite day",
                structure.id(),
                structure.proportioned(Size.ofMillimetres(152, 112), Ruler.MM_1),
                Ruler.MM_1));
    }

    /** The same with a mat and a patterned layer on all that shows. */
    public static WorkedPlan dressed(Structure structure) {
        WorkedPlan bare = bare(structure);
        Suggestion suggestion = new Suggestion(WORKSHOP, bare);
        return bare.withDressing(suggestion.dressing(suggestion.usualStack()));
    }

    /** The same by the name of a structure. */
    public static WorkedPlan dressed(String structure) {
        return dressed(WORKSHOP.structure(structure));
    }
}
