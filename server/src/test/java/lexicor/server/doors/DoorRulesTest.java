package lexicor.server.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.session.MapSession;
import org.springframework.session.SessionRepository;

/** The rules at the door, each by itself: which addresses are plain, at what pace, and what of a session is written down. */
class DoorRulesTest {
    private final PlainAddress plain = new PlainAddress();

    private static MockHttpServletRequest asking(String method, String address) {
        MockHttpServletRequest request = new MockHttpServletRequest(method, address);
        request.setServletPath(address);
        request.setRemoteAddr("198.51.100.7");
        return request;
    }

    @Provide
    Arbitrary<String> parts() {
        return Arbitraries.strings()
                .withChars("abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789_~-")
                .ofMinLength(1)
                .ofMaxLength(12);
    }

    @Provide
    Arbitrary<String> twists() {
        return Arbitraries.of(
                "%61",
                "%2e", "%2F", "%5c", "%00", "%", ";x=1", "\\", "//", "/./", "/../", "/..", "/.", " ", "\t", "é", "?",
                "#", "\u0000");
    }

    @Property
    void anAddressOfPlainPartsIsLetIn(@ForAll List<@From("parts") String> parts) {
        String address = "/" + String.join("/", parts);
        assertThat(plain.getFirewalledRequest(asking("GET", address)).getRequestURI())
                .isEqualTo(address);
    }

    @Property
    void oneThatReadsOtherwiseOnceDecodedOrNormalisedIsNot(
            @ForAll("parts") String before, @ForAll("twists") String twist, @ForAll("parts") String after) {
        for (String address : new String[] {"/" + before + twist + after, "/" + before + "/" + twist + after}) {
            boolean isPlain = !address.contains("//")
                    && !address.matches(".*/\\.{1,2}(/.*)?")
                    && address.matches("[A-Za-z0-9._~/-]+");
            if (!isPlain) {
                assertThatThrownBy(() -> plain.getFirewalledRequest(asking("GET", address)))
                        .as(address)
                        .isInstanceOf(RequestRejectedException.class);
            }
        }
    }

    @Test
    void whoeverIsInKeepsTheirPaceWhileACrowdTriesToComeIn() {
        Pace pace = new Pace(50);
        MockHttpServletRequest tap = asking("POST", "/api/cases/HB-001/taps");
        tap.setSession(new MockHttpSession());
        long begun = System.nanoTime();
        long letIn = IntStream.range(0, 400)
                .filter(n -> {
                    MockHttpServletRequest stranger = asking("POST", "/api/session");
                    stranger.setRemoteAddr("203.0.113." + n % 250);
                    return pace.letsTry(stranger);
                })
                .count();
        // The share of one sender's pace, and what came to it while they were asking.
        assertThat(letIn).isBetween(20L, 21 + (long) (20 * seconds(begun)));
        MockHttpServletRequest page = asking("GET", "/api/session");
        for (MockHttpServletRequest other : new MockHttpServletRequest[] {tap, page}) {
            assertThat(pace.letsTry(other)).isTrue();
            assertThat(pace.allows(other)).isTrue();
        }
    }

    @Test
    void oneSenderIsSlowedDownAndTheNextIsNot() {
        Pace pace = new Pace(1);
        MockHttpServletRequest mine = asking("GET", "/api/cases");
        mine.setSession(new MockHttpSession());
        MockHttpServletRequest theirs = asking("GET", "/api/cases");
        theirs.setSession(new MockHttpSession());
        long begun = System.nanoTime();
        assertThat(IntStream.range(0, 4).allMatch(n -> pace.allows(mine))).isTrue();
        assertThat(IntStream.range(0, 50).filter(n -> pace.allows(mine)).count())
                .isLessThanOrEqualTo(1 + (long) seconds(begun));
        assertThat(pace.allows(theirs)).isTrue();
    }

    private static double seconds(long since) {
        return (System.nanoTime() - since) / 1e9;
    }

    /** Sessions kept in memory, with how often they were written. */
    private static final class Written implements SessionRepository<MapSession> {
        private MapSession kept;
        private int times;
        private boolean fails;

        @Override
        public MapSession createSession() {
            return new MapSession();
        }

        @Override
        public void save(MapSession session) {
            if (fails) {
                throw new DataAccessResourceFailureException("no space left");
            }
            times++;
            kept = new MapSession(session);
        }

        @Override
        public MapSession findById(String id) {
            return kept != null && kept.getId().equals(id) ? new MapSession(kept) : null;
        }

        @Override
        public void deleteById(String id) {
            kept = null;
        }
    }

    @Test
    void aSessionIsWrittenWhenItChangesAndOtherwiseOnceAMinute() {
        Written written = new Written();
        QuietSessions<MapSession> sessions = new QuietSessions<>(written);
        var session = sessions.createSession();
        Instant begun = session.getLastAccessedTime();
        sessions.save(session);
        for (int second = 1; second <= 300; second++) {
            var again = sessions.findById(session.getId());
            again.setLastAccessedTime(begun.plusSeconds(second));
            sessions.save(again);
        }
        assertThat(written.times).isBetween(4, 6);
        assertThat(Duration.between(written.kept.getLastAccessedTime(), begun.plusSeconds(300)))
                .isLessThanOrEqualTo(Duration.ofMinutes(1));

        int before = written.times;
        var changed = sessions.findById(session.getId());
        changed.setAttribute("person", "tern");
        sessions.save(changed);
        sessions.save(changed);
        assertThat(written.times).isEqualTo(before + 1);
        assertThat(sessions.findById(session.getId()).<String>getAttribute("person"))
                .isEqualTo("tern");
    }

    @Test
    void aNoteThatCannotBeWrittenUndoesNothingButANewSessionMustBe() {
        Written written = new Written();
        QuietSessions<MapSession> sessions = new QuietSessions<>(written);
        var session = sessions.createSession();
        sessions.save(session);
        written.fails = true;
        session.setAttribute("seen", 1);
        assertThatCode(() -> sessions.save(session)).doesNotThrowAnyException();
        var another = sessions.createSession();
        assertThatThrownBy(() -> sessions.save(another)).hasMessageContaining("no space left");
        // It is written once there is room.
        written.fails = false;
        sessions.save(session);
        assertThat(written.kept.<Integer>getAttribute("seen")).isEqualTo(1);
    }
}
