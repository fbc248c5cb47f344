package lexicor.core.outcomes.followed;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import lexicor.core.outcomes.Followed;
import org.junit.jupiter.api.Test;

class KnownTest {
    private static Noted noted(CameOut cameOut, Reference reference, int day) {
        LocalDate on = Followed.DAY.plusDays(day);
        return new Noted("frozen-shoulder", cameOut, reference, on, Followed.at(on.plusDays(1)));
    }

    @Test
    void theStrongestReferenceSpeaksWhenEachWasNoted() {
        Optional<Known> known = Known.of(List.of(
                noted(CameOut.PRESENT, Reference.OPINION, 3),
                noted(CameOut.ABSENT, Reference.ARTHROSCOPY, 40),
                noted(CameOut.PRESENT, Reference.MRI, 60)));
        assertThat(known)
                .contains(new Known(
                        "frozen-shoulder",
                        false,
                        Reference.ARTHROSCOPY,
                        Followed.DAY.plusDays(3),
                        Followed.at(Followed.DAY.plusDays(4))));
    }

    @Test
    void anOpenAnswerSaysNothingHoweverStrong() {
        assertThat(Known.of(List.of(
                        noted(CameOut.NOT_KNOWN, Reference.OPERATION, 2), noted(CameOut.PRESENT, Reference.XRAY, 9))))
                .map(k -> List.of(k.reference(), k.since()))
                .contains(List.of(Reference.XRAY, Followed.DAY.plusDays(9)));
        assertThat(Known.of(List.of(noted(CameOut.NOT_KNOWN, Reference.OPERATION, 2))))
                .isEmpty();
    }

    @Test
    void ofTwoAlikeTheLaterSpeaks() {
        assertThat(Known.of(List.of(
                        noted(CameOut.PRESENT, Reference.ULTRASOUND, 2),
                        noted(CameOut.ABSENT, Reference.ULTRASOUND, 9))))
                .map(Known::present)
                .contains(false);
    }
}
