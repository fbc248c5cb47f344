package lexicor.server.casefiles;

import lexicor.core.weighfile.WeighFile;
import lexicor.server.cases.OpenCase;
import tools.jackson.databind.JsonNode;

/** The case with its figures as a file by itself, to be weighed again elsewhere. */
final class WeighFiles {
    private WeighFiles() {}

    static JsonNode of(OpenCase c) {
        return WeighFile.write(
                c.toWeigh(), c.basis().school(), c.catalogue(), c.basis().evidence());
    }
}
