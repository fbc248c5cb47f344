package lexicor.server.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where documents may go. */
class RecordAddressTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "10.1.2.3",
                "172.16.0.1",
                "192.168.7.7",
                "169.254.169.254",
                "100.64.0.1",
                "0.0.0.0",
                "224.0.0.1",
                "::1",
                "fe80::1",
                "fd12:3456::1",
                "::ffff:10.0.0.1"
            })
    void anAddressOfTheInsideIsOneInWhateverWayItIsWritten(String address) throws UnknownHostException {
        assertThat(RecordAddress.isInside(InetAddress.getByName(address))).isTrue();
        String written = "https://" + (address.contains(":") ? "[" + address + "]" : address) + "/in";
        assertThat(RecordAddress.objection(written, "")).isPresent();
        assertThat(RecordAddress.objection(written, "elsewhere.example")).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"203.0.113.5", "100.128.0.1", "172.32.0.1", "2001:db8::1"})
    void oneOfTheOutsideIsNone(String address) throws UnknownHostException {
        assertThat(RecordAddress.isInside(InetAddress.getByName(address))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "127.0.0.1"})
    void whatALeadNamesIsAllowed(String host) throws UnknownHostException {
        assertThat(RecordAddress.objection("http://" + host + ":8090/in", host)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://records.example/in", "file:///etc", "https://a:b@c", "nonsense", "https:///x"})
    void whatIsNoAddressIsNone(String address) {
        assertThat(RecordAddress.isWritten(address)).isFalse();
    }

    @org.junit.jupiter.api.Test
    void aNameThatMeansNothingNowIsNotJudged() {
        assertThatThrownBy(() -> RecordAddress.objection("https://records.invalid/in", ""))
                .isInstanceOf(UnknownHostException.class);
    }
}
