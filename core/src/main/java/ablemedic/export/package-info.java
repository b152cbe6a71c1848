/**
 * Settings exports as flight controllers and ground stations write them: lines of names and values, tables, JSON and
 * parameter files. {@link SettingsExport#read} takes any bytes, keeps them, and gives names and values with their
 * lines; what it does not understand it reports and never drops. What a name means is known to
 * {@link ablemedic.firmware}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.export;
