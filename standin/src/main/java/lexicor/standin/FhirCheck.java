package lexicor.standin;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.context.support.DefaultProfileValidationSupport;
import ca.uhn.fhir.parser.DataFormatException;
import ca.uhn.fhir.validation.FhirValidator;
import ca.uhn.fhir.validation.ResultSeverityEnum;
import ca.uhn.fhir.validation.SingleValidationMessage;
import java.util.List;
import java.util.Optional;
import org.hl7.fhir.common.hapi.validation.support.CommonCodeSystemsTerminologyService;
import org.hl7.fhir.common.hapi.validation.support.InMemoryTerminologyServerValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.SnapshotGeneratingValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.ValidationSupportChain;
import org.hl7.fhir.common.hapi.validation.validator.FhirInstanceValidator;
import org.hl7.fhir.r4.model.Bundle;

/** Checks a document against the base profiles of FHIR R4, with what ships with the program alone. */
public final class FhirCheck {
    /** Read by the first check of the program alone, since it takes a while. */
    private static final class Profiles {
        static final FhirContext CONTEXT = FhirContext.forR4();
        static final FhirValidator VALIDATOR = CONTEXT.newValidator()
                .registerValidatorModule(new FhirInstanceValidator(new ValidationSupportChain(
                        new DefaultProfileValidationSupport(CONTEXT),
                        new CommonCodeSystemsTerminologyService(CONTEXT),
                        new InMemoryTerminologyServerValidationSupport(CONTEXT),
                        new SnapshotGeneratingValidationSupport(CONTEXT))));
    }

    private FhirCheck() {}

    /** What is wrong with it, each with its place; empty where it passes. Warnings are no errors. */
    public static List<String> errors(String text) {
        return Profiles.VALIDATOR.validateWithResult(text).getMessages().stream()
                .filter(m -> m.getSeverity().compareTo(ResultSeverityEnum.ERROR) >= 0)
                .map(FhirCheck::words)
                .toList();
    }

    /** The identifier of a document; empty where the text is none. */
    static Optional<String> identifier(String text) {
        try {
            return Optional.ofNullable(Profiles.CONTEXT
                    .newJsonParser()
                    .parseResource(Bundle.class, text)
                    .getIdentifier()
                    .getValue());
        } catch (DataFormatException e) {
            return Optional.empty();
        }
    }

    private static String words(SingleValidationMessage m) {
        return m.getLocationString() + ": " + m.getMessage();
    }
}
