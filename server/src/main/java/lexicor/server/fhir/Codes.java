package lexicor.server.fhir;

import java.util.Map;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.Coding;
import org.hl7.fhir.r4.model.Quantity;

/** The code systems that a document of ours names: our own, ICD-10, UCUM, and HL7's. */
final class Codes {
    /** Names of our own: nothing has to be fetched from there. */
    static final String OWN = "urn:oid:2.25.271196538273465398213746519827364518273";

    static final String ICD10 = "http://hl7.org/fhir/sid/icd-10";
    static final String UCUM = "http://unitsofmeasure.org";
    static final String INTERPRETATION = "http://terminology.hl7.org/CodeSystem/v3-ObservationInterpretation";
    static final String ACT = "http://terminology.hl7.org/CodeSystem/v3-ActCode";

    /** Lexicor's units in UCUM. */
    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("N", "N"),
            Map.entry("kg", "kg"),
            Map.entry("mm", "mm"),
            Map.entry("cm", "cm"),
            Map.entry("degrees", "deg"),
            Map.entry("seconds", "s"),
            Map.entry("s", "s"),
            Map.entry("% of the head", "%"));

    private Codes() {}

    static CodeableConcept own(String code, String text) {
        return new CodeableConcept(new Coding(OWN, code, text)).setText(text);
    }

    /** A unit that UCUM has no word for is a plain number, with the unit in words. */
    static Quantity quantity(double value, String unit) {
        return new Quantity()
                .setValue(java.math.BigDecimal.valueOf(value))
                .setUnit(unit.isEmpty() ? "1" : unit)
                .setSystem(UCUM)
                .setCode(UNITS.getOrDefault(unit, "1"));
    }
}
