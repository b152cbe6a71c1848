package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.requirement.Edit;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The supply and the ground of a part, joined to pads of the FC that fit. */
final class SupplyEdits {
    private final Craft craft;
    private final CraftLines lines;

    SupplyEdits(Craft craft, CraftLines lines) {
        this.craft = craft;
        this.lines = lines;
    }

    List<Edit> supplies(Part part) {
        return joinsOf(part, Pad.Kind.SUPPLY, pad -> pad.kind() == Pad.Kind.FEED && fits(part, pad));
    }

    private boolean fits(Part part, Pad feed) {
        double most = feed.volts() == 0 ? craft.electrics().sheet().battery().fullV() : feed.volts();
        return most <= part.archetype().highestV()
                && (feed.volts() == 0
                                ? craft.electrics().sheet().battery().cells()
                                        * craft.electrics()
                                                .sheet()
                                                .battery()
                                                .chemistry()
                                                .restingV(0)
                                : feed.volts())
                        >= part.archetype().lowestV();
    }

    List<Edit> grounds(Part part) {
        return joinsOf(part, Pad.Kind.GROUND, pad -> pad.kind() == Pad.Kind.GROUND);
    }

    private List<Edit> joinsOf(Part part, Pad.Kind kind, Predicate<Pad> fits) {
        Optional<String> from = part.archetype().pads().stream()
                .filter(pad -> pad.kind() == kind)
                .map(pad -> part.address(pad.name()))
                .filter(pad -> !craft.electrics().sheet().isWired(pad))
                .findFirst();
        return from.map(at -> lines.boardPart().archetype().pads().stream()
                        .filter(fits)
                        .map(pad -> lines.boardPart().address(pad.name()))
                        .filter(craft.electrics().sheet()::hasRoom)
                        .limit(1)
                        .map(to -> Edit.join(at, to))
                        .toList())
                .orElse(List.of());
    }
}
