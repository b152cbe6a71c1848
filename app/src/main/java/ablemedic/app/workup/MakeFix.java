package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Repair;
import java.util.List;

/**
 * Records that a fix was made; the craft's chart takes it over.
 *
 * @param confirmed why it is made although its fault is not likely; empty where it is
 * @param asked whether an unlikely one is asked back
 */
public record MakeFix(String faultId, String fixId, String confirmed, boolean asked) implements Command {
    /** A fix of a suspect less likely than this is only made with a reason. */
    private static final double WORTH_A_TRY = 0.3;

    public MakeFix(String faultId, String fixId, String confirmed) {
        this(faultId, fixId, confirmed, true);
    }

    /** One that is made however likely its fault is. */
    public static MakeFix ofThePast(String faultId, String fixId) {
        return new MakeFix(faultId, fixId, "", false);
    }

    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        Craft sound = workUp.known().sound();
        Fault<Craft> fault = WorkUps.fault(workUp, faultId);
        double belief = asked ? mayBeMade(workUp, fault, given) : 1;
        Fix<Craft> fix = fix(fault.fixes(sound));
        if (workUp.repairs().values().stream().anyMatch(r -> r.remedy().equals(fix.remedy()))) {
            throw Refusal.conflict("faultId", WorkUpWords.REFUSALS, "fixed-already");
        }
        String title = fix.title().plain();
        Draft.Builder draft = Draft.on(workUp, given.at())
                .add(new Fixed(faultId, fixId))
                .log(logKind(sound, fault, fix), confirmed.isBlank() ? title : allTheSame(title, belief));
        return given.sheets()
                .revised(workUp, draft, new Repair<>(fault, fix), true, title)
                .done();
    }

    /** How likely the fault is, where that is enough or somebody said why. */
    private double mayBeMade(WorkUp workUp, Fault<Craft> fault, Circumstances given) {
        double belief =
                given.workUps().diagnosis(workUp).posterior(workUp.known()).everHeld(faultId);
        if (belief < WORTH_A_TRY && confirmed.isBlank()) {
            throw Refusal.conflict(
                    "confirmed",
                    WorkUpWords.REFUSALS
                            .with("sound", fault.describe(workUp.known().sound()))
                            .with("belief", WorkUpWords.percent(belief)),
                    "unlikely");
        }
        return belief;
    }

    private String allTheSame(String title, double belief) {
        return WorkUpWords.SAID
                .with("fix", title)
                .with("belief", WorkUpWords.percent(belief))
                .with("why", confirmed)
                .line("fixed-all-the-same")
                .plain();
    }

    private Fix<Craft> fix(List<Fix<Craft>> fixes) {
        return fixes.stream()
                .filter(f -> f.id().equals(fixId))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        "fixId",
                        WorkUpWords.REFUSALS
                                .with("fixId", Refusal.shortened(fixId))
                                .with("id", fixes.stream().map(Fix::id).toList()),
                        "no-fix"));
    }

    /** What is opened for it or flashed for it makes more due than another fix. */
    private static String logKind(Craft sound, Fault<Craft> fault, Fix<Craft> fix) {
        return Families.opens(sound, fault, fix) ? "repair" : Families.flashes(sound, fault) ? "flash" : "fix";
    }
}
