/**
 * The words of the program, apart from what it computes: files of entries, one for each fault, check or refusal, lie
 * beside the package that they belong to. Java names an entry and gives parameters with a type; the text is put
 * together when it is shown, as a line for people or as parts of which a screen knows what they are. It knows nothing
 * of the trade.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.catalogue;
