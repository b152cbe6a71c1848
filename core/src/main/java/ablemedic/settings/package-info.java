/**
 * Settings and firmware as a fault family: {@link SettingsAndFirmware} is what the family is made of. What an export
 * says and what follows from it stands in {@link ablemedic.export}, {@link ablemedic.firmware} and
 * {@link ablemedic.snapshot}, on which every family draws.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.settings;
