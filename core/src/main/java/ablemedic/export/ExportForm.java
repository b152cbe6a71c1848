package ablemedic.export;

/** How a listing is written. */
public enum ExportForm {
    LINES("lines of name = value"),
    TABLE("a table of names and values"),
    JSON("JSON"),
    PARAMETERS("a parameter file"),
    MESSAGES("MAVLink parameter messages");

    private final String label;

    ExportForm(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
