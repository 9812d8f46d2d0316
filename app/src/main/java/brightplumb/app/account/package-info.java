/**
 * Accounts, sessions and who may see what. Start at {@link brightplumb.app.account.SecurityRules}.
 *
 * <p>Signing in, recovering and opening workrooms is throttled by buckets that the nodes share ({@code Throttle}): each
 * try is taken before it is made, strangers elsewhere never lock an owner out where they are known. A page names the
 * account it was opened by ({@code Plumb-Account}), and is answered for no other ({@code AccountInterceptor}).
 * Unexpected failures are logged whole but for their words, under a number that the answer carries.
 */
package brightplumb.app.account;
