/** Patterns for pens on a roll: HP-GL, an exchange standard for plotters. */
package brightplumb.formats.plot;
