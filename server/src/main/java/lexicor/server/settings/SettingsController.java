package lexicor.server.settings;

import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The department's settings over HTTP. */
@RestController
@RequestMapping("/api/settings")
class SettingsController {
    private final SettingsService service;
    private final SettingsSince since;

    SettingsController(SettingsService service, SettingsSince since) {
        this.service = service;
        this.since = since;
    }

    /** Since when each setting is as it is, and by whom. */
    @GetMapping("/since")
    Map<String, SettingsSince.Since> since() {
        return since.all();
    }

    @GetMapping
    DepartmentSettings settings() {
        return service.current();
    }

    /** What devices show to be let in. */
    @GetMapping("/device-key")
    DeviceKey deviceKey() {
        return new DeviceKey(service.deviceKey());
    }

    @PostMapping("/device-key")
    DeviceKey newDeviceKey() {
        return new DeviceKey(service.newDeviceKey());
    }

    /** A key for devices. */
    record DeviceKey(String key) {}

    @PutMapping
    DepartmentSettings saveSettings(
            @RequestBody DepartmentSettings change, @RequestParam(defaultValue = "false") boolean sure) {
        return service.save(change, sure);
    }
}
