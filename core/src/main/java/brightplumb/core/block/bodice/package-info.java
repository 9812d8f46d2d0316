/** The upper half of what hangs from the shoulder: neck, shoulder, armhole and bust, whatever hangs below. */
package brightplumb.core.block.bodice;
