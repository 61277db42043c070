package attune.core.survey;

import attune.core.check.Coded;

/** What is worked on: other authorities have a say in a boat and in an aircraft. */
public enum Craft implements Coded {
  ROAD,
  BOAT,
  AIRCRAFT
}
