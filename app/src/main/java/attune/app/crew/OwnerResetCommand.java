package attune.app.crew;

import attune.app.format.BadInput;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** {@code owner-reset --data DIR}: a new code for an owner who has lost the passphrase. */
public final class OwnerResetCommand {
  private final PrintStream out;
  private final PrintStream err;

  public OwnerResetCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    if (arguments.size() != 2 || !arguments.get(0).equals("--data")) {
      err.println("usage: owner-reset --data DIR");
      return BadInput.STATUS;
    }
    Path data = Path.of(arguments.get(1));
    if (!Files.isDirectory(data)) {
      err.println("--data: found no directory " + data + "; the shop's data directory is allowed");
      return BadInput.STATUS;
    }
    out.println("Code for the owner, good once: " + new OwnerCode(data).make());
    out.println("Open Attune, choose \"I have a code\" at the door, and give it there.");
    return 0;
  }
}
