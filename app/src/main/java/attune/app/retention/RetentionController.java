package attune.app.retention;

import attune.app.retention.RetentionViews.ForgetRequest;
import attune.app.retention.RetentionViews.Gone;
import attune.app.retention.RetentionViews.RetentionForm;
import attune.app.retention.RetentionViews.RetentionView;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How long customers' data is kept, over HTTP. */
@RestController
@RequestMapping("/api/v1/retention")
class RetentionController {
  private final RetentionService retention;

  RetentionController(RetentionService retention) {
    this.retention = retention;
  }

  @GetMapping
  RetentionView view() {
    return retention.view();
  }

  @PutMapping
  RetentionView keep(@Valid @RequestBody RetentionForm form) {
    return retention.keep(form.years());
  }

  @PostMapping("/forget")
  Gone forget(@RequestBody ForgetRequest seen) {
    return retention.forget(seen);
  }
}
