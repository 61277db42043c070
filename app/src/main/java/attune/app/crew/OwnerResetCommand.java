package attune.app.crew;

import attune.app.format.BadInput;
import attune.core.words.Phrases;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** {@code owner-reset --data DIR}: a new code for an owner who has lost the passphrase. */
public final class OwnerResetCommand {
  private static final Phrases PHRASES = Phrases.of(OwnerResetCommand.class);

  private final PrintStream out;
  private final PrintStream err;

  public OwnerResetCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    if (arguments.size() != 2 || !arguments.get(0).equals("--data")) {
      err.println(PHRASES.say("usage-owner-reset-data-dir"));
      return BadInput.STATUS;
    }
    Path data = Path.of(arguments.get(1));
    if (!Files.isDirectory(data)) {
      err.println(PHRASES.say("the-shops-data-directory-is", data));
      return BadInput.STATUS;
    }
    out.println(PHRASES.say("code-for-the-owner-good", new OwnerCode(data).make()));
    out.println(PHRASES.say("open-attune-choose-i-have"));
    return 0;
  }
}
