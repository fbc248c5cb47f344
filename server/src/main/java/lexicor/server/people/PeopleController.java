package lexicor.server.people;

import java.util.List;
import lexicor.server.people.PeopleViews.Colleagues;
import lexicor.server.people.PeopleViews.NewPerson;
import lexicor.server.people.PeopleViews.PersonChange;
import lexicor.server.people.PeopleViews.PersonView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Accounts over HTTP, for leads; the names alone for everybody who keeps cases. */
@RestController
class PeopleController {
    private final PeopleService service;

    PeopleController(PeopleService service) {
        this.service = service;
    }

    @GetMapping("/api/people")
    List<PersonView> people() {
        return service.all();
    }

    @PostMapping("/api/people")
    @ResponseStatus(HttpStatus.CREATED)
    PersonView createPerson(@RequestBody NewPerson request) {
        return service.create(request);
    }

    @PutMapping("/api/people/{id}")
    PersonView changePerson(@PathVariable long id, @RequestBody PersonChange change) {
        return service.change(id, change);
    }

    @GetMapping("/api/colleagues")
    Colleagues colleagues() {
        return new Colleagues(service.colleagues());
    }
}
