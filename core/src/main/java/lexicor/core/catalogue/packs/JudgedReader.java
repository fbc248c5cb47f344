package lexicor.core.catalogue.packs;

import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.published.HowOften;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads the signs that no study has measured, judged in words (method M24). */
final class JudgedReader {
    private static final Map<String, HowOften> HOW_OFTEN =
            Arrays.stream(HowOften.values()).collect(Collectors.toMap(HowOften::words, Function.identity()));

    private JudgedReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("judged").forEach(e -> problems.collect(() -> content.judged.add(judged(e))));
        problems.collect(file::done);
    }

    private static JudgedSign judged(Entry listed) {
        String criterion = listed.text("criterion");
        String condition = listed.text("condition");
        Entry entry = listed.named(PackEntry.Kind.JUDGED.path(PackEntry.judgedId(criterion, condition)));
        entry.has("criterion");
        entry.has("condition");
        JudgedSign sign = new JudgedSign(
                criterion,
                condition,
                entry.oneOf("with", HOW_OFTEN),
                entry.oneOf("without", HOW_OFTEN),
                entry.flag("defining", false),
                entry.text("because"),
                entry.optionalText("by").orElse(""));
        entry.done();
        return sign;
    }
}
