/** How the built interface is served. */
package brightplumb.app.web;
