/**
 * The full-size sheet a pattern is printed from: every piece placed, with its lines, marks and words as ink. The
 * writers of files only render ink. Start at {@link brightplumb.formats.sheet.PatternSheet}.
 */
package brightplumb.formats.sheet;
