/**
 * What the trade decides before a line is drawn: the body with its estimates, the settings of a garment, and the ways (schools)
 * that give each setting its rule. A way is data: one file that names its rules. Start at {@link brightplumb.core.rule.Way} and
 * {@link brightplumb.core.rule.HouseSkirt}.
 */
package brightplumb.core.rule;
