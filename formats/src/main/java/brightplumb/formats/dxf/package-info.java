/** Patterns as DXF, an exchange standard for drawings. */
package brightplumb.formats.dxf;
