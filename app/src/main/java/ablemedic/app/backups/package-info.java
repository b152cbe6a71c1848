/**
 * Copies of all that the workshop has, made while the program runs: at the press of a button and on the owner's
 * schedule, the last few kept in a folder beside the data file. Going back to one is done with the program stopped, by
 * the script.
 */
@NullMarked
package ablemedic.app.backups;

import org.jspecify.annotations.NullMarked;
