package attune.core.survey;

/** What is worked on: other authorities have a say in a boat and in an aircraft. */
public enum Craft {
  ROAD,
  BOAT,
  AIRCRAFT
}
