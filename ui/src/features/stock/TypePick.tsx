import { Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { catalogueQuery } from '../../shared/api/houseQueries';

interface Props {
  /** Id of a type. */
  value: string;
  disabled: boolean;
  onChange: (type: string) => void;
}

/** A type of the catalogue, found by typing some of it. */
export function TypePick({ value, disabled, onChange }: Props) {
  const [search, setSearch] = useState('');
  const found = useQuery({
    ...catalogueQuery({
      search: search === '' ? value : search,
      look: '',
      category: '',
      standard: '',
      standing: '',
      sort: 'name',
      down: false,
      from: 0,
    }),
    enabled: search !== '' || value !== '',
  });
  const options = (found.data?.lines ?? []).map((l) => ({
    value: l.ref.split('@')[0] ?? '',
    label: `${l.name}, ${l.maker}`,
  }));
  return (
    <Select
      aria-label="Type"
      showSearch={{ filterOption: false, onSearch: setSearch }}
      disabled={disabled}
      value={value || undefined}
      placeholder="type some of its name"
      options={options.filter((o, i) => options.findIndex((p) => p.value === o.value) === i)}
      onChange={onChange}
      notFoundContent={search === '' ? 'Type some of its name.' : 'Nothing of the catalogue is called that.'}
    />
  );
}
