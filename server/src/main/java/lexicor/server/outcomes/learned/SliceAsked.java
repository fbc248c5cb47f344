package lexicor.server.outcomes.learned;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Optional;
import lexicor.core.catalogue.Setting;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.outcomes.followed.Slice;
import lexicor.server.people.Person;
import lexicor.server.problems.Refusal;

/**
 * Which cases to count; what is absent does not narrow it.
 *
 * @param from the first day, by the case's first visit
 * @param to the last day
 * @param examiner whose; a lead may ask for anybody's, everybody else for their own alone
 * @param reference what has to have spoken
 * @param region of the tests
 * @param complaint what the patients came with
 */
record SliceAsked(
        @Schema(nullable = true) LocalDate from,
        @Schema(nullable = true) LocalDate to,
        @Schema(nullable = true) String examiner,
        @Schema(nullable = true) String setting,
        @Schema(nullable = true) String reference,
        @Schema(nullable = true) String region,
        @Schema(nullable = true) String complaint) {

    Slice slice(Person person) {
        Optional<String> whose = given(examiner);
        if (whose.filter(e -> !e.equals(person.name())).isPresent() && !person.isLead()) {
            throw Refusal.forbidden("What another examiner found is for that examiner and the leads alone.");
        }
        if (from != null && to != null && from.isAfter(to)) {
            throw Refusal.field("to", "expected a day no earlier than " + from);
        }
        return new Slice(
                Optional.ofNullable(from),
                Optional.ofNullable(to),
                whose,
                given(setting).map(s -> Setting.withId(s)
                        .orElseThrow(() -> Refusal.field("setting", "expected community, sports or specialist"))),
                given(reference).map(r -> Reference.withId(r)
                        .orElseThrow(() -> Refusal.field("reference", "expected one of the list, found " + r))),
                given(complaint));
    }

    private static Optional<String> given(String text) {
        return Optional.ofNullable(text).filter(t -> !t.isBlank());
    }

    /** Whether a region is asked for, or all are. */
    boolean takes(String other) {
        return given(region).filter(r -> !r.equals(other)).isEmpty();
    }
}
