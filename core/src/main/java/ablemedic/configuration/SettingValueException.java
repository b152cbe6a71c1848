package ablemedic.configuration;

/** A value that a setting cannot have. Its message says what would be right. */
public final class SettingValueException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    private final String settingId;

    public SettingValueException(String settingId, String right) {
        super(right);
        this.settingId = settingId;
    }

    public String settingId() {
        return settingId;
    }
}
