package attune.core.plan;

import static attune.core.plan.CrewTest.LONG_BEFORE;
import static attune.core.plan.CrewTest.by;
import static attune.core.plan.CrewTest.crew;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.match.Decisions;
import attune.core.material.Role;
import attune.core.schedule.Worker;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A promise that would be missed, and what is offered to keep it. */
class PromiseTest {
  private static Job promised(int hours, Surface... panels) {
    Setting s = Given.studio();
    Setting by =
        new Setting(
            s.place(),
            s.air(),
            s.sun(),
            s.surfaceTemp(),
            1,
            s.start().plusHours(3),
            Optional.of(s.start().plusHours(3 + hours)),
            s.climate());
    return Given.job(by, Given.RULES, TimetableTest.SHOP, panels);
  }

  private static Surface seat(String id) {
    return ASurface.of("leather/coated")
        .id(id)
        .at(id, "cushion")
        .area(2)
        .soiled(Level.MODERATE)
        .build();
  }

  @Test
  void aPromiseThatWouldBeMissedGetsOffersThatKeepItFirst() {
    Job job = promised(2, seat("one"), seat("two"), seat("three"));
    List<Offer> offers = Given.PLANNER.offers(job, Decisions.NONE, Arrangement.NONE, LONG_BEFORE);
    assertThat(offers).extracting(Offer::kind).startsWith(Offer.Kind.EARLIER_START);
    assertThat(offers.get(0).kept()).isTrue();
    LocalDateTime now = by(job, Arrangement.NONE).readyAt();
    assertThat(now).isAfter(job.setting().returnBy().orElseThrow());
    assertThat(offers)
        .allSatisfy(
            offer -> {
              assertThat(offer.plan().timetable().readyAt()).isBefore(now);
              assertThat(offer.kept())
                  .isEqualTo(
                      !offer
                          .plan()
                          .timetable()
                          .readyAt()
                          .isAfter(job.setting().returnBy().orElseThrow()));
            });
    assertThat(offers)
        .isSortedAccordingTo(
            Comparator.comparing((Offer o) -> !o.kept()).thenComparing(Offer::loss));
  }

  @Test
  void nobodyIsOfferedToBeginBeforeNow() {
    Job job = promised(2, seat("one"), seat("two"), seat("three"));
    LocalDateTime start = job.setting().start();
    LocalDateTime justBefore = start.minusMinutes(40);
    List<Offer> offers = Given.PLANNER.offers(job, Decisions.NONE, Arrangement.NONE, justBefore);
    assertThat(offers)
        .filteredOn(offer -> offer.kind() == Offer.Kind.EARLIER_START)
        .singleElement()
        .satisfies(offer -> assertThat(offer.start()).isEqualTo(start.minusMinutes(30)));
    assertThat(Given.PLANNER.offers(job, Decisions.NONE, Arrangement.NONE, start))
        .isNotEmpty()
        .noneMatch(offer -> offer.kind() == Offer.Kind.EARLIER_START);
  }

  @Test
  void aCoatingThatKeepsTheSeatTooLongMayWaitForAnotherVisit() {
    Job job =
        promised(
            4,
            ASurface.of("leather/coated")
                .soiled(Level.LIGHT)
                .protect(Wishes.Protection.COATING)
                .build());
    assertThat(Given.PLANNER.offers(job, Decisions.NONE, Arrangement.NONE, job.setting().start()))
        .filteredOn(offer -> offer.kind() == Offer.Kind.COATING_LATER)
        .singleElement()
        .satisfies(
            offer -> {
              assertThat(offer.kept()).isTrue();
              assertThat(offer.plan().timetable().tasks())
                  .noneMatch(task -> task.step() == Step.COAT);
            });
  }

  @Test
  void whoIsNamedStaysWhenOneMoreIsOffered() {
    Job job = promised(2, seat("one"), seat("two"), seat("three"));
    assertThat(Given.PLANNER.offers(job, Decisions.NONE, crew(1), LONG_BEFORE))
        .filteredOn(offer -> offer.kind() == Offer.Kind.SECOND_PERSON)
        .singleElement()
        .satisfies(
            offer ->
                assertThat(offer.arrangement().crew())
                    .extracting(Worker::id)
                    .containsExactly("p0", "One more"));
  }

  @Test
  void aPromiseKeptNeedsNoOffer() {
    assertThat(
            Given.PLANNER.offers(
                promised(12, seat("one")), Decisions.NONE, Arrangement.NONE, LONG_BEFORE))
        .isEmpty();
  }

  @Test
  void leavingTheTextilesLeavesThemInThePlanWithNothingDone() {
    Job job =
        promised(
            2,
            seat("one"),
            ASurface.of("textile/pile")
                .id("carpet")
                .role(Role.FLOOR)
                .area(3)
                .soiled(Level.HEAVY)
                .build());
    Plan plan =
        Given.PLANNER.plan(job, Decisions.NONE, Arrangement.NONE.without(Omission.TEXTILES));
    assertThat(plan.surfaces()).hasSize(2);
    assertThat(plan.timetable().tasks()).filteredOn(task -> task.step() == Step.TEXTILE).isEmpty();
    assertThat(plan.timetable().handsOffAt()).isBefore(by(job, Arrangement.NONE).handsOffAt());
  }
}
