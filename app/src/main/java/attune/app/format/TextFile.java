package attune.app.format;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Reads a file named on the command line, within the limits of the formats. */
public final class TextFile {
  private static final Phrases PHRASES = Phrases.of(TextFile.class);

  private TextFile() {}

  /**
   * The file's text.
   *
   * @param what what it should be, for the fault's words
   * @throws InvalidInputException if it is not there, too large, or not UTF-8
   */
  public static String read(Path file, String what) {
    try {
      if (Files.isRegularFile(file) && Files.size(file) > Schemas.MOST_BYTES) {
        throw new InvalidInputException(
            "", PHRASES.say("bytes", Files.size(file)), PHRASES.say("at-most", Schemas.MOST_BYTES));
      }
      return Files.readString(file, StandardCharsets.UTF_8);
    } catch (NoSuchFileException e) {
      throw new InvalidInputException(
          "", PHRASES.say("no-file", file), PHRASES.say("the-path-of", what));
    } catch (MalformedInputException e) {
      throw new InvalidInputException(
          "", PHRASES.say("text-that-is-not-utf"), PHRASES.say("in-utf-8", what));
    } catch (IOException e) {
      throw new InvalidInputException(
          "", PHRASES.say("which-cannot-be-read", file), PHRASES.say("the-path-of", what));
    }
  }
}
