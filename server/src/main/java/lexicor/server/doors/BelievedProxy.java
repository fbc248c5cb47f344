package lexicor.server.doors;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.regex.Pattern;
import lexicor.server.maintenance.UnusableDataException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.catalina.valves.ValveBase;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Believes what a proxy says of a request only from the one address that was configured; from nobody where none was. */
@Component
class BelievedProxy implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final Logger LOG = LoggerFactory.getLogger(BelievedProxy.class);
    private static final String PROTOCOL = "X-Forwarded-Proto";

    private final String address;

    BelievedProxy(@Value("${lexicor.proxy}") String address) {
        this.address = address.strip();
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (address.isEmpty()) {
            factory.addEngineValves(new Warning());
            return;
        }
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(Pattern.quote(literal()));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader(PROTOCOL);
        factory.addEngineValves(valve);
    }

    private String literal() {
        try {
            return InetAddress.getByName(address).getHostAddress();
        } catch (UnknownHostException e) {
            throw new UnusableDataException("--proxy: " + address + " is no address of a proxy.");
        }
    }

    /** Says once that a proxy seems to be there that was not named. */
    private static final class Warning extends ValveBase {
        private volatile boolean said;

        Warning() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response)
                throws java.io.IOException, jakarta.servlet.ServletException {
            if (!said && request.getHeader(PROTOCOL) != null) {
                said = true;
                LOG.warn("A proxy at {} is not believed. If it is yours, start with --proxy.", request.getRemoteAddr());
            }
            getNext().invoke(request, response);
        }
    }
}
