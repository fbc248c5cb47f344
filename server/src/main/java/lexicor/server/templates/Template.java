package lexicor.server.templates;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A list of tests in order.
 *
 * @param id of a list of the department's own; absent for a shipped one
 */
record Template(@Schema(nullable = true) Long id, String name, boolean shipped, List<String> tests) {
    /** A list to keep under a name; one of the same name is replaced. */
    record NewTemplate(String name, List<String> tests) {}
}
