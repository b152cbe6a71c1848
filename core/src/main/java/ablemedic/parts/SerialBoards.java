package ablemedic.parts;

import ablemedic.wiring.SerialBoard;
import java.util.List;
import java.util.Optional;

/**
 * The FCs of the parts library that ships, by their UARTs: one or more of each class of processor, each with a trait
 * that is met at the bench.
 */
public final class SerialBoards {
    /** Those that ship. */
    public static final List<SerialBoard> SHIPPED = PartsLibrary.all().stream()
            .map(SerialBoard::of)
            .flatMap(Optional::stream)
            .toList();

    private SerialBoards() {}

    public static Optional<SerialBoard> find(String id) {
        return SHIPPED.stream().filter(board -> board.id().equals(id)).findFirst();
    }
}
