package lexicor.core.outcomes;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Setting;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Foreseen;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Read;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.weighing.School;

/** Cases to count, made by hand. */
public final class Followed {
    public static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private Followed() {}

    public static Instant at(LocalDate day) {
        return day.atTime(12, 0).toInstant(ZoneOffset.UTC);
    }

    public static Read read(String of, boolean positive) {
        return new Read(of, positive, "tern", DAY, at(DAY));
    }

    /** Known three weeks after the examination. */
    public static Known known(String condition, boolean present, Reference reference) {
        return new Known(condition, present, reference, DAY.plusWeeks(3), at(DAY.plusWeeks(3)));
    }

    public static Foreseen foreseen(String condition, double shown, double other, Optional<Double> hunch) {
        Map<School, Double> by = new EnumMap<>(School.class);
        for (School school : School.values()) {
            by.put(school, school == School.DIFFERENTIAL ? shown : other);
        }
        return new Foreseen(condition, School.DIFFERENTIAL, 0.2, by, hunch.map(p -> new Foreseen.Stated("tern", p)));
    }

    public static FollowedCase with(
            long patient, Set<String> candidates, List<Read> reads, List<Known> known, List<Foreseen> foreseen) {
        return new FollowedCase(
                patient, DAY, "shoulder-pain", Setting.SPECIALIST, "tern", candidates, reads, known, foreseen);
    }
}
