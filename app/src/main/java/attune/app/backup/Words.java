package attune.app.backup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The words of a command, of which one may name the file with a passphrase. */
final class Words {
  private static final String OPTION = "--passphrase-file";

  private Words() {}

  static Optional<Path> passphrase(List<String> words) {
    int at = words.indexOf(OPTION);
    return at >= 0 && at + 1 < words.size()
        ? Optional.of(Path.of(words.get(at + 1)))
        : Optional.empty();
  }

  static List<String> without(List<String> words) {
    List<String> rest = new ArrayList<>(words);
    int at = words.indexOf(OPTION);
    if (at >= 0) {
      rest.subList(at, Math.min(rest.size(), at + 2)).clear();
    }
    return rest;
  }
}
