package attune.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What has to be done, in which order, by whom and with what.
 *
 * @param activities in the order they would be done by one person who never thinks ahead
 * @param lags without a cycle, from earlier to later places
 * @param kit how many there are of what activities hold; what is not named is there once
 * @param start seconds after midnight of the first day
 * @param pauses when people rest, and what going about costs
 */
public record Network(
    List<Activity> activities,
    List<Lag> lags,
    List<Worker> crew,
    Map<String, Integer> kit,
    int start,
    Pauses pauses) {

  public Network {
    activities = List.copyOf(activities);
    lags = List.copyOf(lags);
    crew = List.copyOf(crew);
    kit = Map.copyOf(kit);
    for (Lag lag : lags) {
      if (lag.from() < 0 || lag.from() >= lag.to() || lag.to() >= activities.size()) {
        throw new IllegalArgumentException("lag: from " + lag.from() + " to " + lag.to());
      }
    }
    for (Activity activity : activities) {
      if (activity.needsHands() && crew.stream().noneMatch(worker -> worker.can(activity))) {
        throw new IllegalArgumentException(activity.id() + ": nobody of the crew may do it");
      }
    }
  }

  /** Without rests and ways, as in a network that has neither. */
  public Network(
      List<Activity> activities,
      List<Lag> lags,
      List<Worker> crew,
      Map<String, Integer> kit,
      int start) {
    this(activities, lags, crew, kit, start, Pauses.NONE);
  }

  /** The same for other people. */
  public Network with(List<Worker> people) {
    return new Network(activities, lags, people, kit, start, pauses);
  }

  /** True when the crew has someone for everything. */
  public boolean canBeDoneBy(List<Worker> people) {
    return activities.stream()
        .filter(Activity::needsHands)
        .allMatch(activity -> people.stream().anyMatch(worker -> worker.can(activity)));
  }

  /** Collects activities and what comes after what. */
  public static final class Builder {
    private final List<Activity> activities = new ArrayList<>();
    private final List<Lag> lags = new ArrayList<>();

    /** Adds an activity. @return its place */
    public int add(Activity activity) {
      activities.add(activity);
      return activities.size() - 1;
    }

    /** The later one starts when the earlier has ended, and not before some seconds after that. */
    public Builder after(int earlier, int later, int seconds) {
      lags.add(
          new Lag(
              earlier, later, activities.get(earlier).seconds() + seconds, OptionalInt.empty()));
      return this;
    }

    /** The later one starts no earlier than some seconds after the start of the earlier. */
    public Builder from(int earlier, int later, int least) {
      lags.add(new Lag(earlier, later, least, OptionalInt.empty()));
      return this;
    }

    /** The later one starts between two times after the start of the earlier. */
    public Builder between(int earlier, int later, int least, int most) {
      lags.add(new Lag(earlier, later, least, OptionalInt.of(most)));
      return this;
    }

    public boolean needsHands(int place) {
      return activities.get(place).needsHands();
    }

    /** Replaces the start somebody said. */
    public void pin(int place, int start) {
      activities.set(place, activities.get(place).at(start));
    }

    /** Place of an activity. */
    public Optional<Integer> find(String id) {
      for (int i = 0; i < activities.size(); i++) {
        if (activities.get(i).id().equals(id)) {
          return Optional.of(i);
        }
      }
      return Optional.empty();
    }

    /** Without rests and ways. */
    public Network build(List<Worker> crew, Map<String, Integer> kit, int start) {
      return build(crew, kit, start, Pauses.NONE);
    }

    public Network build(List<Worker> crew, Map<String, Integer> kit, int start, Pauses pauses) {
      return new Network(activities, lags, crew, kit, start, pauses);
    }
  }
}
