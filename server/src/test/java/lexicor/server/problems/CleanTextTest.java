package lexicor.server.problems;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import tools.jackson.databind.json.JsonMapper;

/** What is kept out of texts, and what is said when something cannot be stored. */
class CleanTextTest {
    @ParameterizedTest
    @ValueSource(ints = {0x0, 0x8, 0xB, 0x1B, 0x7F, 0x85, 0xD800, 0xDFFF, 0xFFFE, 0xFFFF, 0x1FFFE})
    void charactersThatNoDocumentHoldsAreNotClean(int c) {
        String text = "a" + new String(Character.toChars(c)) + "b";
        assertThat(CleanText.isClean(text)).isFalse();
        assertThat(CleanText.cleaned(text)).isEqualTo("ab");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "two\nlines\tand\r\nmore", "Zürich, 東京, 🦉", "e\u0301"})
    void whatPeopleWriteIs(String text) {
        assertThat(CleanText.isClean(text)).isTrue();
        assertThat(CleanText.cleaned(text)).isSameAs(text);
    }

    @Property
    void whateverIsCleanedIsClean(@ForAll String text) {
        assertThat(CleanText.isClean(CleanText.cleaned(text))).isTrue();
    }

    @Test
    void aTextIsRefusedByItsPlaceAtAnyDepth() {
        var tree =
                JsonMapper.shared().readTree("{\"a\":{\"list\":[\"fine\",{\"text\":\"\\u0007\"}]},\"key\\ud800\":1}");
        assertThatThrownBy(() -> CleanText.check(tree, "")).hasMessageStartingWith("a.list[1].text: ");
        assertThatThrownBy(() -> CleanText.check(JsonMapper.shared().readTree("{\"key\\ud800\":1}"), ""))
                .hasMessageStartingWith("name: ");
    }

    @Test
    void allConnectionsInUseIsNoFaultOfTheDisk() {
        Storage storage = new Storage(event -> {});
        var busy = new CannotCreateTransactionException(
                "no connection", new SQLTransientConnectionException("not available, request timed out"));
        assertThat(storage.failure(busy).status()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
        assertThat(storage.failure(busy).retrySeconds()).isPositive();
        assertThat(storage.failure(busy).detail()).contains("busy").doesNotContain("disk");
        var away = new CannotGetJdbcConnectionException(
                "no connection", new SQLTransientConnectionException("timed out", new SQLException("no space left")));
        assertThat(storage.failure(away).status()).isEqualTo(HttpStatus.INSUFFICIENT_STORAGE);
    }
}
