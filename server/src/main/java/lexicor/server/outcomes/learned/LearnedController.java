package lexicor.server.outcomes.learned;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import lexicor.server.outcomes.learned.LearnedViews.AccuracyList;
import lexicor.server.outcomes.learned.LearnedViews.AgreementView;
import lexicor.server.outcomes.learned.LearnedViews.ForesightView;
import lexicor.server.outcomes.learned.LearnedViews.MeetingView;
import lexicor.server.outcomes.learned.LearnedViews.RateList;
import lexicor.server.outcomes.learned.LearnedViews.RateTaken;
import lexicor.server.outcomes.learned.LearnedViews.StudyChange;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a department learns from its own cases, over HTTP. */
@RestController
@RequestMapping("/api/outcomes")
class LearnedController {
    private final AccuracyService accuracy;
    private final OwnStudies studies;
    private final RatesService rates;
    private final ForesightService foresight;
    private final AgreementService agreement;
    private final MeetingService meeting;

    LearnedController(
            AccuracyService accuracy,
            OwnStudies studies,
            RatesService rates,
            ForesightService foresight,
            AgreementService agreement,
            MeetingService meeting) {
        this.accuracy = accuracy;
        this.studies = studies;
        this.rates = rates;
        this.foresight = foresight;
        this.agreement = agreement;
        this.meeting = meeting;
    }

    @GetMapping("/accuracy")
    AccuracyList accuracy(@ParameterObject SliceAsked asked) {
        return accuracy.list(asked);
    }

    /** Puts a table among the studies, brings it up to date, or takes it away. */
    @PostMapping("/accuracy/study")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void study(@RequestBody StudyChange change) {
        studies.change(change);
    }

    @GetMapping("/rates")
    RateList rates() {
        return rates.list();
    }

    /** Takes a base rate over as the own cases teach it. */
    @PostMapping("/rates")
    RateList take(@RequestBody RateTaken taken) {
        return rates.take(taken);
    }

    @GetMapping("/foresight")
    ForesightView foresight(@ParameterObject SliceAsked asked) {
        return foresight.of(asked);
    }

    @GetMapping("/agreement")
    AgreementView agreement() {
        return agreement.view();
    }

    @GetMapping("/meeting")
    MeetingView meeting(@ParameterObject SliceAsked asked) {
        return meeting.of(asked);
    }

    @GetMapping("/meeting.pdf")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/pdf", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> pdf(@ParameterObject SliceAsked asked) {
        return file("own-cases.pdf").contentType(MediaType.APPLICATION_PDF).body(meeting.pdf(asked));
    }

    @GetMapping("/accuracy.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<String> accuracyCsv(@ParameterObject SliceAsked asked) {
        return csv("own-accuracy", LearnedCsv.accuracy(accuracy.list(asked)));
    }

    @GetMapping("/rates.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<String> ratesCsv() {
        return csv("own-base-rates", LearnedCsv.rates(rates.list()));
    }

    @GetMapping("/foresight.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<String> foresightCsv(@ParameterObject SliceAsked asked) {
        return csv("were-we-right", LearnedCsv.foresight(foresight.of(asked)));
    }

    @GetMapping("/agreement.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<String> agreementCsv() {
        return csv("agreement", LearnedCsv.agreement(agreement.view()));
    }

    private static ResponseEntity<String> csv(String name, String text) {
        return file(name + ".csv")
                .contentType(MediaType.parseMediaType("text/csv; charset=utf-8"))
                .body(text);
    }

    private static ResponseEntity.BodyBuilder file(String name) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    }
}
