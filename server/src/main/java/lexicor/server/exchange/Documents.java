package lexicor.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import lexicor.server.cases.CaseFile;
import lexicor.server.cases.CaseFiles;
import lexicor.server.cases.CaseReader;
import lexicor.server.fhir.FhirDocument;
import lexicor.server.fhir.FhirText;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Makes a case's document. The same case makes the same document, so that it is recognised wherever it arrives twice. */
@Service
class Documents {
    /** @param id of the document */
    record Made(UUID id, String text) {}

    private final CaseReader cases;
    private final CaseFiles files;
    private final JsonMapper json;

    Documents(CaseReader cases, CaseFiles files, JsonMapper json) {
        this.cases = cases;
        this.files = files;
        this.json = json;
    }

    Made of(String code) {
        CaseFile file = files.export(code, true);
        byte[] content = json.writeValueAsBytes(file);
        UUID id = UUID.nameUUIDFromBytes(
                (code + "\n" + new String(content, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8));
        return new Made(id, FhirText.write(FhirDocument.of(cases.whole(code), content, id)));
    }
}
