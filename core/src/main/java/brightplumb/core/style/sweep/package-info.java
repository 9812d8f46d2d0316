/** Opening a panel from the hem by closing a dart. */
package brightplumb.core.style.sweep;
