package lexicor.server.signin;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.problems.Refusal;
import lexicor.server.signin.SessionViews.DemoAccount;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The made-up people of the demo clinic, called after birds of the harbour; signed in by one click, by no password. */
@Component
public class DemoAccounts {
    private static final Map<String, Role> NAMES = new TreeMap<>(Map.of(
            "heron", Role.LEAD,
            "tern", Role.CLINICIAN,
            "plover", Role.CLINICIAN,
            "dunlin", Role.STUDENT,
            "owl", Role.AUDITOR));

    private final boolean demo;
    private final PeopleService people;

    DemoAccounts(@Value("${lexicor.demo}") String folder, PeopleService people) {
        this.demo = !folder.isEmpty();
        this.people = people;
    }

    /** Makes the accounts where there are none yet. */
    public void create() {
        if (people.isEmpty()) {
            NAMES.forEach(people::createWithoutPassword);
        }
    }

    /** One of them. */
    public Person person(String name) {
        if (!demo || !NAMES.containsKey(String.valueOf(name))) {
            throw Refusal.field("name", "there is no demo account " + name);
        }
        return people.open(name).orElseThrow(() -> Refusal.field("name", "the account " + name + " is closed"));
    }

    List<DemoAccount> listed() {
        return demo
                ? NAMES.entrySet().stream()
                        .map(e -> new DemoAccount(e.getKey(), e.getValue()))
                        .toList()
                : List.of();
    }
}
