package lexicor.server.practice.stations;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** What the API takes and gives for rounds of stations. */
public final class RoundViews {
    private RoundViews() {}

    /**
     * A new round.
     *
     * @param stations ids, in the order they stand in the room
     * @param students in the order they begin, the first one at the first station
     * @param minutes at each station
     * @param pauseMinutes to change
     */
    public record NewRound(String name, List<Long> stations, List<String> students, int minutes, int pauseMinutes) {}

    /** A station of a round. */
    public record RoundStation(long id, String name) {}

    /**
     * A round. In turn {@code k} (from 0) the student at place {@code i} is at the station at place {@code (i + k)} of as many as
     * there are.
     *
     * @param startedAt absent until the bell rings first
     * @param now by the server's clock, so that every clock in the room is the same
     */
    public record RoundView(
            long id,
            String name,
            List<RoundStation> stations,
            List<String> students,
            int minutes,
            int pauseMinutes,
            @Schema(nullable = true) Instant startedAt,
            Instant now,
            boolean own) {}
}
