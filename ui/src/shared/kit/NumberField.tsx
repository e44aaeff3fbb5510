import { InputNumber } from 'antd';
import type { InputNumberProps } from 'antd';
import { plainNumber } from '../format/units';

/** A field for a number; either decimal sign is taken. */
export function NumberField(props: InputNumberProps<number>) {
  return <InputNumber<number> parser={(typed) => plainNumber(typed) as unknown as number} {...props} />;
}
