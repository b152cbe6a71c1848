package ablemedic.app.instruments;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.VideoSettings.Fields;
import ablemedic.video.ScreenGrid;
import ablemedic.video.ScreenGrid.Item;
import ablemedic.video.ScreenGrid.Stands;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where figures fall in what goggles show. */
@RestController
class ScreenLayoutController {
    private static final Words SAID =
            Catalogue.beside(ScreenLayoutController.class, "words").of("screen-layout-controller");
    private static final int MOST_ITEMS = 30;
    private static final int MOST_ROWS = 16;

    /**
     * @param fields format of the camera
     * @param seenPercent of width and height that the goggles show
     */
    record ScreenAsked(
            @NotNull Fields fields,
            double seenPercent,
            @NotNull @Size(max = MOST_ITEMS) List<@NotNull @Valid ScreenItem> items) {}

    /** What is shown: its text, its first column and its row, counted from 0. */
    record ScreenItem(@NotNull @Size(min = 1, max = 30) String text, int column, int row) {}

    /** An item, how it stands, and the nearest place that is wholly seen. */
    record PlacedItem(
            String text, int column, int row, Stands stands, String said, int nearestColumn, int nearestRow) {}

    record ScreenAnswer(
            int columns,
            int rows,
            int firstColumn,
            int lastColumn,
            int firstRow,
            int lastRow,
            List<PlacedItem> items) {}

    @PostMapping("/api/instruments/screen-layout")
    ScreenAnswer place(@RequestBody @Valid ScreenAsked asked) {
        ScreenGrid grid =
                new ScreenGrid(asked.fields(), Asked.within("seenPercent", asked.seenPercent(), 50, 100, "%") / 100);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < asked.items().size(); i++) {
            ScreenItem one = asked.items().get(i);
            items.add(new Item(
                    one.text(),
                    (int) Asked.within(
                            "items[" + i + "].column", one.column(), 0, ScreenGrid.COLUMNS - 1.0, "as a column"),
                    (int) Asked.within("items[" + i + "].row", one.row(), 0, MOST_ROWS - 1.0, "as a row"),
                    one.text().length()));
        }
        return new ScreenAnswer(
                ScreenGrid.COLUMNS,
                grid.rows(),
                grid.firstColumn(),
                grid.lastColumn(),
                grid.firstRow(),
                grid.lastRow(),
                grid.placed(items).stream()
                        .map(one -> new PlacedItem(
                                one.item().name(),
                                one.item().column(),
                                one.item().row(),
                                one.stands(),
                                said(one, grid),
                                one.column(),
                                one.row()))
                        .toList());
    }

    private static String said(ScreenGrid.Placed one, ScreenGrid grid) {
        String move = SAID.with("column", one.column() + 1)
                .with("row", one.row() + 1)
                .line("move")
                .plain();
        return switch (one.stands()) {
            case INSIDE -> SAID.line("visible").plain();
            case CUT -> SAID.with("move", move).line("cut").plain();
            case OUTSIDE ->
                SAID.with("below", Param.when(one.item().row() >= grid.rows()))
                        .with("move", move)
                        .line("outside")
                        .plain();
            case OVERLAPS -> SAID.line("overlaps").plain();
        };
    }
}
