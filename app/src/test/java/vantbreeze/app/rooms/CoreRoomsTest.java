package vantbreeze.app.rooms;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;

/** The core's rooms, from the ground up, and which may know of which: none of one above it, so there is no circle. */
@AnalyzeClasses(packages = "vantbreeze.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreRoomsTest {

    private static final Rooms ROOMS = new Rooms("core", "vantbreeze.core");

    static {
        ROOMS.room("length");
        ROOMS.room("outline");
        ROOMS.room("grammar");
        ROOMS.room("guillotine");
        ROOMS.room("paper", "length");
        ROOMS.room("die", "length", "paper");
        ROOMS.room("tool", "length", "die");
        ROOMS.room("fold.plane", "length");
        ROOMS.room("fold", "length", "paper", "fold.plane");
        ROOMS.room("fold.order", "fold", "fold.plane");
        ROOMS.room("fold.bulk", "length", "paper", "fold", "fold.plane", "fold.order");
        ROOMS.room("fold.motion", "length", "fold", "fold.plane", "fold.bulk");
        ROOMS.room("fold.folding", "length", "paper", "fold", "fold.plane", "fold.order", "fold.motion");
        ROOMS.room("fold.sight", "paper", "fold", "fold.order", "fold.bulk", "fold.motion", "fold.folding");
        ROOMS.room("fold.partial", "length", "fold", "fold.motion", "fold.folding", "fold.sight");
        ROOMS.room("structure", "length", "paper", "die", "outline", "tool", "fold", "fold.folding");
        ROOMS.room("recognition", "length", "paper", "tool", "fold", "structure");
        ROOMS.room("free", "length", "paper", "fold", "fold.plane", "fold.folding", "structure");
        ROOMS.room("extra", "length", "paper", "die", "tool", "fold", "fold.motion", "fold.folding", "structure");
        ROOMS.room("layer", "length", "paper", "die", "tool", "fold", "fold.plane", "fold.bulk");
        ROOMS.room(
                "cutting", "length", "guillotine", "paper", "die", "tool", "fold", "fold.plane", "fold.bulk", "layer");
        ROOMS.room("fit", "length", "paper", "tool", "fold", "fold.bulk", "structure", "cutting");
        ROOMS.room(
                "wrap",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.bulk",
                "fold.motion",
                "fold.folding",
                "structure",
                "fit");
        ROOMS.room(
                "check",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.plane",
                "fold.order",
                "fold.bulk",
                "fold.motion",
                "fold.folding",
                "structure",
                "layer",
                "cutting",
                "fit");
        ROOMS.room("post", "length", "check");
        ROOMS.room(
                "plan",
                "length",
                "outline",
                "paper",
                "die",
                "tool",
                "fold",
                "fold.order",
                "fold.bulk",
                "fold.folding",
                "fold.sight",
                "structure",
                "extra",
                "free",
                "layer",
                "cutting",
                "fit",
                "wrap",
                "check",
                "post");
        ROOMS.room(
                "counter",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.bulk",
                "structure",
                "extra",
                "layer",
                "fit",
                "check",
                "post",
                "plan");
        ROOMS.room(
                "recipe",
                "length",
                "grammar",
                "paper",
                "tool",
                "fold",
                "fold.order",
                "fold.bulk",
                "fold.folding",
                "structure",
                "layer",
                "free",
                "cutting",
                "check",
                "plan");
        ROOMS.room(
                "hand",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.bulk",
                "fold.folding",
                "fold.motion",
                "structure",
                "free",
                "layer",
                "fit",
                "check",
                "plan",
                "recipe",
                "recognition");
        ROOMS.room(
                "build",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.bulk",
                "fold.motion",
                "fold.folding",
                "fold.partial",
                "structure",
                "layer",
                "cutting",
                "fit",
                "check",
                "plan");
        ROOMS.room(
                "made",
                "length",
                "paper",
                "fold",
                "fold.bulk",
                "fold.folding",
                "layer",
                "cutting",
                "fit",
                "check",
                "plan",
                "build",
                "hand");
        ROOMS.room(
                "edit",
                "length",
                "paper",
                "die",
                "tool",
                "fold",
                "fold.bulk",
                "cutting",
                "structure",
                "extra",
                "free",
                "layer",
                "check",
                "plan",
                "counter",
                "build",
                "hand",
                "made",
                "fold.folding",
                "fold.sight");
    }

    @ArchTest
    static void everyClassStandsInARoom(JavaClasses all) {
        ROOMS.assertThatAllStandIn(all);
    }

    @ArchTest
    static void noneKnowsWhatItMayNot(JavaClasses all) throws IOException {
        ROOMS.assertThatNoneKnowsWhatItMayNot(all);
    }

    @ArchTest
    static void eachNameOnce(JavaClasses all) {
        ROOMS.assertThatEachNameIsOnce(all);
    }

    @ArchTest
    static final ArchRule NOTHING_OF_THE_WEB_OR_OF_STORAGE = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..", "vantbreeze.core..", "org.locationtech.jts..", "org.ejml..", "org.apache.batik.parser..");

    @ArchTest
    static final ArchRule NO_FILES_AND_NO_NETWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.net..", "java.nio.file..", "java.sql..");
}
