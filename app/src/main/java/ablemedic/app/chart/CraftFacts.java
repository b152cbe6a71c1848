package ablemedic.app.chart;

import ablemedic.app.chart.Charts.Fact;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.HoverPower;
import ablemedic.craft.RadioSettings;
import ablemedic.wiring.BatteryType;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The lines of a chart that say how a craft is built. */
final class CraftFacts {
    private static final Words SAID =
            Catalogue.beside(CraftFacts.class, "words").of("craft-facts");

    private CraftFacts() {}

    static List<Fact> of(Craft craft) {
        var frame = craft.airframe();
        List<Fact> facts = new ArrayList<>(List.of(
                new Fact(
                        SAID.line("frame").plain(),
                        SAID.with("shape", frame.shape().label())
                                .with("reach", Math.round(frame.reachMm()))
                                .line("frame-is")
                                .plain()),
                new Fact(SAID.line("mass").plain(), Math.round(frame.massG()) + " g"),
                new Fact(
                        SAID.line("props").plain(),
                        SAID.with("diameter", Math.round(frame.propDiameterMm()))
                                .with("spins", said(craft, FcSettings.SPINS))
                                .line("props-are")
                                .plain()),
                new Fact(
                        SAID.line("hover").plain(),
                        SAID.with("thrust", new Param.Quantity(frame.hoverThrustN(), "N", 1))
                                .with("power", new Param.Quantity(HoverPower.ideal(frame), "W", 0))
                                .line("hover-is")
                                .plain()),
                new Fact(
                        SAID.line("numbering").plain(),
                        SAID.with("numbering", said(craft, FcSettings.NUMBERING))
                                .with("order", said(craft, FcSettings.OUTPUT_ORDER))
                                .line("numbering-is")
                                .plain()),
                new Fact(
                        SAID.line("fc").plain(),
                        SAID.with("mounted", craft.mounted().angles())
                                .with("alignment", said(craft, FcSettings.ALIGNMENT))
                                .line("fc-is")
                                .plain()),
                new Fact(
                        SAID.line("sticks").plain(),
                        SAID.with("radio", said(craft, RadioSettings.STICK_ORDER))
                                .with("fc", said(craft, FcSettings.STICK_ORDER))
                                .line("sticks-are")
                                .plain()),
                new Fact(SAID.line("mode").plain(), said(craft, FcSettings.MODE))));
        if (!craft.electrics().sheet().isEmpty()) {
            BatteryType battery = craft.electrics().sheet().battery();
            facts.add(new Fact(
                    SAID.line("battery").plain(),
                    SAID.with("cells", new Param.Count(battery.cells()))
                            .with("chemistry", battery.chemistry().label())
                            .with("capacity", Math.round(battery.capacityMah()))
                            .line("battery-is")
                            .plain()));
            facts.add(new Fact(
                    SAID.line("voltage").plain(),
                    SAID.with("source", said(craft, FcSettings.VOLTAGE_SOURCE))
                            .with("scale", said(craft, FcSettings.VOLTAGE_SCALE))
                            .with("cells", said(craft, FcSettings.CELLS))
                            .line("voltage-is")
                            .plain()));
            facts.add(new Fact(
                    SAID.line("parts").plain(),
                    craft.electrics().sheet().parts().stream()
                            .map(part -> part.label())
                            .collect(Collectors.joining(", "))));
        }
        return facts;
    }

    private static String said(Craft craft, Setting<?> setting) {
        return craft.configuration().said(setting);
    }
}
