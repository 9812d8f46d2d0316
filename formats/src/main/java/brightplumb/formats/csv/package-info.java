/** Lists as comma-separated values. */
package brightplumb.formats.csv;
