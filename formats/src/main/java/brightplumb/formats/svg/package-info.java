/**
 * Patterns as SVG in real units, one named group for each piece and kind of line. Start at
 * {@link brightplumb.formats.svg.SvgWriter}.
 */
package brightplumb.formats.svg;
