package ablemedic.speciality;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import java.util.List;

/**
 * A sort of complaint that opens a work-up.
 *
 * @param id     stable name in kebab case
 * @param label  what the owner says
 * @param seen   what is asked at intake
 * @param proof  the checks that end the proof, in their order
 */
public record Complaint(String id, String label, Check<Craft> seen, List<Check<Craft>> proof) {
  public Complaint {
    proof = List.copyOf(proof);
    if (proof.isEmpty()) {
      throw new IllegalArgumentException("a complaint is proven cured by at least one check");
    }
  }
}
