package vantbreeze.app.rooms;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import java.io.IOException;

/** The rooms of the app, from the ground up, and which may know of which. */
@AnalyzeClasses(packages = "vantbreeze.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppRoomsTest {

    private static final Rooms ROOMS = new Rooms("app", "vantbreeze.app");

    static {
        ROOMS.room("problem");
        ROOMS.room("house");
        ROOMS.room("store");
        ROOMS.room("door", "problem", "house");
        ROOMS.room("stock", "store");
        ROOMS.room("cards", "store", "stock");
        ROOMS.room("cutting", "stock", "cards");
        ROOMS.room("building", "store");
        ROOMS.room("demo", "stock", "cards");
        ROOMS.room("safekeeping", "house", "door", "stock", "cards");
        ROOMS.room(Rooms.ROOT, "house", "safekeeping");
        ROOMS.room(
                "api", Rooms.ROOT, "problem", "house", "door", "stock", "cards", "cutting", "building", "safekeeping");
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
}
