package attune.app.shop;

import attune.app.reference.ReferenceData;
import attune.core.check.Known;
import attune.core.survey.HouseRules;
import attune.core.survey.HouseRules.HouseRule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where good practitioners disagree, and the school the shop holds to. */
@RestController
@RequestMapping("/api/v1/house-rules")
class HouseRuleController {
  /** What a school holds. */
  record School(String school, String says) {}

  /** A rule, its schools side by side, and the one in force. */
  record RuleView(
      String key,
      String question,
      String why,
      boolean fixed,
      String standard,
      String school,
      List<School> schools) {}

  /** Schools other than the defaults, by rule. */
  record Schools(@NotNull(message = "{schools-by-rule}") Map<String, String> schools) {}

  private final ReferenceData reference;
  private final ShopService shop;

  HouseRuleController(ReferenceData reference, ShopService shop) {
    this.reference = reference;
    this.shop = shop;
  }

  @GetMapping
  List<RuleView> rules() {
    HouseRules rules = reference.houseRules();
    return rules.all().stream().map(rule -> view(rule, rules.school(rule.key()))).toList();
  }

  private static RuleView view(HouseRule rule, String school) {
    return new RuleView(
        rule.key(),
        rule.question(),
        rule.why(),
        rule.fixed(),
        rule.standard(),
        school,
        rule.schools().stream().map(s -> new School(s, Known.of(rule.says(), s))).toList());
  }

  @PutMapping
  List<RuleView> hold(@Valid @RequestBody Schools schools) {
    shop.hold(schools.schools());
    return rules();
  }
}
