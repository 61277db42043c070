package attune.core.check;

import java.util.List;
import java.util.stream.Collectors;

/** Input that cannot be computed with; holds every fault found. */
public final class InvalidInputException extends IllegalArgumentException {
  private final transient List<Fault> faults;

  public InvalidInputException(List<Fault> faults) {
    super(faults.stream().map(Fault::line).collect(Collectors.joining("; ")));
    this.faults = List.copyOf(faults);
  }

  public InvalidInputException(String pointer, String found, String allowed) {
    this(List.of(new Fault(pointer, found, allowed)));
  }

  /** Every fault, in the order found; at least one. */
  public List<Fault> faults() {
    return faults;
  }
}
