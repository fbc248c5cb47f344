package lexicor.server.start;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of the browser's own routing answers with the page. */
@Controller
class Pages {
    @GetMapping({
        "/cases",
        "/cases/**",
        "/settings",
        "/people",
        "/history",
        "/exchange",
        "/evidence",
        "/evidence/**",
        "/first-lead"
    })
    String page() {
        return "forward:/index.html";
    }
}
