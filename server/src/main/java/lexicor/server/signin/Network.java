package lexicor.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;

/** Where a request comes from. */
public final class Network {
    private static final int OF_A_SITE = 8;

    private Network() {}

    /** The address, or of the long kind the half that a whole site shares, since whoever holds one holds all of them. */
    public static String of(HttpServletRequest request) {
        return of(request.getRemoteAddr());
    }

    static String of(String address) {
        try {
            InetAddress parsed = InetAddress.getByName(address);
            if (parsed instanceof Inet6Address && !parsed.isLoopbackAddress()) {
                byte[] site = Arrays.copyOf(Arrays.copyOf(parsed.getAddress(), OF_A_SITE), parsed.getAddress().length);
                return InetAddress.getByAddress(site).getHostAddress() + "/64";
            }
            return parsed.getHostAddress();
        } catch (UnknownHostException e) {
            return "?";
        }
    }
}
