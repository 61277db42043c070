package attune.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The part of a document between two marks, which measuring writes anew. */
final class Kept {
  private Kept() {}

  static String read(Path document, String name) throws IOException {
    String text = Files.readString(document);
    return text.substring(begin(document, text, name), end(document, text, name));
  }

  static void between(Path document, String name, String table) throws IOException {
    String text = Files.readString(document);
    Files.writeString(
        document,
        text.substring(0, begin(document, text, name))
            + table
            + text.substring(end(document, text, name)));
  }

  private static int begin(Path document, String text, String name) throws IOException {
    String mark = "<!-- " + name + ": start -->\n";
    int at = text.indexOf(mark);
    if (at < 0) {
      throw new IOException(document + ": found no mark " + mark.strip());
    }
    return at + mark.length();
  }

  private static int end(Path document, String text, String name) throws IOException {
    int at = text.indexOf("<!-- " + name + ": end -->");
    if (at < 0) {
      throw new IOException(document + ": found no end of " + name);
    }
    return at;
  }
}
