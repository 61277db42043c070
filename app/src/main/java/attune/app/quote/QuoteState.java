package attune.app.quote;

/** What became of a quote. */
enum QuoteState {
  QUOTED,
  AGREED,
  DONE,
  REPLACED
}
