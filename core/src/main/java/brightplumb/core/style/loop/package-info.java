/** What a garment is hung up by. */
package brightplumb.core.style.loop;
