package lexicor.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;
import lexicor.server.problems.CleanText;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.firewall.FirewalledRequest;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.stereotype.Component;

/**
 * Lets in only addresses that read the same before and after decoding and normalising, so that whoever decides on one and
 * whoever routes it cannot take it for two different ones. No address of Lexicor's own needs an escape.
 */
@Component
class PlainAddress extends StrictHttpFirewall {
    private static final Pattern PLAIN = Pattern.compile("/|(?:/(?!\\.{1,2}(?:/|$))[A-Za-z0-9._~-]+)+");

    PlainAddress() {
        setAllowedParameterValues(CleanText::isClean);
    }

    @Override
    public FirewalledRequest getFirewalledRequest(HttpServletRequest request) {
        if (!PLAIN.matcher(request.getRequestURI()).matches()) {
            throw new RequestRejectedException("not a plain address");
        }
        return super.getFirewalledRequest(request);
    }

    /** Says so as everything else is said. */
    @Configuration
    static class Said {
        @Bean
        RequestRejectedHandler rejected() {
            return (request, response, rejected) ->
                    Problems.write(response, HttpStatus.BAD_REQUEST, CleanText.REJECTED);
        }
    }
}
