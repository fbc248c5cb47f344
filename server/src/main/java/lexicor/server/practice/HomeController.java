package lexicor.server.practice;

import java.util.List;
import lexicor.server.practice.HomeViews.HomeView;
import lexicor.server.practice.HomeViews.HunchesView;
import lexicor.server.practice.PracticeFile.Whole;
import lexicor.server.practice.PracticeViews.PatientLine;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Practice as a whole over HTTP. */
@RestController
@RequestMapping("/api/practice")
class HomeController {
    private final PracticeHome home;
    private final PracticeFile file;

    HomeController(PracticeHome home, PracticeFile file) {
        this.home = home;
        this.file = file;
    }

    @GetMapping("/home")
    HomeView practiceHome() {
        return home.home();
    }

    @GetMapping("/hunches")
    HunchesView hunches(@RequestParam(required = false) String of) {
        return home.hunches(of);
    }

    @GetMapping("/students/{name}/patients")
    List<PatientLine> patientsOf(@PathVariable String name) {
        return home.patientsOf(name);
    }

    @GetMapping("/file")
    ResponseEntity<Whole> practiceFile() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"lexicor-practice.json\"")
                .body(file.whole());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deletePractice() {
        file.deleteAll();
    }
}
