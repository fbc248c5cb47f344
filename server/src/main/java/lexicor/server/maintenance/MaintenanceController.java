package lexicor.server.maintenance;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import lexicor.server.problems.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What commands of this machine ask of the running program. */
@RestController
@RequestMapping("/api/maintenance")
class MaintenanceController {
    private final Backups backups;

    MaintenanceController(Backups backups) {
        this.backups = backups;
    }

    /** Where a backup is to be written, as an absolute path. */
    record BackupRequest(String file) {}

    @PostMapping("/backup")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void backup(@RequestBody BackupRequest request) {
        Path target;
        try {
            target = Path.of(String.valueOf(request.file()));
        } catch (InvalidPathException e) {
            throw Refusal.field("file", "not a path");
        }
        if (!target.isAbsolute()) {
            throw Refusal.field("file", "expected an absolute path");
        }
        try {
            backups.write(target);
        } catch (IOException e) {
            throw Refusal.conflict("file: " + target + " cannot be written; is the disk full or the folder read-only?");
        }
    }
}
