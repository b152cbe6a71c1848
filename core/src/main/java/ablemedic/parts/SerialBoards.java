package ablemedic.parts;

import ablemedic.wiring.SerialBoard;
import java.util.List;
import java.util.Optional;

/**
 * The flight boards of the shelf that ships, by their ports: one or more of each class of processor, each with a trait
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
