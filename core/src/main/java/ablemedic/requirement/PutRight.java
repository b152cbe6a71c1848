package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import java.util.List;
import java.util.Optional;

/** A conflict that was put right and is off the record by now: the fault that it was, for what was found before. */
public record PutRight(ConflictFault was) implements Fault<Craft> {
    public PutRight(Conflict conflict) {
        this(new ConflictFault(conflict, Optional.empty(), false));
    }

    @Override
    public String id() {
        return was.id();
    }

    @Override
    public String kind() {
        return was.kind();
    }

    @Override
    public String site() {
        return was.site();
    }

    @Override
    public Text describe(Craft sound) {
        return was.describe(sound);
    }

    @Override
    public double odds(Occasion occasion) {
        return was.odds(occasion);
    }

    @Override
    public boolean isRecorded() {
        return true;
    }

    @Override
    public Craft applyTo(Craft craft) {
        return was.applyTo(craft);
    }

    @Override
    public List<Fix<Craft>> fixes(Craft sound) {
        return was.fixes(sound);
    }
}
