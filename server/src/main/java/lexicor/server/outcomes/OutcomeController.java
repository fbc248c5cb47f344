package lexicor.server.outcomes;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lexicor.server.outcomes.OutcomeViews.HunchesStated;
import lexicor.server.outcomes.OutcomeViews.NewNote;
import lexicor.server.outcomes.OutcomeViews.NewReferral;
import lexicor.server.outcomes.OutcomeViews.NoAnswer;
import lexicor.server.outcomes.OutcomeViews.OutcomeView;
import lexicor.server.outcomes.OutcomeViews.SecondAsked;
import lexicor.server.outcomes.OutcomeViews.WaitingCase;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What came out of a case over HTTP. */
@RestController
@RequestMapping("/api")
class OutcomeController {
    private final Outcomes outcomes;
    private final Attachments attachments;
    private final SecondExaminations seconds;
    private final WaitingCases waiting;

    OutcomeController(Outcomes outcomes, Attachments attachments, SecondExaminations seconds, WaitingCases waiting) {
        this.outcomes = outcomes;
        this.attachments = attachments;
        this.seconds = seconds;
        this.waiting = waiting;
    }

    @GetMapping("/cases/{code}/outcome")
    OutcomeView outcome(@PathVariable String code) {
        return outcomes.of(code);
    }

    /** Notes what a reference said. */
    @PostMapping("/cases/{code}/outcome/notes")
    OutcomeView note(@PathVariable String code, @RequestBody NewNote note) {
        return outcomes.note(code, note);
    }

    @DeleteMapping("/cases/{code}/outcome/notes/{id}")
    OutcomeView takeBack(@PathVariable String code, @PathVariable long id) {
        return outcomes.takeBack(code, id);
    }

    /** Attaches the report that came back. */
    @PostMapping(path = "/cases/{code}/outcome/notes/{id}/reports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    OutcomeView attach(
            @PathVariable String code,
            @PathVariable long id,
            @RequestParam String name,
            @RequestParam(defaultValue = "false") boolean sure,
            @RequestBody byte[] content) {
        return attachments.attach(code, id, name, sure, content);
    }

    @GetMapping("/cases/{code}/outcome/reports/{id}")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = "application/octet-stream",
                            schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> report(@PathVariable String code, @PathVariable long id) {
        Attachments.Attached report = attachments.of(code, id);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(report.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType(report.mediaType()))
                .body(report.content());
    }

    @DeleteMapping("/cases/{code}/outcome/reports/{id}")
    OutcomeView remove(@PathVariable String code, @PathVariable long id) {
        return attachments.remove(code, id);
    }

    /** From now on an answer is waited for. */
    @PostMapping("/cases/{code}/outcome/referrals")
    OutcomeView refer(@PathVariable String code, @RequestBody NewReferral referral) {
        return outcomes.refer(code, referral);
    }

    /** No answer will come. */
    @PutMapping("/cases/{code}/outcome/referrals/{id}")
    OutcomeView giveUp(@PathVariable String code, @PathVariable long id, @RequestBody NoAnswer why) {
        return outcomes.giveUp(code, id, why);
    }

    /** What an examiner thinks before it is known. */
    @PutMapping("/cases/{code}/outcome/hunches")
    OutcomeView state(@PathVariable String code, @RequestBody HunchesStated hunches) {
        return outcomes.state(code, hunches);
    }

    /** Has somebody examine the patient a second time, blind. */
    @PostMapping("/cases/{code}/second")
    OutcomeView second(@PathVariable String code, @RequestBody SecondAsked asked) {
        return seconds.ask(code, asked);
    }

    @GetMapping("/outcomes/waiting")
    List<WaitingCase> waiting() {
        return waiting.all();
    }
}
