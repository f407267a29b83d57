package vantbreeze.app.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.app.house.DataFolder;

class PasscodeTest {

    @TempDir
    private Path folder;

    private final MovingClock clock = new MovingClock();
    private Passcode passcode;

    /** Stands still until it is moved. */
    private static final class MovingClock extends Clock {

        private Instant now = Instant.parse("2026-05-30T10:00:00Z");

        @Override
        public Instant instant() {
            return now;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }

    @BeforeEach
    void set() {
        passcode = new Passcode(new Names("0.0.0.0", Set.of()), new DataFolder(folder), clock, false);
        passcode.set("string and bridle");
    }

    @Test
    void onlyItsHashIsKeptAndOnlyForTheMaker() throws Exception {
        String kept = Files.readString(folder.resolve("passcode"));
        assertThat(kept).startsWith("$2").doesNotContain("bridle");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("passcode"))))
                .isEqualTo("rw-------");
        assertThat(passcode.madeIfNone()).isNull();
    }

    @Test
    void theRightOneIsLetIn() {
        assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.RIGHT);
        assertThat(passcode.attempt("string and Bridle")).isEqualTo(Passcode.Try.WRONG);
        assertThat(passcode.attempt(null)).isEqualTo(Passcode.Try.WRONG);
        assertThat(passcode.attempt("x".repeat(500))).isEqualTo(Passcode.Try.WRONG);
    }

    @Test
    void eachWrongTryAfterTheFifthWaitsTwiceAsLong() {
        for (int i = 0; i < 5; i++) {
            assertThat(passcode.attempt("guess number " + i)).isEqualTo(Passcode.Try.WRONG);
        }
        for (int wait = 1; wait <= 256; wait *= 2) {
            assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.TOO_SOON);
            clock.now = clock.now.plusSeconds(wait).minusMillis(1);
            assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.TOO_SOON);
            assertThat(passcode.waitSeconds()).isEqualTo(1);
            clock.now = clock.now.plusMillis(1);
            assertThat(passcode.attempt("another guess")).isEqualTo(Passcode.Try.WRONG);
        }
        clock.now = clock.now.plus(Duration.ofMinutes(5));
        assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.RIGHT);
        assertThat(passcode.attempt("guess")).isEqualTo(Passcode.Try.WRONG);
        assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.RIGHT);
    }

    @Test
    void oneIsMadeWhereThereIsNone() throws Exception {
        Files.delete(folder.resolve("passcode"));
        assertThat(passcode.attempt("string and bridle")).isEqualTo(Passcode.Try.WRONG);
        String made = passcode.madeIfNone();
        assertThat(made).matches("[b-z2-9]{5}-[b-z2-9]{5}-[b-z2-9]{5}");
        assertThat(passcode.attempt(made)).isEqualTo(Passcode.Try.RIGHT);
    }

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1, false",
        "localhost, false",
        "::1, false",
        "0.0.0.0, true",
        "::, true",
        "192.168.5.9, true",
        "no-such-name.invalid, true"
    })
    void isAskedWhereverOthersCanReachTheHouse(String address, boolean asked) {
        assertThat(new Passcode(new Names(address, Set.of()), new DataFolder(folder), clock, false).isAsked())
                .isEqualTo(asked);
    }

    @Test
    void theAddressItListensAtIsOneOfItsNames() {
        Names names = new Names("192.168.5.9", Set.of("kites.home"));
        assertThat(names.has("192.168.5.9")).isTrue();
        assertThat(names.has("kites.home")).isTrue();
        assertThat(names.has("192.168.5.8")).isFalse();
        assertThat(new Names("0.0.0.0", Set.of()).has("0.0.0.0")).isFalse();
    }
}
