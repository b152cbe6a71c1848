package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.app.parts.PartTypeStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.parts.PartType;
import ablemedic.wiring.SerialBoard;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The FCs of the parts library that have their UARTs entered: those that ship, and the workshop's own. */
@Component
class SerialBoards {
    private static final Words REFUSALS =
            Catalogue.beside(SerialBoards.class, "refusals").of("serial-boards");
    private final PartTypeStore partTypes;

    SerialBoards(PartTypeStore partTypes) {
        this.partTypes = partTypes;
    }

    List<SerialBoard> all() {
        return Stream.concat(
                        ablemedic.parts.SerialBoards.SHIPPED.stream(),
                        partTypes.own().stream()
                                .map(PartType::archetype)
                                .map(SerialBoard::of)
                                .flatMap(Optional::stream))
                .toList();
    }

    /** The board of an id. @throws Refusal naming those that there are */
    SerialBoard get(String id) {
        List<SerialBoard> all = all();
        return all.stream()
                .filter(board -> board.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        "board",
                        REFUSALS.with("id", Refusal.shortened(id))
                                .with(
                                        "id2",
                                        Refusal.someOf(all.stream()
                                                .map(SerialBoard::id)
                                                .toList())),
                        "no-board"));
    }
}
