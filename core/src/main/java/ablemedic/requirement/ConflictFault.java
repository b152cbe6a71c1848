package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A conflict of the record as a suspect: the craft has it as recorded.
 *
 * @param alike the ordinary fault of the same effect, whose page, site and remedy it shares; none where there is none
 * @param inTheAir whether it shows when the craft flies, so that a craft that flew right with it hardly has it
 */
public record ConflictFault(Conflict conflict, Optional<Fault<Craft>> alike, boolean inTheAir) implements Fault<Craft> {
    /** The page of conflicts that no ordinary fault is like. */
    public static final String KIND = "record-conflict";
    /** How much less likely it is on a craft that flew right. From memory. */
    private static final double FLEW = 0.1;

    private static final double FLEW_BEFORE_SWAP = 0.3;

    @Override
    public String id() {
        return conflict.id();
    }

    @Override
    public String kind() {
        return alike.map(Fault::kind).orElse(KIND);
    }

    @Override
    public String site() {
        return alike.map(Fault::site).orElse("record " + conflict.root().id());
    }

    @Override
    public Text describe(Craft sound) {
        return conflict.root().cause();
    }

    @Override
    public double odds(Occasion occasion) {
        double odds = Math.exp(conflict.ways().get(0).logOdds());
        return !inTheAir
                ? odds
                : switch (occasion) {
                    case BUILD, FLASH -> odds;
                    case PART_SWAP -> FLEW_BEFORE_SWAP * odds;
                    case CRASH, WATER, LONG_REST, NOTHING_KNOWN -> FLEW * odds;
                };
    }

    @Override
    public boolean isRecorded() {
        return true;
    }

    @Override
    public Craft applyTo(Craft craft) {
        return conflict.on(craft);
    }

    @Override
    public List<Fix<Craft>> fixes(Craft sound) {
        return IntStream.range(0, conflict.ways().size())
                .mapToObj(way -> {
                    Edit edit = conflict.ways().get(way).edit();
                    return new Fix<Craft>(
                            conflict.ways().get(way).id(),
                            remedy(sound),
                            edit.title(),
                            edit.steps(),
                            edit.values(conflict.recorded()),
                            edit.minutes(),
                            edit::onCraft);
                })
                .toList();
    }

    private String remedy(Craft sound) {
        return alike.map(fault -> fault.fixes(sound).get(0).remedy()).orElse(conflict.id());
    }
}
