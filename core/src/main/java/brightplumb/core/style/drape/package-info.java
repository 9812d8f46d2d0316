/** How the cloth falls, for what is to fall from it. */
package brightplumb.core.style.drape;
