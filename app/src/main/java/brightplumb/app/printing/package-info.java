/** The pattern as files: PDF at full size and SVG. */
package brightplumb.app.printing;
