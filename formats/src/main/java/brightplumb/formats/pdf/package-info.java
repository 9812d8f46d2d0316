/**
 * Patterns as PDF at full size: tiled over sheets that tape together, or on one large sheet. Start at
 * {@link brightplumb.formats.pdf.TiledPdf}.
 */
package brightplumb.formats.pdf;
