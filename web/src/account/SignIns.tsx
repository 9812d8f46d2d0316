import { useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { useUnit } from '../tape/unit';

/** When and from where this account was signed in to: what one does not know is a reason for a new password. */
export function SignIns() {
  const unit = useUnit();
  const list = useQuery({
    queryKey: ['sign-ins'],
    queryFn: async () => (await unwrap(api.GET('/api/session/sign-ins'))).items,
  });
  return (
    <section className="flex flex-col gap-3">
      <h2 className="font-semibold text-title">Last sign-ins</h2>
      <p className="text-soft">If one of these was not you, change the password: that ends every other session.</p>
      <ul>
        {list.data?.slice(0, 8).map((s) => (
          <li key={s.at} className="flex gap-4 border-line border-t py-2">
            <span className="w-40 shrink-0">
              {unit.shortDay(s.at)}, {new Date(s.at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}
            </span>
            <span className="w-40 shrink-0">{s.client === '127.0.0.1' ? 'this machine' : s.client}</span>
            <span className="wrap-anywhere min-w-0 text-soft" title={s.browser}>
              {s.browser}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
