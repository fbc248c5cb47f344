package lexicor.server.casefiles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OverrideEntry;
import lexicor.server.casefiles.CaseFile.TapEntry;
import lexicor.server.problems.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is recorded of a case stands in a file that goes on from it exactly as it was recorded, or the file is refused. */
class ContinuationTest {
    private static final Instant BEGUN = Instant.parse("2026-03-02T09:00:00Z");

    private static Moment moment(int minute) {
        return new Moment(BEGUN.plusSeconds(60L * minute), 0);
    }

    private static TapEntry tap(Random random, int minute) {
        boolean back = random.nextBoolean();
        return new TapEntry(
                new UUID(random.nextLong(), random.nextLong()),
                1 + random.nextInt(2),
                random.nextBoolean() ? "sulcus" : "neer",
                "",
                random.nextBoolean() ? "left" : "right",
                JsonMapper.shared().readTree("{\"gapMm\":" + random.nextInt(30) + "}"),
                moment(minute),
                moment(minute + 1),
                "",
                null,
                back,
                back ? moment(minute + 2) : null);
    }

    /** Each at a place of its own, as the records keep them. */
    private static MeasuredEntry measured(Random random, int place) {
        return new MeasuredEntry(1, "grip", "gripKg", "left", place, 10.0 + random.nextInt(40), null, moment(place));
    }

    private static CaseFile recorded(Random random, int size) {
        List<TapEntry> taps = new ArrayList<>();
        List<MeasuredEntry> measured = new ArrayList<>();
        List<OverrideEntry> overrides = new ArrayList<>();
        for (int n = 0; n < size; n++) {
            taps.add(tap(random, n));
            measured.add(measured(random, n));
            overrides.add(new OverrideEntry(1, "jerk", "done before, reason " + n, moment(n)));
        }
        return file(List.of(moment(0), moment(1)), taps, measured, overrides);
    }

    private static CaseFile file(
            List<Moment> visits, List<TapEntry> taps, List<MeasuredEntry> measured, List<OverrideEntry> overrides) {
        return new CaseFile(
                CaseFile.FORMAT,
                CaseFile.VERSION,
                "HB-001",
                moment(0),
                null,
                visits,
                List.of(),
                Map.of(),
                taps,
                measured,
                overrides,
                List.of(),
                List.of(),
                List.of(),
                null);
    }

    /** The same with something more of everything, somewhere between what was there. */
    private static CaseFile gone(CaseFile here, Random random) {
        List<TapEntry> taps = new ArrayList<>(here.taps());
        taps.add(random.nextInt(taps.size() + 1), tap(random, 500));
        Collections.shuffle(taps, random);
        List<MeasuredEntry> measured = new ArrayList<>(here.measured());
        measured.add(measured(random, 500));
        List<OverrideEntry> overrides = new ArrayList<>(here.overrides());
        overrides.add(0, new OverrideEntry(2, "jerk", "another", moment(500)));
        List<Moment> visits = new ArrayList<>(here.visits());
        visits.add(moment(1000));
        return file(visits, taps, measured, overrides);
    }

    @Property
    void whatIsAddedIsTaken(@ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size) {
        Random random = new Random(seed);
        CaseFile here = recorded(random, size);
        assertThatCode(() -> Continuation.check(here, here)).doesNotThrowAnyException();
        assertThatCode(() -> Continuation.check(here, gone(here, random))).doesNotThrowAnyException();
    }

    @Property
    void whateverFieldOfARecordedTapIsChangedTheFileIsRefused(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size) throws ReflectiveOperationException {
        Random random = new Random(seed);
        CaseFile here = recorded(random, size);
        CaseFile more = gone(here, random);
        TapEntry victim = here.taps().get(random.nextInt(size));
        int place = more.taps().indexOf(victim);
        for (RecordComponent field : TapEntry.class.getRecordComponents()) {
            List<TapEntry> taps = new ArrayList<>(more.taps());
            taps.set(place, changed(victim, field));
            CaseFile rewritten = file(more.visits(), taps, more.measured(), more.overrides());
            // With another id the recorded one is simply missing.
            String says = field.getName().equals("id") ? "gone on with here" : "taps[" + place + "]";
            assertThatThrownBy(() -> Continuation.check(here, rewritten))
                    .as(field.getName())
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining(says);
        }
    }

    @Property
    void whateverFieldOfAMeasuredValueOrAReasonIsChangedTheFileIsRefused(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size) throws ReflectiveOperationException {
        Random random = new Random(seed);
        CaseFile here = recorded(random, size);
        CaseFile more = gone(here, random);
        int place = random.nextInt(size);
        for (RecordComponent field : MeasuredEntry.class.getRecordComponents()) {
            List<MeasuredEntry> measured = new ArrayList<>(more.measured());
            measured.set(place, changed(measured.get(place), field));
            CaseFile rewritten = file(more.visits(), more.taps(), measured, more.overrides());
            assertThatThrownBy(() -> Continuation.check(here, rewritten))
                    .as(field.getName())
                    .isInstanceOf(Refusal.class);
        }
        for (RecordComponent field : OverrideEntry.class.getRecordComponents()) {
            List<OverrideEntry> overrides = new ArrayList<>(more.overrides());
            overrides.set(1 + place, changed(overrides.get(1 + place), field));
            CaseFile rewritten = file(more.visits(), more.taps(), more.measured(), overrides);
            assertThatThrownBy(() -> Continuation.check(here, rewritten))
                    .as(field.getName())
                    .isInstanceOf(Refusal.class);
        }
    }

    @Property
    void whateverIsLeftOutTheFileIsRefused(@ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size) {
        Random random = new Random(seed);
        CaseFile here = recorded(random, size);
        int place = random.nextInt(size);
        List<CaseFile> shorter = List.of(
                file(here.visits().subList(0, 1), here.taps(), here.measured(), here.overrides()),
                file(here.visits(), without(here.taps(), place), here.measured(), here.overrides()),
                file(here.visits(), here.taps(), without(here.measured(), place), here.overrides()),
                file(here.visits(), here.taps(), here.measured(), without(here.overrides(), place)));
        for (CaseFile one : shorter) {
            assertThatThrownBy(() -> Continuation.check(here, one))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("gone on with here");
        }
        assertThat(shorter).doesNotContain(here);
    }

    private static <T> List<T> without(List<T> all, int place) {
        List<T> fewer = new ArrayList<>(all);
        fewer.remove(place);
        return fewer;
    }

    /** A copy that differs in one field alone. */
    private static <T extends Record> T changed(T entry, RecordComponent field) throws ReflectiveOperationException {
        RecordComponent[] all = entry.getClass().getRecordComponents();
        Object[] values = new Object[all.length];
        for (int i = 0; i < all.length; i++) {
            Object value = all[i].getAccessor().invoke(entry);
            values[i] = all[i].getName().equals(field.getName()) ? other(all[i].getType(), value) : value;
        }
        @SuppressWarnings("unchecked")
        Class<T> type = (Class<T>) entry.getClass();
        var constructor = type.getDeclaredConstructor(
                Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new));
        return constructor.newInstance(values);
    }

    private static Object other(Class<?> type, Object value) {
        if (type == int.class) {
            return (int) value + 1;
        }
        if (type == boolean.class) {
            return !(boolean) value;
        }
        if (type == Double.class) {
            return value == null ? Double.valueOf(1) : Double.valueOf((double) value + 1);
        }
        if (type == String.class) {
            return value + "x";
        }
        if (type == UUID.class) {
            return new UUID(1, 2);
        }
        if (type == Moment.class) {
            return moment(99_999);
        }
        if (type == JsonNode.class) {
            return JsonMapper.shared().readTree("{\"gapMm\":null}");
        }
        throw new AssertionError("no other " + type);
    }
}
