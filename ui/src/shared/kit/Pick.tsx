import { Select } from 'antd';

interface Option<T> {
  value: T;
  label: string;
}

interface Props<T> {
  /** What is read out; a label beside it may say the same. */
  label: string;
  value: T;
  options: Option<T>[] | { label: string; options: Option<T>[] }[];
  onChange: (value: T) => void;
  disabled?: boolean;
  className?: string;
  size?: 'small';
  /** Shown while nothing is chosen. */
  placeholder?: string;
}

/** Over how many options one may type what one looks for. */
const LONG = 4;

/** One of several: the list is as wide as its words, and can be searched when it is long. */
export function Pick<T extends string | number>({ label, options, value, placeholder, ...rest }: Props<T>) {
  return (
    <Select<T>
      aria-label={label}
      popupMatchSelectWidth={false}
      showSearch={options.length > LONG && { optionFilterProp: 'label' }}
      options={options as Option<T>[]}
      value={value === '' && placeholder ? undefined : value}
      placeholder={placeholder}
      {...rest}
    />
  );
}
