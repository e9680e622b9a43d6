package pandel.files.serve;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where this machine is reached. */
final class Addresses {

    private static final String SELF = "127.0.0.1";

    private Addresses() {}

    /** Of this machine alone, or of the network: those of a private network first; never empty. */
    static List<String> hosts(boolean network) throws IOException {
        if (!network) {
            return List.of(SELF);
        }
        List<InetAddress> found = new ArrayList<>();
        for (NetworkInterface each : NetworkInterface.networkInterfaces().toList()) {
            if (each.isUp() && !each.isLoopback()) {
                each.inetAddresses()
                        .filter(a -> a instanceof Inet4Address && !a.isLinkLocalAddress())
                        .forEach(found::add);
            }
        }
        found.sort(Comparator.comparing(a -> !a.isSiteLocalAddress()));
        return found.isEmpty()
                ? List.of(SELF)
                : found.stream().map(InetAddress::getHostAddress).toList();
    }
}
