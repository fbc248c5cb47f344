package lexicor.server.templates;

import java.util.List;
import lexicor.server.templates.Template.NewTemplate;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lists of tests over HTTP. */
@RestController
@RequestMapping("/api/templates")
class TemplateController {
    private final TemplateService service;

    TemplateController(TemplateService service) {
        this.service = service;
    }

    @GetMapping
    List<Template> templates() {
        return service.all();
    }

    @PutMapping
    List<Template> saveTemplate(@RequestBody NewTemplate request) {
        return service.save(request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteTemplate(@PathVariable long id) {
        service.delete(id);
    }
}
