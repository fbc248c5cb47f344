package lexicor.server.casefiles;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion.VersionFlag;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.Optional;

/** The published schema of a case's file, by which files are read as well. */
public final class CaseFileSchema {
    private static final SchemaValidatorsConfig STRICT =
            SchemaValidatorsConfig.builder().formatAssertionsEnabled(true).build();
    private static final JsonSchema SCHEMA = read();

    private CaseFileSchema() {}

    private static JsonSchema read() {
        try (InputStream file = CaseFileSchema.class.getResourceAsStream("/case-file.schema.json")) {
            JsonSchema schema =
                    JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(file, STRICT);
            schema.initializeValidators();
            return schema;
        } catch (IOException e) {
            throw new UncheckedIOException("the schema of a case's file is missing from the program", e);
        }
    }

    /**
     * What is wrong with a file first, by its place and with what is expected there; empty where nothing is.
     *
     * @param json of one case
     */
    public static Optional<String> objection(String json) {
        return SCHEMA.validate(json, InputFormat.JSON).stream()
                .min(Comparator.comparing(m -> m.getInstanceLocation().toString()))
                .map(CaseFileSchema::words);
    }

    private static String words(ValidationMessage message) {
        String place = message.getInstanceLocation().toString().replaceFirst("^\\$\\.?", "");
        String what = message.getMessage().replaceFirst("^\\$[^:]*: ", "");
        return place.isEmpty() ? what : place + ": " + what;
    }
}
