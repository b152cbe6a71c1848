package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Wire;
import java.util.List;
import java.util.stream.Stream;

/** A wire that is not on the sheet. */
record AddWire(String from, String to) implements Edit {
    private static final Gauge THIN = new Gauge(28);
    private static final double LENGTH_MM = 80;

    private Wire wire() {
        return new Wire(from, to, THIN, LENGTH_MM, false);
    }

    @Override
    public List<Site> sites() {
        return List.of(new Site(Site.Kind.WIRE, from));
    }

    @Override
    public Craft onSheet(Craft recorded) {
        return Rewiring.of(
                recorded,
                Stream.concat(recorded.electrics().sheet().wires().stream(), Stream.of(wire()))
                        .toList());
    }

    @Override
    public Craft onCraft(Craft craft) {
        return craft.withElectrics(craft.electrics().without(CopperDefect.ofLink(wire().id())));
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return craft.withElectrics(craft.electrics().with(new CopperDefect.WireAbsent(wire().id())));
    }

    @Override
    public String key() {
        return from + ">" + to;
    }

    private Words words() {
        return EditWords.of("add-wire").with("from", Param.written(from)).with("to", Param.written(to));
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
        return 10;
    }
}
