package lexicor.server.outcomes;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import lexicor.core.outcomes.followed.Reference;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Component;

/** Days of references and of visits, as the department tells days apart. */
@Component
public class OutcomeDays {
    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
    private static final int DAYS_OF_A_WEEK = 7;

    private final SettingsService settings;
    private final Moments moments;

    OutcomeDays(SettingsService settings, Moments moments) {
        this.settings = settings;
        this.moments = moments;
    }

    public LocalDate today() {
        return moments.today(settings.current().zone());
    }

    public LocalDate dayOf(Instant moment) {
        return LocalDate.ofInstant(moment, settings.current().zone());
    }

    /** The day of a visit of the case. */
    public LocalDate dayOf(CaseRecord stored, int visit) {
        return dayOf(stored.visits.get(visit - 1));
    }

    /** The latest visit that was no later than a day; empty where all were. */
    Optional<Integer> visitUntil(CaseRecord stored, LocalDate day) {
        return stored.visitsInOrder().stream()
                .filter(v -> !dayOf(stored, v).isAfter(day))
                .reduce((earlier, later) -> later);
    }

    /** Refuses a day that cannot be one of a reference. */
    LocalDate checked(LocalDate on) {
        if (on == null || on.isBefore(EARLIEST) || on.isAfter(today())) {
            throw Refusal.field("on", "expected a day from " + EARLIEST + " until today, found " + on);
        }
        return on;
    }

    int weeksSince(LocalDate on) {
        return (int) ChronoUnit.WEEKS.between(on, today());
    }

    /** As in "referred for an MRI 7 weeks ago". */
    String referred(Reference reference, LocalDate on) {
        return "referred for " + reference.withArticle() + " " + ago(on);
    }

    private String ago(LocalDate on) {
        long days = ChronoUnit.DAYS.between(on, today());
        if (days < 2L * DAYS_OF_A_WEEK) {
            return days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
        }
        return weeksSince(on) + " weeks ago";
    }
}
