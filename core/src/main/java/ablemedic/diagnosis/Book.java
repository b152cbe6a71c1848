package ablemedic.diagnosis;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * All faults and checks that are known for a system. The order of the faults is the order in which two of them are
 * applied together, the order of the checks is that of an unhurried routine.
 */
public record Book<S>(List<Fault<S>> faults, List<Check<S>> checks) {
  public Book {
    faults = List.copyOf(faults);
    checks = List.copyOf(checks);
    Set<String> ids = new HashSet<>();
    faults.forEach(fault -> claim(ids, "fault " + fault.id()));
    checks.forEach(check -> claim(ids, "check " + check.id()));
  }

  private static void claim(Set<String> ids, String id) {
    if (!ids.add(id)) {
      throw new IllegalArgumentException("the book has two entries named " + id);
    }
  }

  public Optional<Fault<S>> fault(String id) {
    return faults.stream().filter(fault -> fault.id().equals(id)).findFirst();
  }

  public Optional<Check<S>> check(String id) {
    return checks.stream().filter(check -> check.id().equals(id)).findFirst();
  }
}
