package ablemedic.uart;

import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.protocol.Format;
import ablemedic.uart.CraftLine.End;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The serial lines that a craft has by its sheet. */
final class LinesOfSheet {
    private LinesOfSheet() {}

    static List<CraftLine> of(Craft craft, Part board) {
        List<CraftLine> all = new ArrayList<>();
        for (Part part : craft.electrics().sheet().parts()) {
            for (InnerCircuit one : part.archetype().inner()) {
                if (one instanceof InnerCircuit.Spoken spoken) {
                    Format format = craft.setting(SpokenSettings.format(spoken.job()))
                            .filter(spoken.formats()::contains)
                            .orElse(spoken.formats().get(0));
                    all.add(new CraftLine(
                            part,
                            spoken,
                            format,
                            end(craft, part, spoken.sends(), board),
                            end(craft, part, spoken.hears(), board)));
                }
            }
        }
        return List.copyOf(all);
    }

    private static Optional<End> end(Craft craft, Part part, String pad, Part board) {
        String at = part.address(pad);
        Wiring wiring = craft.electrics().wiring();
        return craft.electrics().sheet().wires().stream()
                .filter(wire -> wire.endsAt(at))
                .findFirst()
                .filter(wire -> wire.otherEnd(at).startsWith(board.id() + "."))
                .map(wire -> new End(
                        wire,
                        at,
                        wire.otherEnd(at),
                        wiring.links().stream()
                                .filter(link -> link.wireId().equals(wire.id()))
                                .map(Wiring.Link::id)
                                .toList()));
    }
}
