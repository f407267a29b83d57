package vantbreeze.app.door;

import java.io.IOException;
import java.net.URI;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.stereotype.Component;
import vantbreeze.app.house.DataFolder;
import vantbreeze.app.house.HouseState;

/** What is said at the start: who can open the house, and what is the matter with it if anything is. */
@Component
@ConditionalOnProperty("vantbreeze.says-at-start")
class StartWords implements ApplicationListener<ServletWebServerInitializedEvent> {

    private static final Logger LOG = LoggerFactory.getLogger(StartWords.class);

    private final Names names;
    private final Passcode passcode;
    private final HouseState state;
    private final DataFolder folder;
    private final String address;

    StartWords(
            Names names,
            Passcode passcode,
            HouseState state,
            DataFolder folder,
            @Value("${server.address:127.0.0.1}") String address) {
        this.names = names;
        this.passcode = passcode;
        this.state = state;
        this.folder = folder;
        this.address = address;
    }

    @Override
    public void onApplicationEvent(ServletWebServerInitializedEvent started) {
        int port = started.getWebServer().getPort();
        System.err.printf("Cards are kept in %s%n", folder.path());
        if (state.words().isEmpty()) {
            tellCommands(port);
        } else {
            System.err.println(state.words());
        }
        System.err.printf(
                "Vantbreeze is at http://%s:%d (Ctrl+C stops it)%n",
                names.isLoopback() ? "127.0.0.1" : address.equals("0.0.0.0") ? "localhost" : address, port);
        if (!passcode.isAsked()) {
            return;
        }
        System.err.printf(
                "Everyone on this network who has the passcode can open Vantbreeze, and change and "
                        + "delete cards. It listens at %s, port %d, and answers to: %s.%n",
                address, port, String.join(", ", names.all().stream().sorted().toList()));
        System.err.println("What is sent over the network is not encrypted. For other names set VANTBREEZE_HOSTS. "
                + "To keep it to this machine, leave VANTBREEZE_ADDRESS out.");
        String made = passcode.madeIfNone();
        System.err.println(
                made == null
                        ? "The passcode is the one that was set. For another: ./vantbreeze passcode"
                        : "The passcode is %s. It is said this once; for one of your own: ./vantbreeze passcode"
                                .formatted(made));
    }

    /** Where a command of the same folder finds the running house. */
    private void tellCommands(int port) {
        try {
            folder.write(
                    folder.path().resolve("address"),
                    URI.create("http://127.0.0.1:" + port).toString());
        } catch (IOException unable) {
            LOG.debug("the address is not told", unable);
        }
    }
}
