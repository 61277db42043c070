package attune.app.format;

import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import java.io.PrintStream;

/** How the headless commands answer input that is at fault. */
public final class BadInput {
  /** Exit status. */
  public static final int STATUS = 2;

  private BadInput() {}

  /** Says every fault on a line of its own. @return the exit status */
  public static int told(InvalidInputException faulty, PrintStream err) {
    faulty.faults().stream()
        .map(Fault::line)
        .map(line -> line.replaceAll("\\R", " "))
        .forEach(err::println);
    return STATUS;
  }
}
