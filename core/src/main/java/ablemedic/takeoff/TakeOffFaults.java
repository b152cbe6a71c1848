package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import java.util.List;
import java.util.function.UnaryOperator;

/** All faults of take-off. */
final class TakeOffFaults {
    private final FaultList faults = new FaultList();

    private TakeOffFaults() {}

    static List<Fault<Craft>> all() {
        TakeOffFaults all = new TakeOffFaults();
        new OutputFaults(all).add();
        new MotorFaults(all).addDirections();
        new PropFaults(all).add();
        new MotorFaults(all).addDrives();
        new MountFaults(all).add();
        new StickFaults(all).add();
        new HandlingFaults(all).add();
        return all.faults.all();
    }

    /** A fault to be declared. */
    FaultBuilder add(String entry, String id) {
        return faults.add(TakeOffWords.WORDS.fault(entry)).id(id);
    }

    /** A fault to be declared that sits at one corner. */
    FaultBuilder add(String entry, String prefix, Corner corner, UnaryOperator<Craft> change) {
        return add(entry, prefix + TakeOffSeen.id(corner))
                .with("corner", craft -> Param.written(craft.name(corner)))
                .changes(change);
    }
}
