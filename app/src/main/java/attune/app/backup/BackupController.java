package attune.app.backup;

import attune.app.backup.BackupService.BackupView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups over HTTP. */
@RestController
@RequestMapping("/api/v1/backups")
class BackupController {
  private final BackupService backups;

  BackupController(BackupService backups) {
    this.backups = backups;
  }

  @GetMapping
  List<BackupView> list() {
    return backups.list();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BackupView create() {
    return backups.create();
  }
}
