package lexicor.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Flow;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.problems.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

/** What is read of files and answers: all cases of a zip one by one, and never more than there is room for. */
@Tag("slow")
class ReadingTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static String line(int n, int padding) {
        return """
                {"format":"lexicor-case","version":1,"code":"HB-%d","created":{"day":0},"intake":{"complaint":"c",\
                "involvedSide":"left","setting":"community","mechanism":"","candidates":[],"answers":{},\
                "precautions":[],"warnings":[]},"visits":[{"day":0}],"plan":[],"ladders":{},"taps":[],"measured":[],\
                "overrides":[],"weigh":{"figures":[{"x":"%s"}]}}"""
                .formatted(n, "ü".repeat(padding));
    }

    private static byte[] zip(String name, byte[]... parts) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("before.txt"));
            zip.write(7);
            zip.putNextEntry(new ZipEntry(name));
            for (byte[] part : parts) {
                zip.write(part);
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static List<String> codes(byte[] content) {
        List<String> codes = new ArrayList<>();
        new ArchiveReader(JSON, content).each(file -> codes.add(file.code()), unfit -> codes.add(unfit.code()));
        return codes;
    }

    /** Lines end anywhere in what is unpacked at once, with and without an end of the last one. */
    @Property
    void everyCaseOfAZipIsReadOnceInItsOrderWithoutItsFigures(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(max = 30_000) Integer> paddings, @ForAll boolean ends)
            throws IOException {
        StringBuilder lines = new StringBuilder();
        List<String> codes = new ArrayList<>();
        for (int padding : paddings) {
            codes.add("HB-" + codes.size());
            lines.append(line(codes.size() - 1, padding)).append(codes.size() % 3 == 0 ? "\n\n" : "\n");
        }
        if (!ends) {
            lines.setLength(lines.toString().stripTrailing().length());
        }
        byte[] zip = zip(ArchiveWriter.LINES, text(lines.toString()));
        assertThat(codes(zip)).isEqualTo(codes);
        assertThat(new ArchiveReader(JSON, zip).count()).isEqualTo(codes.size());
        List<CaseFile> first = new ArrayList<>();
        new ArchiveReader(JSON, zip)
                .each(
                        file -> {
                            first.add(file);
                            return false;
                        },
                        unfit -> false);
        assertThat(first).hasSize(1);
        assertThat(first.get(0).weigh()).isNull();
    }

    @Test
    void aFileThatUnpacksToMoreThanAnyClinicHasIsRefusedOnTheWay() throws IOException {
        byte[] blanks = text("\n".repeat(4 << 20));
        byte[] zip = zip(ArchiveWriter.LINES, blanks, text(line(1, 0)));
        assertThat(zip.length).isLessThan(1 << 16);
        assertThatThrownBy(() -> new ArchiveReader(JSON, zip, 4 << 20).count())
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("more than 4 MB when unpacked");
        assertThat(new ArchiveReader(JSON, zip).count()).isEqualTo(1);
    }

    @Test
    void whatIsNoCaseIsRefusedByItsLine() throws IOException {
        byte[] damaged = zip(ArchiveWriter.LINES, text(line(1, 0) + "\n\n" + "{\"code\":\n"));
        assertThatThrownBy(() -> codes(damaged)).hasMessageContaining("line 3: not a case of Lexicor's");
        byte[] bell = zip(ArchiveWriter.LINES, text(line(1, 0).replace("HB-1", "HB\\u0007")));
        assertThatThrownBy(() -> codes(bell))
                .hasMessageContaining("line 1: code")
                .hasMessageContaining("control");
        byte[] long1 = zip(ArchiveWriter.LINES, text("x".repeat(9 << 20)));
        assertThatThrownBy(() -> codes(long1)).hasMessageContaining("line 1: longer than any case");
        byte[] latin = zip(ArchiveWriter.LINES, new byte[] {(byte) 0xE9, '\n'});
        assertThatThrownBy(() -> codes(latin)).hasMessageContaining("not text in UTF-8");
        byte[] other = zip("other.txt", text(line(1, 0)));
        assertThatThrownBy(() -> codes(other)).hasMessageContaining("a zip without " + ArchiveWriter.LINES);
        byte[] whole = zip(ArchiveWriter.LINES, text(line(1, 30_000)));
        byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);
        assertThatThrownBy(() -> codes(half)).hasMessageContaining("not a whole zip file");
        assertThatThrownBy(() -> codes(new byte[0])).hasMessageContaining("empty");
    }

    @ParameterizedTest
    @CsvSource({"1, 5", "3, 4", "4, 4", "100, 0", "1000, 1"})
    void anAnswersBeginningIsReadAndNothingAfterIt(int part, int parts) {
        FirstBytes body = new FirstBytes(10);
        AtomicInteger asked = new AtomicInteger();
        AtomicInteger cancelled = new AtomicInteger();
        body.onSubscribe(new Flow.Subscription() {
            @Override
            public void request(long n) {
                asked.addAndGet((int) n);
            }

            @Override
            public void cancel() {
                cancelled.incrementAndGet();
            }
        });
        int sent = 0;
        while (sent < parts && cancelled.get() == 0) {
            assertThat(asked.get()).isEqualTo(sent + 1);
            body.onNext(List.of(ByteBuffer.wrap(text("a".repeat(part)))));
            sent++;
        }
        if (cancelled.get() == 0) {
            body.onComplete();
        }
        int most = Math.min(10, part * parts);
        assertThat(body.getBody().toCompletableFuture()).isCompletedWithValue("a".repeat(most));
        assertThat(cancelled.get()).isEqualTo(part * parts >= 10 ? 1 : 0);
    }
}
