package lexicor.server.problems;

import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps out characters that no text has a use for and that documents cannot hold: control characters other than tab and line
 * break, halves of surrogate pairs, and code points that are none.
 */
@ControllerAdvice
public class CleanText extends RequestBodyAdviceAdapter {
    /** What is answered to an address, a header or a parameter that is not let in. */
    public static final String REJECTED =
            "The address, a header or a parameter is written in a way that is not taken here: letters, digits, dots,"
                    + " hyphens and slashes, nothing escaped or doubled, and no control characters.";

    private static final String REFUSED =
            "has a control character or half a character in it, which cannot be kept; type the text anew";

    private final JsonMapper json;

    CleanText(JsonMapper json) {
        this.json = json;
    }

    /** Whether the text can be kept and printed as it is. */
    public static boolean isClean(String text) {
        for (int i = 0, c; i < text.length(); i += Character.charCount(c)) {
            c = text.codePointAt(i);
            if ((c < ' ' || c > '~') && !isKept(c)) {
                return false;
            }
        }
        return true;
    }

    /** The text without what cannot be printed. */
    public static String cleaned(String text) {
        return isClean(text)
                ? text
                : text.codePoints()
                        .filter(CleanText::isKept)
                        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                        .toString();
    }

    /** Refuses JSON with such a text anywhere in it, by the text's place. */
    public static void check(JsonNode node, String place) {
        if (node.isString() && !isClean(node.asString())) {
            throw Refusal.field(place, REFUSED);
        }
        int index = 0;
        for (JsonNode item : node.isArray() ? node.values() : List.<JsonNode>of()) {
            check(item, place + "[" + index++ + "]");
        }
        for (Map.Entry<String, JsonNode> field : node.properties()) {
            if (!isClean(field.getKey())) {
                throw Refusal.field(place.isEmpty() ? "name" : place, REFUSED);
            }
            check(field.getValue(), place.isEmpty() ? field.getKey() : place + "." + field.getKey());
        }
    }

    private static boolean isKept(int c) {
        boolean control = Character.isISOControl(c) && c != '\t' && c != '\n' && c != '\r';
        boolean half = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        return !control && !half && (c & 0xFFFE) != 0xFFFE;
    }

    @Override
    public boolean supports(
            MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
        return target != byte[].class;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage input,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter) {
        if (body instanceof String text) {
            Optional.of(text).filter(CleanText::isClean).orElseThrow(() -> Refusal.field("body", REFUSED));
        } else {
            check(json.valueToTree(body), "");
        }
        return body;
    }
}
