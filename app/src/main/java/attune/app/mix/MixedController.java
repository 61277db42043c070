package attune.app.mix;

import attune.app.mix.MixedService.DayMixView;
import attune.app.mix.MixedService.MixedRequest;
import attune.app.mix.MixedService.MixedView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Mixing for a day, and the bottles that were mixed, over HTTP. */
@RestController
@RequestMapping("/api/v1/mix")
class MixedController {
  private final MixedService mixed;
  private final Clock clock;

  MixedController(MixedService mixed, Clock clock) {
    this.mixed = mixed;
    this.clock = clock;
  }

  @GetMapping("/day")
  List<DayMixView> day(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate day) {
    return mixed.ofDay(day == null ? LocalDate.now(clock) : day);
  }

  @GetMapping("/mixed")
  List<MixedView> atHand() {
    return mixed.atHand();
  }

  @PostMapping("/mixed")
  @ResponseStatus(HttpStatus.CREATED)
  MixedView mix(@RequestBody MixedRequest request) {
    return mixed.mix(request);
  }

  @PostMapping("/mixed/{id}/poured")
  List<MixedView> pour(@PathVariable UUID id) {
    mixed.pour(id);
    return mixed.atHand();
  }
}
