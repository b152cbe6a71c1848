package ablemedic.app.bench;

import ablemedic.app.parts.PartTypeStore;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Occasion;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.SerialBoard;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The lists that forms choose from. */
@RestController
class ChoicesController {
    private final PartTypeStore partTypes;

    ChoicesController(PartTypeStore partTypes) {
        this.partTypes = partTypes;
    }

    /** Something to choose, with its name in the interface. */
    record Choice(String id, String label) {}

    record Choosable(
            List<Choice> classes,
            List<Choice> spins,
            List<Choice> numberings,
            List<Choice> modes,
            List<Choice> occasions,
            List<Choice> layouts,
            List<Choice> chemistries,
            List<Choice> parts,
            List<BoardChoice> boards) {}

    /** An FC, its UARTs entered, with the layouts that take it. */
    record BoardChoice(String id, String label, List<WiringLayout> layouts) {}

    @GetMapping("/api/choices")
    Choosable choices() {
        return new Choosable(
                Arrays.stream(CraftClass.values())
                        .map(c -> new Choice(c.name(), c.label()))
                        .toList(),
                Arrays.stream(SpinConvention.values())
                        .map(s -> new Choice(s.name(), s.label()))
                        .toList(),
                Arrays.stream(MotorNumbering.values())
                        .map(s -> new Choice(s.name(), s.label()))
                        .toList(),
                Arrays.stream(FlightMode.values())
                        .map(m -> new Choice(m.name(), m.label()))
                        .toList(),
                Arrays.stream(Occasion.values())
                        .map(o -> new Choice(o.name(), o.label()))
                        .toList(),
                Arrays.stream(WiringLayout.values())
                        .map(l -> new Choice(l.name(), l.label()))
                        .toList(),
                Arrays.stream(Chemistry.values())
                        .map(c -> new Choice(c.name(), c.label()))
                        .toList(),
                Stream.concat(
                                PartsLibrary.all().stream(),
                                partTypes.own().stream().map(PartType::archetype))
                        .filter(a -> a.kind() == Archetype.Kind.PART || a.kind() == Archetype.Kind.CAPACITOR)
                        .map(a -> new Choice(a.id(), a.label()))
                        .toList(),
                Stream.concat(
                                PartsLibrary.all().stream(),
                                partTypes.own().stream().map(PartType::archetype))
                        .filter(a -> a.kind() == Archetype.Kind.BOARD
                                && SerialBoard.of(a).isPresent())
                        .map(a -> new BoardChoice(
                                a.id(),
                                a.label(),
                                Arrays.stream(WiringLayout.values())
                                        .filter(layout -> layout.takes(a))
                                        .toList()))
                        .toList());
    }
}
