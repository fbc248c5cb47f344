package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import lexicor.server.outcomes.learned.ReviewViews.YearlyReview;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The yearly review over HTTP. */
@RestController
class ReviewController {
    private final ReviewService review;

    ReviewController(ReviewService review) {
        this.review = review;
    }

    /** @param from the first day, a year ago where it is left out */
    @GetMapping("/api/outcomes/review")
    YearlyReview review(@RequestParam(required = false) LocalDate from) {
        return review.since(from);
    }
}
