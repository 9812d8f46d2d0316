/** What draws a waist up: casing, elastic, cord; and the belt round it. */
package brightplumb.core.style.drawn;
