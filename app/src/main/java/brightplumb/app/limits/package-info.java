/**
 * How much costly work is done at once, for one account and in all, so that nobody who asks for much keeps others
 * waiting. Start at {@link brightplumb.app.limits.WorkLimits}.
 */
package brightplumb.app.limits;
