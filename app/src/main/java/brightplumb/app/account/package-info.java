/** Accounts, sessions and who may see what. Start at {@link brightplumb.app.account.SecurityRules}. */
package brightplumb.app.account;
