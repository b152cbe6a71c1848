package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.app.shelf.SortStore;
import ablemedic.electrics.SerialBoard;
import ablemedic.shelf.PartSort;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The flight boards of the shelf that have their ports entered: those that ship, and the workshop's own. */
@Component
class SerialBoards {
    private final SortStore sorts;

    SerialBoards(SortStore sorts) {
        this.sorts = sorts;
    }

    List<SerialBoard> all() {
        return Stream.concat(
                        ablemedic.shelf.SerialBoards.SHIPPED.stream(),
                        sorts.own().stream()
                                .map(PartSort::archetype)
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
                        "There is no board “" + Refusal.shortened(id) + "”; there is "
                                + Refusal.someOf(
                                        all.stream().map(SerialBoard::id).toList()) + "."));
    }
}
