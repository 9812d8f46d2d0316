/**
 * What garments are made on. A {@link brightplumb.core.table.Table} holds body, settings and paper; an
 * {@link brightplumb.core.table.Operation} takes a draft and gives one; an {@link brightplumb.core.table.Inspection}
 * looks at what came of it and answers with a {@link brightplumb.core.table.Check}, whose
 * {@link brightplumb.core.table.Evidence} is made of the lines that were measured. It knows no garment. Start at
 * Operation.
 *
 * <p>{@code Operation}, what is done to a draft: it takes one and gives one, on a {@code Table} with the body, the
 * settings and the paper. Also what a check looks at ({@code Inspected}) and says ({@code Check}, {@code Evidence}).
 */
package brightplumb.core.table;
