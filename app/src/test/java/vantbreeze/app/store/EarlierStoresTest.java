package vantbreeze.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import vantbreeze.app.Vantbreeze;
import vantbreeze.app.cards.CardRow;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.Listing;
import vantbreeze.app.safekeeping.Copies;
import vantbreeze.app.safekeeping.Copy;
import vantbreeze.core.edit.SetField;

/** A database kept by any earlier build opens, is copied as it was first, and goes on. */
class EarlierStoresTest {

    @TempDir
    private Path folder;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void opensAndIsCopiedBeforeItIsChanged(int schema) throws IOException {
        Files.copy(
                Path.of("src/test/resources/stores/schema-%d.mv.db".formatted(schema)), folder.resolve("cards.mv.db"));
        try (var house =
                new SpringApplicationBuilder(Vantbreeze.class).run("--server.port=0", "--vantbreeze.data=" + folder)) {
            List<CardRow> rows = house.getBean(Listing.class).cards();
            assertThat(rows).hasSize(1);
            assertThat(rows.get(0).id()).isEqualTo(EarlierStores.CARD);
            assertThat(rows.get(0).facts()).contains("Z-fold");
            Drawer drawer = house.getBean(Drawer.class);
            assertThat(drawer.card(EarlierStores.CARD).document()).isEqualTo(EarlierStores.document("plan-1.json"));
            assertThat(drawer.versions(EarlierStores.CARD)).hasSize(schema < 2 ? 0 : 1);
            assertThat(drawer.change(EarlierStores.CARD, 4, SetField.to("name", "Kite over the weir"))
                            .card()
                            .revision())
                    .isEqualTo(5);
            List<Copy> copies = house.getBean(Copies.class).all();
            assertThat(copies).hasSize(1);
            assertThat(copies.get(0).why()).isEqualTo(Copy.Why.BEFORE_MIGRATION);
            assertThat(copies.get(0).name()).startsWith("before-schema-%d-".formatted(schema));
        }
        // the next start finds nothing to migrate and copies nothing
        try (var house =
                new SpringApplicationBuilder(Vantbreeze.class).run("--server.port=0", "--vantbreeze.data=" + folder)) {
            assertThat(house.getBean(Drawer.class)
                            .card(EarlierStores.CARD)
                            .plan()
                            .name())
                    .isEqualTo("Kite over the weir");
            assertThat(house.getBean(Copies.class).all()).hasSize(1);
        }
    }
}
