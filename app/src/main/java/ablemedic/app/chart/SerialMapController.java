package ablemedic.app.chart;

import ablemedic.app.chart.Charts.Chart;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.protocol.Format;
import ablemedic.serial.SerialMap;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The serial lines of a craft, each judged. */
@RestController
@RequestMapping("/api/crafts/{craftId}")
class SerialMapController {
    private static final Words SAID =
            Catalogue.beside(SerialMapController.class, "words").of("serial-map-controller");
    private final CraftStore crafts;
    private final Charts charts;
    private final Clock clock;

    SerialMapController(CraftStore crafts, Charts charts, Clock clock) {
        this.crafts = crafts;
        this.charts = charts;
        this.clock = clock;
    }

    /** Empty where the UARTs of the FC are not entered. */
    record SerialMapView(
            String boardId,
            String board,
            String processor,
            String computer,
            List<MapUart> uarts,
            List<MapLine> lines,
            boolean modems,
            List<String> notes) {}

    record MapUart(String name, String jobs, boolean soft, List<MapPad> pads) {}

    record MapPad(String name, SerialPad.Side side, String inverter) {}

    record MapLine(
            String partId,
            String name,
            UartFunction job,
            Format format,
            boolean volts5,
            String speaks,
            List<MapWire> wires,
            SerialMap.Verdict verdict,
            List<MapFound> found) {}

    record MapWire(String partPad, String boardPad, String uart, boolean toBoard, String turned) {}

    record MapFound(String text, String remedy) {}

    @GetMapping("/serial-map")
    SerialMapView map(@PathVariable String craftId) {
        Craft craft = crafts.newestSheet(crafts.get(craftId).craftId()).sheet().toCraft();
        return SerialMap.of(craft)
                .map(SerialMapController::view)
                .orElseGet(() -> new SerialMapView("", "", "", "", List.of(), List.of(), false, List.of()));
    }

    private static SerialMapView view(SerialMap map) {
        return new SerialMapView(
                map.board().id(),
                map.board().label(),
                map.board().processor().label(),
                map.board().computer(),
                map.uarts().stream()
                        .map(uart -> new MapUart(
                                uart.name(),
                                uart.jobs().stream().map(UartFunction::label).collect(Collectors.joining(" and ")),
                                map.board().isSoft(uart.name()),
                                uart.pads().stream()
                                        .map(pad -> new MapPad(
                                                pad.name(),
                                                pad.side(),
                                                pad.inverter().label()))
                                        .toList()))
                        .toList(),
                map.lines().stream()
                        .map(line -> new MapLine(
                                line.partId(),
                                line.name(),
                                line.wish().job(),
                                line.wish().format(),
                                line.wish().volts5(),
                                line.speaks(),
                                line.wires().stream()
                                        .map(wire -> new MapWire(
                                                wire.partPad(),
                                                wire.boardPad(),
                                                wire.uart(),
                                                wire.toBoard(),
                                                wire.turned()))
                                        .toList(),
                                line.verdict(),
                                line.judged().stream()
                                        .map(found -> new MapFound(
                                                found.text().plain(),
                                                found.remedy().plain()))
                                        .toList()))
                        .toList(),
                map.modems(),
                map.notes());
    }

    record UartsSet(long version) {}

    /** Tells the UARTs on the sheet what the wires on it want, in place of what was told. */
    @PutMapping("/uarts")
    Chart fromTheWiring(@PathVariable String craftId, @RequestBody @Valid UartsSet told) {
        String known = crafts.get(craftId).craftId();
        BuildSheet sheet = BuildSheet.of(
                UartsFromWiring.told(crafts.newestSheet(known).sheet().toCraft()));
        String reason = SAID.line("set").plain();
        crafts.revise(
                known,
                told.version(),
                new CraftStore.Revising(crafts.storable(sheet), reason, "sheet", Text.capitalized(reason)),
                clock.instant());
        return charts.of(known);
    }
}
