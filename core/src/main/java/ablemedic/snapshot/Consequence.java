package ablemedic.snapshot;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Reading;
import ablemedic.family.Complaint;
import java.util.ArrayList;
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
        return of(Likely.on(before, complaints), Likely.on(after, complaints));
    }

    /** The same of two crafts whose complaints are weighed already. */
    static List<Consequence> of(Likely before, Likely after) {
        List<Consequence> all = new ArrayList<>();
        for (int i = 0; i < before.complaints().size(); i++) {
            Complaint one = before.complaints().get(i);
            double more = after.likely()[i] - before.likely()[i];
            if (more > WORTH_SAYING) {
                all.add(new Consequence(one.id(), one.label().plain(), more));
            }
        }
        all.sort((a, b) -> Double.compare(b.likely(), a.likely()));
        return List.copyOf(all);
    }

    /**
     * How likely each complaint is of a craft; worked out once, since some ask the whole of its wiring.
     *
     * @param likely in the order of the complaints
     */
    record Likely(List<Complaint> complaints, double[] likely) {
        private static final Reading IS_SO = Reading.Chosen.of(Complaint.TRUE);

        static Likely on(Craft craft, List<Complaint> all) {
            List<Complaint> asked =
                    all.stream().filter(one -> one.amiss().isPresent()).toList();
            return new Likely(
                    asked,
                    asked.stream()
                            .mapToDouble(one ->
                                    one.amiss().orElseThrow().outlook(craft).likelihood(IS_SO))
                            .toArray());
        }
    }
}
