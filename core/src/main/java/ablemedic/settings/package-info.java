/**
 * Settings and firmware as a family of troubles. {@link ablemedic.settings.SettingsAndFirmware} is what the family is
 * made of; what a listing says and what follows from it stands in {@link ablemedic.listing}, {@link ablemedic.firmware}
 * and {@link ablemedic.snapshot}, on which every family draws.
 */
package ablemedic.settings;
