package lexicor.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import lexicor.server.history.AfterCommit;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SecondFactorFor;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A code of the person's own app beside the password, where somebody set it up or the department wants it. */
@Service
public class SecondFactor {
    private static final int CODES = 10;
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int HALF = 5;
    private static final long MOST_KEPT = 1000;

    private final PersonStore store;
    private final RecoveryCodeStore recovery;
    private final SettingsService settings;
    private final Moments moments;
    private final SecureRandom random = new SecureRandom();
    private final Cache<String, Boolean> has =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    SecondFactor(PersonStore store, RecoveryCodeStore recovery, SettingsService settings, Moments moments) {
        this.store = store;
        this.recovery = recovery;
        this.settings = settings;
        this.moments = moments;
    }

    /** Whether the department wants one from somebody who has none yet. */
    public boolean isMissing(Person person) {
        SecondFactorFor wanted = settings.current().secondFactor();
        boolean due = wanted == SecondFactorFor.EVERYBODY || wanted == SecondFactorFor.LEADS && person.isLead();
        return due && !has(person.name());
    }

    public boolean has(String person) {
        return has.get(
                person,
                n -> store.findByName(n).filter(p -> p.totpSecret != null).isPresent());
    }

    public String newSecret() {
        return TimeCode.newSecret(random);
    }

    /**
     * Takes the secret into use once a code shows that the app has it.
     *
     * @return codes for when the app is gone, told this once
     */
    @Transactional
    public List<String> begin(Person person, String secret, String code) {
        if (secret == null) {
            throw Refusal.conflict("code: begin anew; the picture was shown too long ago");
        }
        OptionalLong step = TimeCode.step(secret, digits(code), moments.now(), 0);
        if (step.isEmpty()) {
            throw Refusal.field("code", "not the code that the app shows now; is the clock of the telephone right?");
        }
        PersonRecord record = store.findByName(person.name()).orElseThrow();
        record.totpSecret = secret;
        record.totpStep = step.getAsLong();
        record.secondFactor = true;
        store.saveAndFlush(record);
        recovery.deleteByPersonId(record.id);
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < CODES; i++) {
            String made = letters() + "-" + letters();
            RecoveryCodeRecord kept = new RecoveryCodeRecord();
            kept.personId = record.id;
            kept.hash = hash(record, made);
            recovery.save(kept);
            codes.add(made);
        }
        forget(record.name);
        return codes;
    }

    /** Whether it is a code of the app that was not used yet, or one for when it is gone, which is used up. */
    @Transactional
    public boolean isRight(String name, String code) {
        PersonRecord record = store.lockByName(name).orElseThrow();
        OptionalLong step = TimeCode.step(record.totpSecret, digits(code), moments.now(), record.totpStep);
        if (step.isPresent()) {
            record.totpStep = step.getAsLong();
            store.saveAndFlush(record);
            return true;
        }
        return recovery.findByPersonIdAndHash(
                        record.id, hash(record, code.strip().toLowerCase(Locale.ROOT)))
                .map(found -> {
                    recovery.delete(found);
                    return true;
                })
                .orElse(false);
    }

    /** How many codes are left for when the app is gone. */
    @Transactional(readOnly = true)
    int codesLeft(String name) {
        return store.findByName(name).map(p -> recovery.countByPersonId(p.id)).orElse(0);
    }

    /** Leaves the person with the password alone. */
    @Transactional
    public void end(String name) {
        PersonRecord record = store.findByName(name).orElseThrow();
        clear(record);
        store.saveAndFlush(record);
    }

    /** The same within a change of the account. */
    void clear(PersonRecord record) {
        record.totpSecret = null;
        record.totpStep = 0;
        record.secondFactor = false;
        recovery.deleteByPersonId(record.id);
        forget(record.name);
    }

    private void forget(String name) {
        AfterCommit.run(() -> has.invalidate(name));
    }

    private String letters() {
        StringBuilder made = new StringBuilder();
        random.ints(HALF, 0, LETTERS.length()).forEach(i -> made.append(LETTERS.charAt(i)));
        return made.toString();
    }

    /** Fifty random bits need no slow hash. */
    private static String hash(PersonRecord person, String code) {
        return DigestUtils.sha256Hex(person.id + " " + code);
    }

    private static String digits(String code) {
        return code == null ? "" : code.replaceAll("\\s", "");
    }
}
