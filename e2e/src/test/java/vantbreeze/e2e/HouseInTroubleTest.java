package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vantbreeze.trials.House;
import vantbreeze.trials.KillTrial;

/** Houses killed, opened twice, on damaged files, open to the network; commands beside them. */
class HouseInTroubleTest {

    @TempDir
    private Path folder;

    private void browse(House house, Consumer<Page> story) {
        try (BrowserContext profile = Browsing.browser().newContext()) {
            Page page = profile.newPage();
            page.setDefaultTimeout(15_000);
            page.navigate(house.at("/"));
            story.accept(page);
        }
    }

    /** The command line's words, run with the cards in the folder; what it said, and its status on the last line. */
    private String command(String... words) throws IOException, InterruptedException {
        return Houses.start().command(folder, words);
    }

    /** The thousand kills of docs/reliability.md, in small. */
    @Test
    void whatWasAnsweredIsThereAfterAKill() throws Exception {
        KillTrial.Outcome outcome = new KillTrial(Houses.start(), folder, 7).run(3);
        assertThat(outcome.edits()).isPositive();
        assertThat(outcome.lost()).isZero();
        assertThat(outcome.unreadable()).isZero();
    }

    @Test
    void aSecondStartOnOneFolderIsRefusedInASentence() throws Exception {
        try (House first = Houses.start().in(folder)) {
            House second = Houses.start().begin(folder);
            assertThat(second.ended()).isEqualTo(1);
            assertThat(second.said().strip())
                    .isEqualTo("Another Vantbreeze has the cards in %s open already. Use its window, or stop it first."
                            .formatted(folder));
            assertThat(first.get("/api/cards").statusCode()).isEqualTo(200);
        }
    }

    @Test
    void ofADamagedFileWhatCanBeReadIsShownAndACopyIsPutBack() throws Exception {
        try (House house = Houses.start().with("--vantbreeze.demo=true").in(folder)) {
            Houses.awaitDemo(house);
            assertThat(command("backup", folder.resolve("saved.zip").toString()))
                    .contains("Everything is in")
                    .endsWith("0");
            assertThat(command("restore", folder.resolve("saved.zip").toString(), "--yes"))
                    .contains("is running on these cards")
                    .endsWith("1");
        }
        Path file = folder.resolve("cards.mv.db");
        byte[] damaged = Files.readAllBytes(file);
        Arrays.fill(damaged, 0, 8192, (byte) 0);
        Files.write(file, damaged);
        try (House house = Houses.start().in(folder)) {
            assertThat(house.said()).contains("is damaged");
            browse(house, page -> {
                assertThat(page.getByText("is damaged. What can be read of it is shown, and nothing is changed."))
                        .isVisible();
                page.getByLabel("Open Gate for the mayor").click();
                page.getByLabel("Name of the card").fill("Gate, renamed");
                page.getByLabel("Name of the card").press("Enter");
                assertThat(page.getByText("Nothing can be saved here now").first())
                        .isVisible();
                assertThat(page.getByLabel("Name of the card")).hasValue("Gate, renamed");
            });
            assertThat(Files.readAllBytes(file)).isEqualTo(damaged);
        }
        String restored = command("restore", folder.resolve("saved.zip").toString(), "--yes");
        assertThat(restored)
                .contains("The damaged file is kept as")
                .contains("It is put back")
                .endsWith("0");
        try (House house = Houses.start().in(folder)) {
            assertThat(house.get("/api/cards").body())
                    .contains("Gate for the mayor")
                    .doesNotContain("problem");
        }
    }

    @Test
    void commandsThatCannotBeDoneAreToldSo() throws Exception {
        assertThat(command("backup", folder.resolve("none.zip").toString()))
                .contains("There are no cards")
                .endsWith("1");
        Files.writeString(folder.resolve("diary.zip"), "dear diary");
        assertThat(command("restore", folder.resolve("diary.zip").toString(), "--yes"))
                .contains("no backup")
                .endsWith("1");
        assertThat(command("restore", folder.resolve("missing.zip").toString(), "--yes"))
                .contains("There is no file")
                .endsWith("1");
        assertThat(command("dance")).endsWith("2");
    }

    /** A copy of before a migration is put back by the command, whatever schema it is of. */
    @Test
    void aCopyFromBeforeAnUpdateIsPutBack() throws Exception {
        Files.copy(Path.of("../app/src/test/resources/stores/schema-2.mv.db"), folder.resolve("cards.mv.db"));
        String card;
        try (House house = Houses.start().in(folder)) {
            card = house.get("/api/cards").body();
            assertThat(card).contains("Kite over the mill");
            String id = card.replaceAll(".*\"id\":\"([^\"]*)\".*", "$1");
            assertThat(house.send(
                                    "POST",
                                    "/api/cards/%s/changes".formatted(id),
                                    "{\"revision\":4,\"field\":\"name\",\"text\":\"Kite over the weir\"}")
                            .statusCode())
                    .isEqualTo(200);
        }
        Path copy;
        try (var copies = Files.list(folder.resolve("copies"))) {
            copy = copies.filter(one -> one.getFileName().toString().startsWith("before-schema-2"))
                    .findFirst()
                    .orElseThrow();
        }
        assertThat(command("restore", copy.toString(), "--yes"))
                .contains("changes 1 to what they were then")
                .contains("It is put back");
        try (House house = Houses.start().in(folder)) {
            assertThat(house.get("/api/cards").body()).contains("Kite over the mill");
        }
    }

    @Test
    void openToTheNetworkItAsksForThePasscodeThatItSaid() throws Exception {
        String own = InetAddress.getLoopbackAddress().getHostAddress();
        try (House house = Houses.start()
                .with("--server.address=0.0.0.0", "--vantbreeze.passcode.always=false")
                .begin(folder)) {
            String said = "";
            for (int i = 0; i < 300 && !said.contains("passcode is"); i++) {
                Thread.sleep(100);
                said = house.said();
            }
            Matcher passcode = Pattern.compile("The passcode is (\\S+)\\. It is said this once")
                    .matcher(said);
            assertThat(passcode.find()).as(said).isTrue();
            assertThat(said)
                    .contains("Everyone on this network")
                    .contains("not encrypted")
                    .contains(own);
            assertThat(house.get("/api/cards").statusCode()).isEqualTo(401);
            browse(house, page -> {
                page.getByLabel("Passcode").fill("paper and glue");
                page.keyboard().press("Enter");
                assertThat(page.getByText("That is not the passcode.")).isVisible();
                page.getByLabel("Passcode").fill(passcode.group(1));
                page.keyboard().press("Enter");
                assertThat(page.getByText("In the drawer")).isVisible();
                assertThat(page.evaluate("document.cookie")).isEqualTo("");
                page.navigate(house.at("/safe-keeping"));
                page.getByText("Lock", new Page.GetByTextOptions().setExact(true))
                        .click();
                assertThat(page.getByLabel("Passcode")).isVisible();
            });
            assertThat(Map.of("passcode", Files.readString(folder.resolve("passcode"))))
                    .extractingByKey("passcode")
                    .asString()
                    .startsWith("$2")
                    .doesNotContain(passcode.group(1));
        }
    }
}
