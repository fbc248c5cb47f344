package lexicor.server.settings;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The department's settings over HTTP. */
@RestController
@RequestMapping("/api/settings")
class SettingsController {
    private final SettingsService service;

    SettingsController(SettingsService service) {
        this.service = service;
    }

    @GetMapping
    DepartmentSettings settings() {
        return service.current();
    }

    @PutMapping
    DepartmentSettings saveSettings(@RequestBody DepartmentSettings change) {
        return service.save(change);
    }
}
