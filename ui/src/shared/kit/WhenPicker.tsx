import { DatePicker } from 'antd';
import dayjs from 'dayjs';

interface Props {
  /** A local date or date and time as the desk writes it: 2026-12-03 or 2026-12-03T06:30. */
  value: string;
  withTime?: boolean;
  onChange: (value: string) => void;
}

/** A day, or a day and time, in one order for everybody: Thu 3 Dec 2026 06:30. */
export function WhenPicker({ value, withTime = false, onChange }: Props) {
  return (
    <DatePicker
      allowClear={false}
      needConfirm={false}
      showTime={withTime && { format: 'HH:mm', minuteStep: 5 }}
      format={[
        withTime ? 'ddd D MMM YYYY HH:mm' : 'ddd D MMM YYYY',
        'D.M.YYYY HH:mm',
        'D.M.YYYY',
        'YYYY-MM-DD HH:mm',
        'YYYY-MM-DD',
      ]}
      style={{ width: '100%' }}
      value={dayjs(value)}
      onChange={(when) => when && onChange(when.format(withTime ? 'YYYY-MM-DDTHH:mm' : 'YYYY-MM-DD'))}
    />
  );
}
