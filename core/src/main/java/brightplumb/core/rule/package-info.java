/**
 * What the trade decides before a line is drawn: the body with its estimates, the settings of a garment, and the ways
 * (schools) that give each setting its rule. A way is data: one file that names its rules. Start at
 * {@link brightplumb.core.rule.Way} and {@link brightplumb.core.rule.HouseSkirt}.
 *
 * <p>The body with its estimates, the settings (each declared in a small {@code *Settings} file, with its range and
 * when it applies), and the *<em>ways</em>*. A way is data: rules for the settings. A new way is one file like
 * {@code AllocatedSkirt} and its line in {@code Ways}; nothing branches on a way's name.
 */
package brightplumb.core.rule;
