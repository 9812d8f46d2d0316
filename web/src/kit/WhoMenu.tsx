import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import type { Account } from '../api/client';
import { WhoFace } from './WhoFace';

/** What whoever is signed in can do beside the work. */
export function WhoMenu(props: { account: Account; onKeys: () => void; onSignOut: () => void }) {
  const { account, onKeys, onSignOut } = props;
  const navigate = useNavigate();
  const item = 'flex min-h-11 cursor-pointer items-center rounded-field px-3 outline-none data-[highlighted]:bg-linen';
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger asChild>
        <WhoFace account={account} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          className="z-50 min-w-56 rounded-card border border-line bg-card p-1.5 shadow-card"
        >
          <DropdownMenu.Label className="px-3 py-2 text-soft">
            <span className="block font-semibold text-ink">{account.name}</span>
            {account.workroom}
          </DropdownMenu.Label>
          <DropdownMenu.Item className={item} onSelect={() => navigate('/')}>
            The rack
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => navigate('/book')}>
            Measure book
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => navigate('/workroom')}>
            Your workroom
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={onKeys}>
            All keys
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={onSignOut}>
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
