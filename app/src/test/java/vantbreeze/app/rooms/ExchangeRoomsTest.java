package vantbreeze.app.rooms;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import java.io.IOException;

/** The rooms of the exchange, from the ground up, and which may know of which. */
@AnalyzeClasses(packages = "vantbreeze.exchange", importOptions = ImportOption.DoNotIncludeTests.class)
class ExchangeRoomsTest {

    private static final Rooms ROOMS = new Rooms("exchange", "vantbreeze.exchange");

    static {
        ROOMS.room("document");
        ROOMS.room("table");
        ROOMS.room("print");
        ROOMS.room("handout");
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
