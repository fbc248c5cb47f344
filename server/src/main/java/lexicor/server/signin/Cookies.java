package lexicor.server.signin;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;

/** Names of cookies. Behind TLS each says by its name that no other host and no plain connection can have set it. */
public final class Cookies {
    private static final String OF_THIS_HOST = "__Host-";

    private Cookies() {}

    /** The cookie's name at this connection. */
    public static String name(HttpServletRequest request, String plain) {
        return request.isSecure() ? OF_THIS_HOST + plain : plain;
    }

    /** The cookie of that plain name; empty if there is none. */
    public static Optional<Cookie> read(HttpServletRequest request, String plain) {
        String name = name(request, plain);
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(name))
                .findFirst();
    }
}
