/**
 * Drafting over HTTP: the catalogue, the ways, and the stateless preview. The views are the contract's names for what
 * the core answers.
 */
package brightplumb.app.drafting;
