package vantbreeze.app.safekeeping;

import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.door.Passcode;
import vantbreeze.app.house.CannotStart;
import vantbreeze.app.house.DataFolder;

/** Asks for a new passcode at the command line, unseen where there is a terminal. */
@SuppressWarnings("SystemConsoleNull") // on Java 17 it is null where there is no terminal
final class NewPasscode {

    private NewPasscode() {}

    static void ask(DataFolder folder) throws IOException {
        Files.createDirectories(folder.path());
        String typed = read(String.format(Locale.ROOT, "New passcode, %d characters or more: ", Passcode.SHORTEST));
        if (typed == null || !Passcode.fits(typed)) {
            throw new CannotStart(
                    String.format(
                            Locale.ROOT,
                            "A passcode has %d characters or more, and no more than %d bytes. Nothing was changed.",
                            Passcode.SHORTEST,
                            Passcode.LONGEST),
                    null);
        }
        if (System.console() != null && !typed.equals(read("Once more: "))) {
            throw new CannotStart("That was not the same twice. Nothing was changed.", null);
        }
        Passcode.of(folder).set(typed);
        System.out.println("It is set. A browser that was let in already stays so until Vantbreeze is started again.");
    }

    private static @Nullable String read(String words) throws IOException {
        Console console = System.console();
        if (console != null) {
            char[] typed = console.readPassword(words);
            return typed == null ? null : new String(typed);
        }
        return new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
    }
}
