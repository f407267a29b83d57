package vantbreeze.app.door;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names this house answers to: those of the machine itself, the address it listens on, and what the maker
 * configured. Any other is a page of elsewhere whose name was made to point here (DNS rebinding).
 */
@Component
public class Names {

    private final Set<String> names = new LinkedHashSet<>(Set.of("127.0.0.1", "localhost", "[::1]"));
    private final boolean loopback;

    Names(@Value("${server.address:127.0.0.1}") String address, @Value("${vantbreeze.hosts:}") Set<String> hosts) {
        InetAddress listening = resolved(address);
        this.loopback = listening != null && listening.isLoopbackAddress();
        if (listening != null && !listening.isAnyLocalAddress()) {
            names.add(plain(address));
        }
        hosts.forEach(host -> names.add(plain(host)));
    }

    /** Whether it listens to this machine alone. */
    public boolean isLoopback() {
        return loopback;
    }

    /** All of them. */
    public Set<String> all() {
        return Set.copyOf(names);
    }

    boolean has(String name) {
        return name != null && names.contains(plain(name));
    }

    private static String plain(String name) {
        String lower = name.strip().toLowerCase(Locale.ROOT);
        return lower.contains(":") && !lower.startsWith("[") ? "[" + lower + "]" : lower;
    }

    private static @Nullable InetAddress resolved(String address) {
        try {
            return InetAddress.getByName(address);
        } catch (UnknownHostException unknown) {
            return null;
        }
    }
}
