package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import lexicor.standin.RecordSystem;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A letter from the case to the signature, the case sent on, and all cases out and in, through the real pages. */
class ReportBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    @Test
    void aReferralIsWrittenEditedSignedAndSent() throws IOException {
        try (RecordSystem records = RecordSystem.start(0)) {
            page.navigate(LEXICOR.url("/settings"));
            Locator address = page.getByLabel("The clinic's record system");
            address.fill("ftp://nowhere");
            address.blur();
            assertThat(page.getByText("expected an address that begins with https://"))
                    .isVisible();
            address.fill(records.address());
            address.blur();
            assertThat(page.getByText("127.0.0.1 is an address of the inside")).isVisible();
            page.getByLabel(Pattern.compile("^Its host")).fill("127.0.0.1");
            page.getByLabel(Pattern.compile("^Its host")).blur();
            assertThat(page.getByText("is an address of the inside")).isHidden();

            page.navigate(LEXICOR.url("/cases/HB-002/report"));
            page.getByLabel("Whom to refer to").selectOption("imaging");
            button("Refer to").click();
            assertThat(page.getByText("Would you image the left side")).isVisible();
            accessible("Report, draft");
            page.getByLabel("What we ask").fill("Would you image the left shoulder this week?");
            button("Keep the changes").click();
            assertThat(page.getByText("As composed")).isVisible();
            Download pdf = page.waitForDownload(() -> page.getByText("PDF").click());
            Assertions.assertThat(Files.readString(pdf.path(), java.nio.charset.StandardCharsets.ISO_8859_1))
                    .startsWith("%PDF");
            button("Sign it off").click();
            assertThat(page.getByText("Signed off by heron.")).isVisible();
            assertThat(page.locator("textarea")).hasCount(0);
            accessible("Report, signed");
            button("Send to the record system").click();
            // The first document that a record system checks takes it a while.
            assertThat(page.getByText("Arrived"))
                    .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(90_000));
            Assertions.assertThat(records.received()).hasSize(1);
        }
    }

    @Test
    void allCasesGoOutAndAreKnownWhenTheyComeIn() throws IOException {
        page.navigate(LEXICOR.url("/exchange"));
        Download zip =
                page.waitForDownload(() -> page.getByText("All cases as zip").click());
        byte[] content = Files.readAllBytes(zip.path());
        page.locator("input[type=file]").setInputFiles(new FilePayload("cases.zip", "application/zip", content));
        assertThat(page.getByText("15 the same already")).isVisible();
        accessible("Cases out and in");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("x.json", "application/json", "{\"a\":1}".getBytes()));
        assertThat(page.getByText("not a case of Lexicor's")).isVisible();
    }
}
