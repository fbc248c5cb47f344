package lexicor.server.exchange;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.casefiles.CaseFiles;
import lexicor.server.exchange.ExchangeViews.BringIn;
import lexicor.server.exchange.ExchangeViews.CaseImportView;
import lexicor.server.exchange.ExchangeViews.Outbox;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cases in and out as files. */
@RestController
@RequestMapping("/api")
class ExchangeController {
    private static final MediaType FHIR = MediaType.parseMediaType("application/fhir+json");
    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final Exchange exchange;
    private final Documents documents;
    private final CaseFiles files;
    private final Sender sender;

    ExchangeController(Exchange exchange, Documents documents, CaseFiles files, Sender sender) {
        this.sender = sender;
        this.exchange = exchange;
        this.documents = documents;
        this.files = files;
    }

    /** The case in Lexicor's own format. */
    @GetMapping("/cases/{code}/file")
    ResponseEntity<CaseFile> file(@PathVariable String code, @RequestParam(defaultValue = "true") boolean dates) {
        return attachment(code + ".json").body(files.export(code, dates));
    }

    /** The case as a FHIR R4 document. */
    @GetMapping("/cases/{code}/fhir")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/fhir+json", schema = @Schema(type = "object")))
    ResponseEntity<String> fhir(@PathVariable String code) {
        return attachment(code + "-fhir.json")
                .contentType(FHIR)
                .body(documents.of(code).text());
    }

    /** What of the case is on its way to the clinic's record system. */
    @GetMapping("/cases/{code}/outbox")
    Outbox outbox(@PathVariable String code) {
        return sender.outbox(code);
    }

    /** Sends the case as it is now. */
    @PostMapping("/cases/{code}/outbox")
    Outbox send(@PathVariable String code) {
        return sender.send(code);
    }

    /** Every case that whoever asks may open. */
    @GetMapping("/exchange/cases.zip")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/zip", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> archive(@RequestParam(defaultValue = "true") boolean dates) {
        return attachment("cases.zip").contentType(ZIP).body(exchange.archive(dates));
    }

    /** What bringing in a case, a document or a zip of cases would do; nothing is stored. */
    @PostMapping(path = "/exchange/import", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    CaseImportView lookAtCases(@RequestBody byte[] content) {
        return exchange.look(content);
    }

    @GetMapping("/exchange/import/{id}")
    CaseImportView importProgress(@PathVariable String id) {
        return exchange.progress(id);
    }

    @PostMapping("/exchange/import/{id}")
    CaseImportView bringIn(@PathVariable String id, @RequestBody BringIn answers) {
        return exchange.bringIn(id, answers);
    }

    @DeleteMapping("/exchange/import/{id}")
    CaseImportView stopImport(@PathVariable String id) {
        return exchange.stop(id);
    }

    private static ResponseEntity.BodyBuilder attachment(String name) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    }
}
