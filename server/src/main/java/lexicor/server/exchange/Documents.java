package lexicor.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.casefiles.CaseFiles;
import lexicor.server.casefiles.WholeCases;
import lexicor.server.casefiles.WholeCases.WholeCase;
import lexicor.server.fhir.FhirDocument;
import lexicor.server.fhir.FhirText;
import lexicor.server.standing.Standing.ConditionStanding;
import org.springframework.stereotype.Service;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Makes a case's document. The same case makes the same document, so that it is recognised wherever it arrives twice. */
@Service
class Documents {
    /** @param id of the document */
    record Made(UUID id, String text) {}

    private static final JsonMapper SORTED = JsonMapper.builder()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    private final WholeCases cases;
    private final CaseFiles files;
    private final JsonMapper json;

    Documents(WholeCases cases, CaseFiles files, JsonMapper json) {
        this.cases = cases;
        this.files = files;
        this.json = json;
    }

    Made of(String code) {
        CaseFile file = files.export(code, true);
        WholeCase whole = cases.whole(code);
        UUID id = id(file, whole);
        return new Made(id, FhirText.write(FhirDocument.of(whole, json.writeValueAsBytes(file), id)));
    }

    /** From what was recorded and what it comes to, whatever order the figures behind it happen to be written in. */
    private static UUID id(CaseFile file, WholeCase whole) {
        StringBuilder content = new StringBuilder(SORTED.writeValueAsString(file.withoutWeigh()));
        for (ConditionStanding c : whole.weighed().standing().conditions()) {
            content.append(String.format(Locale.ROOT, "\n%s %.6f", c.id(), c.posttest()));
        }
        return UUID.nameUUIDFromBytes(content.toString().getBytes(StandardCharsets.UTF_8));
    }
}
