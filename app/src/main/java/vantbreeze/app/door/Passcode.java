package vantbreeze.app.door;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Component;
import vantbreeze.app.house.DataFolder;

/**
 * The passcode that is asked when others on the network can reach the house. Only its hash is kept (bcrypt, Provos and
 * Mazières 1999, cost 10). After a few wrong tries each further one has to wait, twice as long each time, whoever makes
 * it.
 */
@Component
public class Passcode {

    /** Shortest passcode taken, characters (OWASP ASVS 5, 6.2.1). */
    public static final int SHORTEST = 8;
    /** Longest passcode taken, bytes: bcrypt looks at no more. */
    public static final int LONGEST = 72;

    /** No vowels and nothing that is read for something else. */
    private static final String LETTERS = "bcdfghjkmnpqrstvwxz23456789";

    private static final int FREE_TRIES = 5;
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);

    private final DataFolder folder;
    private final boolean asked;
    private final Clock clock;
    private int wrong;
    private Instant next = Instant.MIN;

    /** The passcode of a folder, to be set while the house is closed. */
    public static Passcode of(DataFolder folder) {
        return new Passcode(folder, true, Clock.systemUTC());
    }

    @Autowired
    Passcode(
            Names names, DataFolder folder, Clock clock, @Value("${vantbreeze.passcode.always:false}") boolean always) {
        this(folder, always || !names.isLoopback(), clock);
    }

    private Passcode(DataFolder folder, boolean asked, Clock clock) {
        this.folder = folder;
        this.asked = asked;
        this.clock = clock;
    }

    /** What became of a try. */
    public enum Try {
        RIGHT,
        WRONG,
        TOO_SOON
    }

    /** Whether one is asked for. */
    public boolean isAsked() {
        return asked;
    }

    /**
     * Tries one. While a wait is on, not even the right one is let in, so that waiting can't be got round by many
     * askers.
     */
    public synchronized Try attempt(String passcode) {
        if (clock.instant().isBefore(next)) {
            return Try.TOO_SOON;
        }
        if (matches(passcode)) {
            wrong = 0;
            return Try.RIGHT;
        }
        wrong++;
        if (wrong >= FREE_TRIES) {
            Duration wait = Duration.ofSeconds(1L << Math.min(20, wrong - FREE_TRIES));
            next = clock.instant().plus(wait.compareTo(LONGEST_WAIT) < 0 ? wait : LONGEST_WAIT);
        }
        return Try.WRONG;
    }

    /** How long the next try has to wait, whole seconds. */
    public synchronized long waitSeconds() {
        return Math.max(
                0,
                Duration.between(clock.instant(), next.equals(Instant.MIN) ? clock.instant() : next)
                                .toSeconds()
                        + 1);
    }

    private boolean matches(String passcode) {
        try {
            return passcode != null
                    && fits(passcode)
                    && Files.exists(file())
                    && hash().matches(passcode, Files.readString(file()).strip());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Whether a passcode is neither too short nor too long. */
    public static boolean fits(String passcode) {
        return passcode.length() >= SHORTEST && passcode.getBytes(StandardCharsets.UTF_8).length <= LONGEST;
    }

    /** Sets another one. */
    public void set(String passcode) {
        try {
            folder.write(file(), hash().encode(passcode));
        } catch (IOException unable) {
            throw new UncheckedIOException("the passcode can't be kept", unable);
        }
    }

    /** A new one, when there is none yet; it is told this once. Null when there is one. */
    public @Nullable String madeIfNone() {
        if (Files.exists(file())) {
            return null;
        }
        SecureRandom random = new SecureRandom();
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < 15; i++) {
            made.append(i > 0 && i % 5 == 0 ? "-" : "").append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        set(made.toString());
        return made.toString();
    }

    private static BCryptPasswordEncoder hash() {
        return new BCryptPasswordEncoder(10);
    }

    private Path file() {
        return folder.path().resolve("passcode");
    }
}
