package lexicor.server.doors;

import java.util.List;
import org.springframework.context.annotation.Configuration;
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
            "/evidence",
            "/evidence/**",
            "/honesty",
            "/first-lead");

    /** What the page is made of: nothing of anybody's. */
    static final List<String> SHIPPED =
            List.of("/", "/index.html", "/assets/**", "/mark.svg", "/sw.js", "/manifest.webmanifest");

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        ROUTED.forEach(address -> registry.addViewController(address).setViewName("forward:/index.html"));
    }
}
