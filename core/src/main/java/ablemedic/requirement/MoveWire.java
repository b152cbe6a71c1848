package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wire;
import java.util.List;
import java.util.Optional;

/**
 * A wire moved to another pad.
 *
 * @param stays the address of the end that stays
 * @param from the pad that it lies on by the sheet
 * @param to the pad that it goes to
 */
record MoveWire(String stays, String from, String to) implements Edit {
    @Override
    public List<Site> sites() {
        return List.of(new Site(Site.Kind.WIRE, stays));
    }

    @Override
    public Craft onSheet(Craft recorded) {
        return Rewiring.of(
                recorded,
                recorded.electrics().sheet().leads().stream()
                        .map(lead -> is(lead, from) ? moved(lead) : lead)
                        .toList());
    }

    private boolean is(Wire lead, String far) {
        return lead.from().equals(stays) && lead.to().equals(far)
                || lead.to().equals(stays) && lead.from().equals(far);
    }

    private Wire moved(Wire lead) {
        return lead.from().equals(stays)
                ? new Wire(stays, to, lead.gauge(), lead.lengthMm(), lead.plugged())
                : new Wire(to, stays, lead.gauge(), lead.lengthMm(), lead.plugged());
    }

    private Optional<Wire> there(Craft craft, String far) {
        return craft.electrics().sheet().leads().stream()
                .filter(lead -> is(lead, far))
                .findFirst();
    }

    @Override
    public Craft onCraft(Craft craft) {
        Electrics electrics = craft.electrics();
        return craft.withElectrics(there(craft, to)
                .map(lead -> electrics.without(CopperDefect.ofWireEnd(lead.id())))
                .or(() -> there(craft, from).map(lead -> electrics.with(new CopperDefect.WireMoved(lead.id(), to))))
                .orElse(electrics));
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return there(craft, to)
                .map(lead -> craft.withElectrics(craft.electrics().with(new CopperDefect.WireMoved(lead.id(), from))))
                .orElse(craft);
    }

    @Override
    public String key() {
        return stays + ">" + to;
    }

    private Words words() {
        return EditWords.of("move-wire")
                .with("stays", Param.written(stays))
                .with("from", Param.written(from))
                .with("to", Param.written(to));
    }

    @Override
    public Text title() {
        return words().title();
    }

    @Override
    public List<Text> steps() {
        return EditWords.steps(words());
    }

    @Override
    public List<Value> values(Craft recorded) {
        return EditWords.values(words());
    }

    @Override
    public double minutes() {
        return 8;
    }
}
