package lexicor.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every address of the browser's own routing answers with the page. */
@Configuration
class Pages implements WebMvcConfigurer {
    /** Addresses that the page routes by itself. */
    static final List<String> ROUTED = List.of(
            "/cases",
            "/cases/**",
            "/settings",
            "/people",
            "/history",
            "/exchange",
            "/outcomes",
            "/outcomes/**",
            "/evidence",
            "/evidence/**",
            "/honesty",
            "/practice",
            "/practice/**",
            "/help",
            "/help/**",
            "/first-lead");

    /** Not for somebody who typed an address: what programs ask for. */
    private static final List<String> FOR_PROGRAMS = List.of("/api/", "/v3/", "/actuator/", "/assets/");

    /** Somebody at a browser asks for a page, whether there is one or not. */
    static boolean isAskedFor(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        return HttpMethod.GET.matches(request.getMethod())
                && accept != null
                && accept.contains(MediaType.TEXT_HTML_VALUE)
                && FOR_PROGRAMS.stream().noneMatch(request.getRequestURI()::startsWith);
    }

    /** What the page is made of: nothing of anybody's. */
    static final List<String> SHIPPED =
            List.of("/", "/index.html", "/assets/**", "/mark.svg", "/sw.js", "/manifest.webmanifest");

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        ROUTED.forEach(address -> registry.addViewController(address).setViewName("forward:/index.html"));
    }
}
