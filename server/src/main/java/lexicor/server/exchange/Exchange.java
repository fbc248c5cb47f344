package lexicor.server.exchange;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lexicor.server.cases.CaseFile;
import lexicor.server.cases.CaseFiles;
import lexicor.server.cases.CaseFiles.Outcome;
import lexicor.server.cases.CaseReader;
import lexicor.server.exchange.ExchangeViews.CaseImport;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Takes cases out of the program and brings them in: looked at first, then in one step or not at all. */
@Service
class Exchange {
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final int MOST_KEPT = 4;

    private final CaseFiles files;
    private final CaseReader cases;
    private final JsonMapper json;
    private final Cache<String, List<CaseFile>> pending =
            Caffeine.newBuilder().expireAfterAccess(KEPT).maximumSize(MOST_KEPT).build();

    Exchange(CaseFiles files, CaseReader cases, JsonMapper json) {
        this.files = files;
        this.cases = cases;
        this.json = json;
    }

    byte[] archive(boolean dates) {
        ArchiveWriter archive = new ArchiveWriter(json);
        files.codes().forEach(code -> archive.add(files.export(code, dates), cases.whole(code)));
        return archive.zip();
    }

    CaseImport preview(byte[] content) {
        List<CaseFile> given = new ArchiveReader(json).read(content);
        Set<String> codes = new HashSet<>();
        List<Outcome> outcomes = given.stream()
                .map(f -> codes.add(f.code())
                        ? files.preview(f)
                        : new Outcome(f.code(), "refused", "the file has this case twice"))
                .toList();
        String id = UUID.randomUUID().toString();
        pending.put(id, given);
        return view(id, outcomes);
    }

    CaseImport bringIn(String id) {
        List<CaseFile> given = Optional.ofNullable(pending.getIfPresent(id))
                .orElseThrow(() ->
                        Refusal.notFound("There is no such import, or it waited too long. Choose the file again."));
        List<Outcome> outcomes = files.bringIn(given);
        pending.invalidate(id);
        return view(id, outcomes);
    }

    private static CaseImport view(String id, List<Outcome> outcomes) {
        return new CaseImport(
                id,
                count(outcomes, "new"),
                count(outcomes, "changed"),
                count(outcomes, "same"),
                count(outcomes, "refused"),
                outcomes);
    }

    private static int count(List<Outcome> outcomes, String status) {
        return (int) outcomes.stream().filter(o -> o.status().equals(status)).count();
    }
}
