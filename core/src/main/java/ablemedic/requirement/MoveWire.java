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
                recorded.electrics().sheet().wires().stream()
                        .map(wire -> is(wire, from) ? moved(wire) : wire)
                        .toList());
    }

    private boolean is(Wire wire, String far) {
        return wire.from().equals(stays) && wire.to().equals(far)
                || wire.to().equals(stays) && wire.from().equals(far);
    }

    private Wire moved(Wire wire) {
        return wire.from().equals(stays)
                ? new Wire(stays, to, wire.gauge(), wire.lengthMm(), wire.plugged())
                : new Wire(to, stays, wire.gauge(), wire.lengthMm(), wire.plugged());
    }

    private Optional<Wire> there(Craft craft, String far) {
        return craft.electrics().sheet().wires().stream()
                .filter(wire -> is(wire, far))
                .findFirst();
    }

    @Override
    public Craft onCraft(Craft craft) {
        Electrics electrics = craft.electrics();
        return craft.withElectrics(there(craft, to)
                .map(wire -> electrics.without(CopperDefect.ofWireEnd(wire.id())))
                .or(() -> there(craft, from).map(wire -> electrics.with(new CopperDefect.WireMoved(wire.id(), to))))
                .orElse(electrics));
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return there(craft, to)
                .map(wire -> craft.withElectrics(craft.electrics().with(new CopperDefect.WireMoved(wire.id(), from))))
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
