package lexicor.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.weighing.input.Suspicion;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is kept in files by a name comes back by it, and by no other. */
class NamesTest {
    static Stream<Arguments> names() {
        return Stream.of(
                of(Suspicion.values(), Suspicion::id, Suspicion::withId),
                of(AgeBand.values(), AgeBand::id, AgeBand::withId),
                of(AccuracyRow.Kind.values(), AccuracyRow.Kind::id, AccuracyRow.Kind::withId),
                of(SignOff.State.values(), SignOff.State::id, SignOff.State::withId));
    }

    private static <T> Arguments of(T[] all, Function<T, String> id, Function<String, Optional<T>> withId) {
        return Arguments.of(all, id, withId);
    }

    @ParameterizedTest
    @MethodSource("names")
    <T> void areEachTheirOwn(T[] all, Function<T, String> id, Function<String, Optional<T>> withId) {
        assertThat(all).extracting(id::apply).doesNotHaveDuplicates().allSatisfy(name -> assertThat(name)
                .matches("[a-z0-9]+(-[a-z0-9]+)*"));
        for (T one : all) {
            assertThat(withId.apply(id.apply(one))).contains(one);
        }
        assertThat(withId.apply("nobody's")).isEmpty();
    }
}
