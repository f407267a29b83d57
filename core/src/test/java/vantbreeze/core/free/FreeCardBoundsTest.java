package vantbreeze.core.free;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.paper.Size;

class FreeCardBoundsTest {

    private static final Assembly SHEET = Assembly.of(FreeCard.sheet("Card base", Size.ofMillimetres(120, 80)));

    @Test
    void liesFlatInItsLastPose() {
        Stance bent = new Stance("Closed", true, List.of(new Stance.Angle("Left", "Right", 90)), List.of());
        assertThat(new FreeCard(SHEET, List.of(Stance.open(), bent), 0.5, 0, true).impossible())
                .contains("In its last pose, \"Closed\", a card lies flat; the fold between Left and Right "
                        + "stands at 90°.");
        Stance flat = new Stance(
                "Closed",
                true,
                List.of(new Stance.Angle("Left", "Right", -180), new Stance.Angle("Right", "Tail", 0)),
                List.of());
        assertThat(new FreeCard(SHEET, List.of(Stance.open(), flat), 0.5, 0, true).impossible())
                .isEmpty();
    }

    @Test
    void hasNoHoleOfTwoCorners() {
        Piece sheet = FreeCard.sheet("Card base", Size.ofMillimetres(120, 80));
        for (List<Spot> hole : List.of(List.<Spot>of(), sheet.outline().subList(0, 2))) {
            Piece holed = new Piece(sheet.name(), sheet.outline(), List.of(), List.of(), List.of(), List.of(hole));
            assertThat(new FreeCard(Assembly.of(holed), List.of(Stance.open(), Stance.closed()), 0.5, 0, true)
                            .impossible())
                    .contains(
                            "A hole in Card base has fewer than three corners. Give it all of them, or leave it out.");
        }
    }

    @ParameterizedTest
    @CsvSource({"-0.01, 0", "1.01, 0", "10, 0", "NaN, 0", "0.5, 91", "0.5, -91", "0.5, NaN", "Infinity, 0"})
    void showsItselfOnItsWayAndLeansNoMoreThanLying(double showing, double lean) {
        assertThatThrownBy(() -> new FreeCard(SHEET, List.of(Stance.open(), Stance.closed()), showing, lean, true))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
