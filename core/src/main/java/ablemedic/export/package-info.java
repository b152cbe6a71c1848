/**
 * Listings of settings as boards and ground stations write them: lines of name = value, tables, JSON and parameter
 * files. {@link ablemedic.listing.Listing#read} takes any bytes, keeps them, and gives the names and values in them
 * with their lines; what it does not understand it reports and never drops. It knows no setting and no craft: what a
 * name means is told by {@link ablemedic.firmware}.
 */
package ablemedic.export;
