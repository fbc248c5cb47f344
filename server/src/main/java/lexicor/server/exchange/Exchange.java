package lexicor.server.exchange;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import lexicor.server.casefiles.CaseFiles;
import lexicor.server.casefiles.WholeCases;
import lexicor.server.cases.CaseList;
import lexicor.server.exchange.ExchangeViews.BringIn;
import lexicor.server.exchange.ExchangeViews.CaseImportView;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Takes cases out of the program and brings them in. Files are brought in one after another, beside whatever is recorded. */
@Service
class Exchange {
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int MOST_KEPT = 4;

    private final CaseFiles files;
    private final CaseList list;
    private final WholeCases cases;
    private final PeopleService people;
    private final SignedIn signedIn;
    private final JsonMapper json;
    private final ExecutorService importer = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "import");
        thread.setDaemon(true);
        return thread;
    });
    private final Cache<String, CaseImport> imports =
            Caffeine.newBuilder().expireAfterAccess(KEPT).maximumSize(MOST_KEPT).build();

    Exchange(
            CaseFiles files,
            CaseList list,
            WholeCases cases,
            PeopleService people,
            SignedIn signedIn,
            JsonMapper json) {
        this.files = files;
        this.list = list;
        this.cases = cases;
        this.people = people;
        this.signedIn = signedIn;
        this.json = json;
    }

    byte[] archive(boolean dates) {
        ArchiveWriter archive = new ArchiveWriter(json);
        list.addresses().forEach(code -> archive.add(files.export(code, dates), cases.whole(code)));
        return archive.zip();
    }

    /** Begins to look at a file; a small one is looked at when this returns. */
    CaseImportView look(byte[] content) {
        Person person = signedIn.person();
        String id = UUID.randomUUID().toString();
        CaseImport made =
                new CaseImport(id, person, new ArchiveReader(json, content), files, () -> people.isStill(person));
        imports.put(id, made);
        inTheirName(made, made::look);
        made.await(PATIENCE);
        if (!made.problem().isEmpty()) {
            imports.invalidate(id);
            throw Refusal.unprocessable(made.problem());
        }
        return made.view();
    }

    /** Begins to bring in what was looked at. */
    CaseImportView bringIn(String id, BringIn answers) {
        CaseImport found = existing(id);
        boolean sure = Boolean.TRUE.equals(answers.sure());
        found.prepare(sure, answers.reason());
        inTheirName(found, () -> found.bringIn(sure, answers.reason()));
        found.await(PATIENCE);
        return found.view();
    }

    CaseImportView progress(String id) {
        return existing(id).view();
    }

    /** Stops after the case that is being looked at or brought in. */
    CaseImportView stop(String id) {
        CaseImport found = existing(id);
        found.stop();
        found.await(PATIENCE);
        return found.view();
    }

    private void inTheirName(CaseImport work, Runnable what) {
        importer.execute(() -> signedIn.as(work.person(), () -> {
            what.run();
            return null;
        }));
    }

    private CaseImport existing(String id) {
        return Optional.ofNullable(imports.getIfPresent(id))
                .filter(i -> i.person().equals(signedIn.person()))
                .orElseThrow(() ->
                        Refusal.notFound("There is no such import, or it waited too long. Choose the file again."));
    }

    @EventListener
    void end(ContextClosedEvent closed) {
        imports.asMap().values().forEach(CaseImport::stop);
        importer.shutdown();
    }
}
