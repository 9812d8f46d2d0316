/** What opens a garment and what it is closed with: zip, fly, slit. */
package brightplumb.core.style.opening;
