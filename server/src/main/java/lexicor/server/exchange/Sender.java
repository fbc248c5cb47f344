package lexicor.server.exchange;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import lexicor.server.casefiles.WholeCases;
import lexicor.server.cases.CaseDoor;
import lexicor.server.exchange.ExchangeViews.Outbox;
import lexicor.server.exchange.ExchangeViews.Sending;
import lexicor.server.maintenance.Schedulers;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.RecordAddress;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Sends documents to the clinic's record system from an outbox. What is put in stays until it arrived or was refused, also over
 * a restart; a try that fails is made again later. A document has an id of its own, so that one whose answer was lost is known
 * there when it comes again.
 */
@Service
class Sender {
    private static final int LONGEST_WAIT_SECONDS = 300;
    private static final int AT_ONCE = 5;
    private static final int LONGEST_ERROR = 300;
    private static final int MOST_READ = 4096;
    private static final int CLIENT_ERROR = 400;
    private static final int TOO_MANY = 429;
    private static final int TIMED_OUT = 408;
    private static final int SERVER_ERROR = 500;
    private static final int GOOD = 200;
    private static final int AFTER_GOOD = 300;

    private final OutboxStore store;
    private final Documents documents;
    private final WholeCases cases;
    private final CaseDoor door;
    private final SettingsService settings;
    private final SignedIn signedIn;
    /** For a whole exchange, from the first connection to the last byte that is read. */
    private final Duration patience;

    private final Moments moments;

    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(5))
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    Sender(
            OutboxStore store,
            Documents documents,
            WholeCases cases,
            CaseDoor door,
            SettingsService settings,
            SignedIn signedIn,
            @Value("${lexicor.send-patience-seconds}") int patienceSeconds,
            Moments moments) {
        this.patience = Duration.ofSeconds(patienceSeconds);
        this.store = store;
        this.documents = documents;
        this.cases = cases;
        this.door = door;
        this.settings = settings;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    Outbox outbox(String code) {
        return new Outbox(
                settings.current().recordSystem(),
                store.findByCaseIdOrderByIdDesc(cases.id(code)).stream()
                        .map(r -> view(code, r))
                        .toList());
    }

    /** Puts the case as it is into the outbox; the same document a second time changes nothing. */
    Outbox send(String code) {
        if (settings.current().recordSystem().isEmpty()) {
            throw Refusal.conflict("No record system is set. A lead sets its address under Settings.");
        }
        Documents.Made made = documents.of(code);
        long caseId = cases.id(code);
        OutboxRecord record = store.findByCaseIdAndDocumentId(caseId, made.id()).orElseGet(OutboxRecord::new);
        if (record.id == null || record.state.equals(OutboxRecord.WITHDRAWN)) {
            record.caseId = caseId;
            record.documentId = made.id();
            record.error = null;
            record.content = made.text().getBytes(StandardCharsets.UTF_8);
            record.state = OutboxRecord.WAITING;
            record.nextTry = moments.now();
            record.madeBy = signedIn.person().name();
            record.madeAt = record.nextTry;
            store.saveAndFlush(record);
        }
        return outbox(code);
    }

    /**
     * Tries what is due. One run after another, so that no document is on two ways at once, and on a thread of its own, so
     * that a slow record system holds up nothing else.
     */
    @Scheduled(fixedDelayString = "${lexicor.send-every-millis}", scheduler = Schedulers.SENDING)
    void sendDue() {
        String address = settings.current().recordSystem();
        if (!address.isEmpty()) {
            List<OutboxRecord> due =
                    store.findByStateAndNextTryBeforeOrderById(OutboxRecord.WAITING, moments.now(), Limit.of(AT_ONCE));
            due.forEach(r -> {
                door.objection(r.caseId, r.madeBy).ifPresentOrElse(why -> withdraw(r, why), () -> tried(r, address));
                store.saveAndFlush(r);
            });
        }
    }

    private static void withdraw(OutboxRecord record, String why) {
        record.state = OutboxRecord.WITHDRAWN;
        record.error = why;
    }

    private void tried(OutboxRecord record, String address) {
        record.tries++;
        try {
            Optional<String> objection =
                    RecordAddress.objection(address, settings.current().insideHost());
            if (objection.isPresent()) {
                later(record, objection.get());
                return;
            }
            HttpResponse<String> answer = exchanged(request(address, record));
            int status = answer.statusCode();
            if (status >= GOOD && status < AFTER_GOOD) {
                record.state = OutboxRecord.SENT;
                record.sentAt = moments.now();
                record.error = null;
            } else if (status >= CLIENT_ERROR && status < SERVER_ERROR && status != TOO_MANY && status != TIMED_OUT) {
                record.state = OutboxRecord.REFUSED;
                record.error = shortened("It was refused (" + status + "): " + answer.body());
            } else {
                later(record, "It answered " + status + ": " + answer.body());
            }
        } catch (IOException e) {
            later(record, "It cannot be reached.");
        } catch (TimeoutException e) {
            later(record, "It took longer than " + patience.toSeconds() + " s.");
        } catch (ExecutionException e) {
            later(record, "It cannot be reached.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            later(record, "Lexicor was being stopped.");
        }
    }

    private HttpResponse<String> exchanged(HttpRequest request)
            throws InterruptedException, ExecutionException, TimeoutException {
        CompletableFuture<HttpResponse<String>> answer = client.sendAsync(request, info -> new FirstBytes(MOST_READ));
        try {
            return answer.get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } finally {
            answer.cancel(true);
        }
    }

    private HttpRequest request(String address, OutboxRecord record) {
        return HttpRequest.newBuilder(URI.create(address))
                .timeout(patience)
                .header("content-type", "application/fhir+json")
                .header("idempotency-key", record.documentId.toString())
                .POST(HttpRequest.BodyPublishers.ofByteArray(record.content))
                .build();
    }

    private void later(OutboxRecord record, String why) {
        int wait = Math.min(LONGEST_WAIT_SECONDS, 1 << Math.min(record.tries - 1, 10));
        record.nextTry = moments.now().plusSeconds(wait);
        record.error = shortened(why);
    }

    private static String shortened(String text) {
        return text.length() > LONGEST_ERROR ? text.substring(0, LONGEST_ERROR) + "..." : text;
    }

    private static Sending view(String code, OutboxRecord r) {
        return new Sending(r.id, code, r.state, r.tries, r.error, r.madeAt, r.sentAt);
    }
}
