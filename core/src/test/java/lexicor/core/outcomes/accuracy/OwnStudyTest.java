package lexicor.core.outcomes.accuracy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Map;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.outcomes.followed.Reference;
import org.junit.jupiter.api.Test;

class OwnStudyTest {
    private static final LocalDate FROM = LocalDate.of(2025, 11, 3);
    private static final LocalDate TO = LocalDate.of(2026, 10, 30);

    private static AccuracyRow row(OwnTable table) {
        return OwnStudy.row(table, Map.of(Reference.MRI, 20, Reference.OPERATION, 17), FROM, TO);
    }

    @Test
    void itIsTheVerifiedOnesWithTheirLabelAndHowTheyWereVerified() {
        OwnTable table = new OwnTable("neer/pain", "subacromial-pain", 14, 5, 6, 12, 0, 8);
        AccuracyRow row = row(table);
        assertThat(OwnStudy.isOwn(row)).isTrue();
        assertThat(row.year()).isEqualTo(2026);
        assertThat(row.referenceStandard()).isEqualTo("operation 17, MRI 20");
        assertThat(row.note())
                .as("nothing from which one could tell that no positive was left out")
                .isEqualTo("Raw counts of the own cases. Who was verified hung on the result.");
        assertThat(row(new OwnTable("a", "b", 14, 5, 6, 12, 9, 8)).note())
                .contains("about alike", "Corrected for that, sensitivity 0.7");
        TwoByTwo weighed = (TwoByTwo) EvidenceBase.study(row.figures(), row.isAtHighRisk());
        assertThat(weighed.sensitivity()).isEqualTo(14 / 19.0);
        assertThat(weighed.people()).isEqualTo(37);
    }

    @Test
    void whereWhoWasVerifiedHungOnTheResultItIsAtHighRiskOfBias() {
        assertThat(row(new OwnTable("a", "b", 14, 5, 6, 12, 0, 8)).isAtHighRisk())
                .isTrue();
        assertThat(row(new OwnTable("a", "b", 14, 5, 6, 12, 2, 2)).isAtHighRisk())
                .isFalse();
        OwnTable nobodyWithout = new OwnTable("a", "b", 14, 5, 0, 0, 0, 8);
        assertThatThrownBy(() -> row(nobodyWithout)).isInstanceOf(IllegalArgumentException.class);
    }
}
