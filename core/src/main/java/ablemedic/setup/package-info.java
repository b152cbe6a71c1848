/**
 * The first set-up of a craft, or the one after something was changed: which steps an occasion makes necessary, and in
 * which order they cost the least. Each step is a check of the families, with what this very craft should show;
 * {@link ablemedic.setup.SetUp} composes them, {@link ablemedic.setup.SetUpOrder} orders them. It knows checks and the
 * bench, and no family.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.setup;
