package lexicor.server.cases;

import lexicor.server.problems.Refusal;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/** An age in whole years; whoever sends a birthday or a year of birth is told that none is kept. */
final class AgeInYears extends ValueDeserializer<Integer> {
    private static final int OLDEST = 120;

    @Override
    public Integer deserialize(JsonParser json, DeserializationContext context) {
        if (json.currentToken() == JsonToken.VALUE_NUMBER_INT
                && json.getBigIntegerValue().signum() >= 0
                && json.getBigIntegerValue().bitLength() < Integer.SIZE
                && json.getIntValue() <= OLDEST) {
            return json.getIntValue();
        }
        throw Refusal.unprocessable(
                "expected an age in whole years from 0 to " + OLDEST + "; no year and no date of birth is kept");
    }
}
