package lexicor.server.fhir;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.context.support.DefaultProfileValidationSupport;
import ca.uhn.fhir.validation.FhirValidator;
import ca.uhn.fhir.validation.ResultSeverityEnum;
import ca.uhn.fhir.validation.SingleValidationMessage;
import java.util.List;
import org.hl7.fhir.common.hapi.validation.support.CommonCodeSystemsTerminologyService;
import org.hl7.fhir.common.hapi.validation.support.InMemoryTerminologyServerValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.SnapshotGeneratingValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.ValidationSupportChain;
import org.hl7.fhir.common.hapi.validation.validator.FhirInstanceValidator;

/** Checks a document against the base profiles of FHIR R4, with what ships with the program alone. */
public final class FhirCheck {
    private final FhirValidator validator;

    public FhirCheck() {
        FhirContext context = FhirText.context();
        ValidationSupportChain chain = new ValidationSupportChain(
                new DefaultProfileValidationSupport(context),
                new CommonCodeSystemsTerminologyService(context),
                new InMemoryTerminologyServerValidationSupport(context),
                new SnapshotGeneratingValidationSupport(context));
        validator = context.newValidator();
        validator.registerValidatorModule(new FhirInstanceValidator(chain));
    }

    /** What is wrong with it, each with its place; empty where it passes. Warnings are no errors. */
    public List<String> errors(String text) {
        return validator.validateWithResult(text).getMessages().stream()
                .filter(m -> m.getSeverity().compareTo(ResultSeverityEnum.ERROR) >= 0)
                .map(FhirCheck::words)
                .toList();
    }

    private static String words(SingleValidationMessage m) {
        return m.getLocationString() + ": " + m.getMessage();
    }
}
