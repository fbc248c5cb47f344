package lexicor.core.document;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Text in UTF-8, read strictly. */
public final class Utf8 {
    private Utf8() {}

    /** The text; empty where the bytes are not UTF-8. */
    public static Optional<String> text(byte[] bytes) {
        try {
            return Optional.of(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }
}
