package lexicor.server.settings;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Where documents may be sent. Records go out encrypted or do not leave this machine, and to an address of the inside (this
 * machine, the clinic's own network, what machines tell each other there) only where a lead has named its host.
 */
public final class RecordAddress {
    private static final int LONGEST = 300;
    private static final int CARRIER_FIRST = 100;
    private static final int UNIQUE_LOCAL = 0xFC;

    private RecordAddress() {}

    /** Whether it reads as an address; an empty one does. */
    static boolean isWritten(String address) {
        if (address.isEmpty()) {
            return true;
        }
        try {
            URI uri = new URI(address);
            boolean here = List.of("localhost", "127.0.0.1", "[::1]").contains(String.valueOf(uri.getHost()));
            return address.length() <= LONGEST
                    && uri.getHost() != null
                    && uri.getUserInfo() == null
                    && ("https".equals(uri.getScheme()) || "http".equals(uri.getScheme()) && here);
        } catch (URISyntaxException e) {
            return false;
        }
    }

    /**
     * What speaks against sending there; empty where nothing does. Asked when the address is set and again with every try,
     * since a name can come to mean another address.
     *
     * @param insideHost the host of the inside that a lead has named
     * @throws UnknownHostException if the name means nothing at this moment
     */
    public static Optional<String> objection(String address, String insideHost) throws UnknownHostException {
        String host = URI.create(address).getHost();
        if (host.equalsIgnoreCase(insideHost)
                || Arrays.stream(InetAddress.getAllByName(host)).noneMatch(RecordAddress::isInside)) {
            return Optional.empty();
        }
        return Optional.of(
                host + " is an address of the inside: of this machine or its own network. If the record system is"
                        + " there, a lead names the host as allowed under Settings.");
    }

    static boolean isInside(InetAddress a) {
        byte[] bytes = a.getAddress();
        boolean sharedByCarrier = bytes.length == 4 && bytes[0] == CARRIER_FIRST && (bytes[1] & 0xC0) == 0x40;
        boolean uniqueLocal = a instanceof Inet6Address && (bytes[0] & 0xFE) == UNIQUE_LOCAL;
        return a.isLoopbackAddress()
                || a.isAnyLocalAddress()
                || a.isLinkLocalAddress()
                || a.isSiteLocalAddress()
                || a.isMulticastAddress()
                || sharedByCarrier
                || uniqueLocal;
    }
}
