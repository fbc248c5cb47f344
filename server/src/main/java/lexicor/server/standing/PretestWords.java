package lexicor.server.standing;

import java.math.BigDecimal;
import java.math.RoundingMode;
import lexicor.core.weighing.input.Pretest;

/** How a pretest comes about, in one line (method M25). */
public final class PretestWords {
    private PretestWords() {}

    /** For example: base rate 30 %, age \u00d7 0.4, your suspicion \u00d7 2: 26 %. */
    public static String of(Pretest pretest) {
        StringBuilder words = new StringBuilder("base rate ").append(Percent.of(pretest.baseRate()));
        for (Pretest.Step step : pretest.steps()) {
            words.append(", ")
                    .append(
                            switch (step.by()) {
                                case AGE -> "age";
                                case SEX -> "sex";
                                case SUSPICION -> "your suspicion";
                            })
                    .append(" \u00d7 ")
                    .append(BigDecimal.valueOf(step.odds())
                            .setScale(2, RoundingMode.HALF_UP)
                            .stripTrailingZeros()
                            .toPlainString());
        }
        return pretest.steps().isEmpty()
                ? words.toString()
                : words.append(": ").append(Percent.of(pretest.probability())).toString();
    }
}
