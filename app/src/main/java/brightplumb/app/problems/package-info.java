/** Answers to what goes wrong, as RFC 9457 problem details with each fault at its field. */
package brightplumb.app.problems;
