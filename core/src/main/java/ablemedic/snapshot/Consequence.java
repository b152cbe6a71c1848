package ablemedic.snapshot;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Reading;
import ablemedic.speciality.Complaint;
import java.util.List;

/**
 * A complaint that a craft would give cause for.
 *
 * @param likely how likely its owner would say so, 0 to 1
 */
public record Consequence(String complaintId, String label, double likely) {
  private static final double WORTH_SAYING = 0.3;

  /**
   * What owners would complain of with one craft and not with another, the likeliest first.
   *
   * @param complaints those that this craft can give cause for
   */
  public static List<Consequence> of(Craft before, Craft after, List<Complaint> complaints) {
    Reading isSo = Reading.Chosen.of(Complaint.TRUE);
    return complaints.stream().flatMap(one -> one.amiss().stream().map(amiss -> new Consequence(one.id(), one.label(),
            amiss.outlook(after).likelihood(isSo) - amiss.outlook(before).likelihood(isSo))))
        .filter(one -> one.likely() > WORTH_SAYING).sorted((a, b) -> Double.compare(b.likely(), a.likely())).toList();
  }
}
