package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import java.util.List;

/**
 * No fault: the craft is right in another way than the one that is required first, and the record is out of date there.
 *
 * @param conflict as a suspect, with which it shares its site
 * @param way counted from 1, the first after the one required
 */
public record RecordedOtherwise(ConflictFault conflict, int way) implements Fault<Craft> {

    @Override
    public String id() {
        return conflict.id() + "-otherwise-"
                + conflict.conflict().ways().get(way).id();
    }

    @Override
    public String kind() {
        return ConflictFault.KIND;
    }

    @Override
    public String site() {
        return conflict.site();
    }

    @Override
    public Text describe(Craft sound) {
        return EditWords.of("outdated").with("cause", edit().title()).title();
    }

    @Override
    public double odds(Occasion occasion) {
        List<Way> ways = conflict.conflict().ways();
        return Math.exp(ways.get(0).logOdds() - ways.get(way).logOdds());
    }

    @Override
    public boolean isRecorded() {
        return true;
    }

    @Override
    public boolean isHarmless() {
        return true;
    }

    @Override
    public Craft applyTo(Craft craft) {
        return conflict.conflict().otherwise(craft, way);
    }

    @Override
    public List<Fix<Craft>> fixes(Craft sound) {
        return List.of(
                new Fix<>("none", id(), EditWords.of("outdated").line("fix"), List.of(), List.of(), 0, craft -> craft));
    }

    private Edit edit() {
        return conflict.conflict().ways().get(way).edit();
    }
}
