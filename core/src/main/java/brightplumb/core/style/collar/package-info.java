/** What lies on the shoulders round a neck. */
package brightplumb.core.style.collar;
