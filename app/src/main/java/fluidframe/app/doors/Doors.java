package fluidframe.app.doors;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Under which names the program may be asked. A page elsewhere can have a name of its own lead to this machine and
 * would then be let in by the browser; so only the machine's own names count, and those its owner has allowed.
 */
@Component
final class Doors {

    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private final Set<String> allowed = new HashSet<>(LOOPBACK);
    private final String address;

    /** @param names further names, separated by commas */
    Doors(@Value("${fluidframe.allowed-hosts}") String names, @Value("${server.address}") String address) {
        Arrays.stream(names.split(","))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .map(name -> name.toLowerCase(Locale.ROOT))
                .forEach(allowed::add);
        this.address = address;
    }

    /** @param host a Host header: a name or an address, with a port or without */
    boolean admits(String host) {
        return allowed.contains(name(host));
    }

    /**
     * @param origin the page that asks, as its browser says
     * @param host the Host header of the same request
     */
    boolean admits(String origin, String host) {
        try {
            String authority = new URI(origin).getAuthority();
            return authority != null && authority.equalsIgnoreCase(host);
        } catch (URISyntaxException e) {
            return false;
        }
    }

    /** Whether others than this machine can reach the program. */
    boolean standOpen() {
        return !LOOPBACK.contains(address) && !address.startsWith("127.");
    }

    private static String name(String host) {
        boolean bracketed = host.startsWith("[");
        int colon = bracketed ? host.indexOf(':', host.indexOf(']')) : host.lastIndexOf(':');
        return (colon < 0 ? host : host.substring(0, colon)).toLowerCase(Locale.ROOT);
    }
}
