package lexicor.server.fhir;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.parser.DataFormatException;
import java.util.Optional;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.DocumentReference;

/** Documents as JSON text. The structures are got ready when the first is written or read. */
public final class FhirText {
    private FhirText() {}

    private static final class Ready {
        static final FhirContext CONTEXT = FhirContext.forR4();
    }

    private static FhirContext context() {
        return Ready.CONTEXT;
    }

    public static String write(Bundle bundle) {
        return context().newJsonParser().encodeResourceToString(bundle);
    }

    /** The case file that a document of ours carries; empty where it is no document, or carries none. */
    public static Optional<byte[]> caseFile(String text) {
        try {
            Bundle bundle = context().newJsonParser().parseResource(Bundle.class, text);
            return bundle.getEntry().stream()
                    .map(Bundle.BundleEntryComponent::getResource)
                    .filter(DocumentReference.class::isInstance)
                    .map(DocumentReference.class::cast)
                    .filter(d -> d.getType().hasCoding(Codes.OWN, "case-file"))
                    .flatMap(d -> d.getContent().stream())
                    .map(c -> c.getAttachment().getData())
                    .findFirst();
        } catch (DataFormatException e) {
            return Optional.empty();
        }
    }
}
