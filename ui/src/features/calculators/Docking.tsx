import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { fixed, plainNumber } from '../../shared/format/units';
import { Figure } from './Numbers';
import { useAnswer } from './useAnswer';

const GAPS = [
  ['top', 'Gap at the top'],
  ['bottom', 'Gap at the bottom'],
  ['left', 'Gap at camera left'],
  ['right', 'Gap at camera right'],
  ['stepUp', 'Camera rim above the front unit’s'],
  ['stepLeft', 'Camera rim to camera left of it'],
  ['feelerDiameter', 'Diameter where the feeler sits'],
  ['lever', 'Coupler back to its front edge'],
  ['base', 'Length between the shimmed edges'],
] as const;

type GapName = (typeof GAPS)[number][0];

/** Feeler gaps and steps of a docked front unit, as the acts that seat it. */
export function Docking() {
  const [values, setValues] = useState<Record<GapName, string>>({
    top: '0.55',
    bottom: '0.10',
    left: '0.20',
    right: '0.20',
    stepUp: '0.00',
    stepLeft: '0.00',
    feelerDiameter: '86',
    lever: '120',
    base: '110',
  });
  const reading = Object.fromEntries(GAPS.map(([n]) => [n, Number(plainNumber(values[n]))])) as Record<GapName, number>;
  const ready = Object.values(reading).every(Number.isFinite);
  const answer = useAnswer(
    ['docking', values],
    async () => unwrap(await api.POST('/api/calculators/docking', { body: { reading } })),
    ready,
  );
  return (
    <div className="calc">
      <div className="calc-two">
        {GAPS.map(([name, title]) => (
          <Figure
            key={name}
            title={title}
            unit="mm"
            value={values[name]}
            onChange={(v) => setValues({ ...values, [name]: v })}
          />
        ))}
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {answer.data && (
          <>
            <p className="big num">
              pitch {fixed(answer.data.plan.pitchDegrees, 2)}°, yaw {fixed(answer.data.plan.yawDegrees, 2)}°
            </p>
            {answer.data.plan.seated ? (
              <p className="mark met">Seated: every gap and step within {fixed(answer.data.bandMm, 2)} mm.</p>
            ) : (
              <ol>
                {answer.data.plan.steps.map((s) => (
                  <li key={s.act}>{s.words}.</li>
                ))}
                <li>Read all gaps and steps again.</li>
              </ol>
            )}
          </>
        )}
        <p className="soft">
          Top wider: camera nose up. Right wider: nose right. A gap alone cannot tell offset from tilt, so the step is
          asked for too. Turning 0.3° at 120 mm moves the coupler 0.63 mm: angle first, then height, then lateral.
        </p>
      </output>
    </div>
  );
}
