/**
 * The web application, one package a feature, each with its web, service and JDBC side. It checks and keeps; all
 * drafting is the core's.
 */
package brightplumb.app;
