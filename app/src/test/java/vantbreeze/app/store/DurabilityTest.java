package vantbreeze.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import vantbreeze.app.Vantbreeze;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.ZFold;

/** What was answered is in the file: a copy of it taken at that moment, as a power cut leaves it, has the change. */
class DurabilityTest {

    private static final Plan PLAN = Plan.of(
            "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(124, 92), Ruler.MM_1), Ruler.MM_1);

    @TempDir
    private Path folder;

    @Test
    void everyChangeIsInTheFileWhenItIsAnswered() throws IOException, SQLException {
        try (var house =
                new SpringApplicationBuilder(Vantbreeze.class).run("--server.port=0", "--vantbreeze.data=" + folder)) {
            Drawer drawer = house.getBean(Drawer.class);
            UUID id = drawer.add(PLAN).id();
            assertThat(inACopy("select name from card where id = '%s'".formatted(id)))
                    .isEqualTo("Kite day");
            for (int i = 0; i < 3; i++) {
                String name = "Kite day, take %d".formatted(i);
                drawer.change(id, i, SetField.to("name", name));
                assertThat(inACopy("select name from card where id = '%s'".formatted(id)))
                        .isEqualTo(name);
            }
            drawer.keepVersion(id, "as cut");
            assertThat(inACopy("select name from card_version")).isEqualTo("as cut");
            house.getBean(StockRoom.class).change(own -> own.with(own.tools()));
            assertThat(inACopy("select count(*) from stock")).isEqualTo("1");
            drawer.delete(id);
            assertThat(inACopy("select count(*) from card where deleted_at is null"))
                    .isEqualTo("0");
        }
    }

    private String inACopy(String query) throws IOException, SQLException {
        Path copy = Files.createTempDirectory(folder, "cut").resolve("cards.mv.db");
        Files.copy(folder.resolve("cards.mv.db"), copy);
        String url = "jdbc:h2:file:%s".formatted(copy.toString().replace(".mv.db", ""));
        try (Connection connection = DriverManager.getConnection(url, "vantbreeze", "");
                ResultSet row = connection.createStatement().executeQuery(query)) {
            assertThat(row.next()).isTrue();
            return row.getString(1);
        }
    }
}
