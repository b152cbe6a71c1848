package ablemedic.video;

import ablemedic.craft.VideoSettings.Fields;
import java.util.ArrayList;
import java.util.List;

/**
 * Where figures fall in what the goggles show. Characters are 12 by 18 points on a raster of 30 columns; rows follow
 * from the lines of a field: 288 of 50 fields make 16, 240 of 60 make 13 (lines of Rec. ITU-R BT.1700; the character is
 * common practice).
 *
 * @param seenShare of width and height that the goggles show, from 0 to 1, the middle of it
 */
public record ScreenGrid(Fields camera, double seenShare) {
    public static final int COLUMNS = 30;
    private static final int CHARACTER_LINES = 18;

    /** Something that is shown, by its text, its column and its row, counted from 0. */
    public record Item(String name, int column, int row, int length) {}

    /** How an item stands. */
    public enum Stands {
        INSIDE,
        CUT,
        OUTSIDE,
        OVERLAPS
    }

    /** An item, how it stands, and where the nearest place is that is wholly seen. */
    public record Placed(Item item, Stands stands, int column, int row) {}

    /** @throws IllegalArgumentException where goggles show less than half or more than all */
    public ScreenGrid {
        if (!(seenShare >= 0.5 && seenShare <= 1)) {
            throw new IllegalArgumentException("goggles show between half and all of width and height");
        }
    }

    public static int rows(Fields fields) {
        return (fields == Fields.FIFTY ? 288 : 240) / CHARACTER_LINES;
    }

    public int rows() {
        return rows(camera);
    }

    /** First and last column and row that are wholly seen. */
    public int firstColumn() {
        return (int) Math.ceil(COLUMNS * (1 - seenShare) / 2 - 1e-9);
    }

    public int lastColumn() {
        return COLUMNS - 1 - firstColumn();
    }

    public int firstRow() {
        return (int) Math.ceil(rows() * (1 - seenShare) / 2 - 1e-9);
    }

    public int lastRow() {
        return rows() - 1 - firstRow();
    }

    /** How each item stands, in their order. */
    public List<Placed> placed(List<Item> items) {
        List<Placed> all = new ArrayList<>();
        for (Item item : items) {
            int column = Math.max(firstColumn(), Math.min(item.column(), lastColumn() + 1 - item.length()));
            int row = Math.max(firstRow(), Math.min(item.row(), lastRow()));
            Stands stands = stands(item);
            boolean over = items.stream()
                    .anyMatch(other -> other != item
                            && other.row() == item.row()
                            && other.column() < item.column() + item.length()
                            && item.column() < other.column() + other.length());
            all.add(new Placed(item, stands == Stands.INSIDE && over ? Stands.OVERLAPS : stands, column, row));
        }
        return List.copyOf(all);
    }

    private Stands stands(Item item) {
        int last = item.column() + item.length() - 1;
        boolean rowSeen = item.row() >= firstRow() && item.row() <= lastRow();
        if (!rowSeen || last < firstColumn() || item.column() > lastColumn()) {
            return Stands.OUTSIDE;
        }
        return item.column() < firstColumn() || last > lastColumn() ? Stands.CUT : Stands.INSIDE;
    }
}
