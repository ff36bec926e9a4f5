import { Search } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { OneOf, type Option } from './Choice';
import { Entry } from './Entry';
import { Row, Stack } from './layout';
import { space } from './theme';

const SearchField = styled.div`
  display: grid; gap: ${space.s}; max-width: 420px;
`;

interface ChooseProps {
  label: string;
  /** The usual ones first. */
  options: readonly Option<string>[];
  value: string | null;
  onChange: (value: string) => void;
  /** What the button that makes a new one says. */
  newLabel: string;
  /** The form for a new one; it closes itself by the function it is given. */
  newForm: (close: () => void) => ReactNode;
  error?: string | null;
}

/** More than these are searched for. */
const FEW = 8;

/** One of people or places: the usual few in sight, the others by a few letters, a new one made in place. */
export function Choose({ label, options, value, onChange, newLabel, newForm, error = null }: ChooseProps) {
  const [search, setSearch] = useState<string | null>(null);
  const [isNew, setNew] = useState(false);
  const chosen = options.find((option) => option.value === value);
  const usual = options.slice(0, options.length > FEW ? FEW - 1 : FEW);
  const words = (search ?? '').trim().toLowerCase();
  const found = words === '' ? [] : options.filter((option) => option.label.toLowerCase().includes(words));
  const shown = search === null ? usual : found.slice(0, FEW);
  const withChosen = chosen === undefined || shown.includes(chosen) ? shown : [chosen, ...shown];
  return (
    <Stack $gap="s">
      {withChosen.length > 0 && (
        <OneOf label={label} options={withChosen} value={value} onChange={onChange} error={error} />
      )}
      {search !== null && (
        <SearchField>
          <Entry label={`Search: ${label.toLowerCase()}`} value={search} onChange={setSearch} autoFocus />
        </SearchField>
      )}
      {isNew ? (
        newForm(() => setNew(false))
      ) : (
        <Row>
          <Button look={options.length === 0 ? 'plain' : 'bare'} onPress={() => setNew(true)}>
            {newLabel}
          </Button>
          {options.length > FEW && (
            <Button look="bare" onPress={() => setSearch(search === null ? '' : null)}>
              <Search size={18} aria-hidden="true" />
              {search === null ? `Show all ${options.length}` : 'Show fewer'}
            </Button>
          )}
        </Row>
      )}
    </Stack>
  );
}
