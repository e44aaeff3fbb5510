import './packing.css';
import { Button, Input, Segmented } from 'antd';
import type { InputRef } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { useInOrder } from '../../shared/api/inOrder';
import { keys } from '../../shared/api/queries';
import { packingQuery } from '../../shared/api/wayQueries';
import { plainNumber } from '../../shared/format/units';
import { freshId } from '../../shared/format/ids';
import { hasLeft, stageText } from '../../shared/job/stages';
import { DoneBar } from '../../shared/kit/DoneBar';
import { lowTone } from '../../shared/kit/tone';
import { Waiting } from '../../shared/kit/Waiting';
import { Cases } from './Cases';
import { LineTable } from './LineTable';
import { NotesHere } from '../../shared/job/NotesHere';
import { Photos } from '../../shared/photos/Photos';
import { NotWhole } from './NotWhole';
import { asksWhy, BACK, becomes, caseFor, caseOf, nextBox, OUT, scanned } from './packing';
import type { Kind, PackSheet } from './packing';

/** Pieces scanned into their cases, and back. */
export function PackingScreen({ session }: { session: Schemas['Session'] }) {
  const { job = '' } = useParams();
  const query = useQuery(packingQuery(job));
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  return <Packing key={String(hasLeft(query.data.stage))} job={job} sheet={query.data} session={session} />;
}

interface Told {
  good: boolean;
  words: string;
}

function Packing({ job, sheet, session }: { job: string; sheet: PackSheet; session: Schemas['Session'] }) {
  const back = hasLeft(sheet.stage);
  const mayScan = session.editsBuilds && sheet.stage !== 'RECONCILED';
  const [kind, setKind] = useState<Kind>(back ? 'BACK' : 'INTO_CASE');
  const [box, setBox] = useState(sheet.boxes[0]?.number ?? 1);
  const [text, setText] = useState('');
  const [remark, setRemark] = useState('');
  const [cost, setCost] = useState('');
  const [told, setTold] = useState<Told>();
  const field = useRef<InputRef>(null);
  const photosOf = (of: string) => <Photos job={job} of={of} mayTake={session.editsBuilds} />;
  const say = (good: boolean, words: string) => {
    setTold({ good, words });
    if (!good) lowTone();
  };
  const scans = useScans(job, say);

  const send = (code: string, count: number, into: number) => {
    const paid = Number(plainNumber(cost));
    scans.send({
      job,
      scan: {
        id: freshId(),
        kind,
        code,
        count,
        box: back ? 0 : into,
        remark: remark.trim(),
        cost: Number.isFinite(paid) ? paid : 0,
      },
      what: becomes(kind, into),
    });
    if (asksWhy(kind)) {
      setRemark('');
      setCost('');
    }
  };
  const scan = () => {
    const { code, count } = scanned(text);
    setText('');
    field.current?.focus();
    if (code === '') return;
    const other = caseOf(code);
    if (other !== undefined) {
      setBox(other);
      say(true, `Case ${other} is open.`);
    } else if (asksWhy(kind) && remark.trim() === '') {
      setText(code);
      say(false, 'Say what is broken, or how it went missing, first.');
    } else send(code, count, box);
  };
  return (
    <main className="packing">
      <section className="packing-scan" aria-labelledby="packing-title">
        <div className="head">
          <h2 id="packing-title">{back ? 'What comes back' : 'Into the cases'}</h2>
          <DoneBar label="Pieces" done={back ? sheet.told : sheet.packed} of={back ? sheet.left : sheet.wanted} />
        </div>
        {mayScan ? (
          <form
            className="scan-form noprint"
            onSubmit={(e) => {
              e.preventDefault();
              scan();
            }}
          >
            <Segmented<Kind>
              aria-label="What happens"
              options={[...(back ? BACK : OUT)]}
              value={kind}
              onChange={(next) => {
                setKind(next);
                field.current?.focus();
              }}
            />
            <Input
              ref={field}
              autoFocus
              size="large"
              aria-label="Code of a piece or a case"
              placeholder={back ? 'scan a piece' : 'scan a piece, or the label of a case (case 3)'}
              maxLength={64}
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
            <Button type="primary" size="large" htmlType="submit">
              {back ? 'Take back' : `Case ${box}`}
            </Button>
            {back && (
              <span className="scan-why">
                <Input
                  aria-label="What happened to it"
                  placeholder={asksWhy(kind) ? 'what is broken, or how it went missing' : 'a remark, if there is one'}
                  maxLength={300}
                  value={remark}
                  onChange={(e) => setRemark(e.target.value)}
                />
                {asksWhy(kind) && (
                  <Input
                    aria-label="Cost"
                    placeholder="cost"
                    inputMode="decimal"
                    className="num scan-cost"
                    value={cost}
                    onChange={(e) => setCost(e.target.value)}
                  />
                )}
              </span>
            )}
          </form>
        ) : (
          <p className="soft">
            {sheet.stage === 'RECONCILED'
              ? 'This return is closed.'
              : 'Technicians and leads scan; you can read it here.'}
          </p>
        )}
        <p
          className={`scan-told ${told ? (told.good ? 'good' : 'bad') : ''}`}
          role={told?.good === false ? 'alert' : 'status'}
        >
          {scans.waiting > 0 ? `${scans.waiting} on their way to the house. ` : ''}
          {told?.words ??
            (back
              ? 'Scan every piece; what is counted only has a button in its line.'
              : `Stage: ${stageText(sheet.stage)}. Pieces have codes; of what is counted write “3 x” before its type, or use the button in its line.`)}
        </p>
        <LineTable
          lines={sheet.lines}
          back={back}
          mayScan={mayScan && !(asksWhy(kind) && remark.trim() === '') && kind !== 'OUT_OF_CASE'}
          onAll={(line, count) => send(line.type, count, caseFor(line, box))}
        />
      </section>
      <section className="packing-cases" aria-labelledby="cases-title">
        <div className="head">
          <h2 id="cases-title">{back ? 'Not whole, and the cases' : 'Cases'}</h2>
          {mayScan && !back && (
            <Button
              className="noprint"
              onClick={() => {
                setBox(nextBox(sheet.boxes, box));
                field.current?.focus();
              }}
            >
              Another case
            </Button>
          )}
          <a className="noprint" href={`/api/jobs/${job}/case-labels.pdf`}>
            Labels
          </a>
        </div>
        {back && <NotWhole photosOf={photosOf} all={sheet.notWhole} cost={sheet.cost} />}
        {back && <NotesHere job={job} about={[`job:${job}`]} mayWrite={session.editsBuilds} />}
        {!back && sheet.boxes.every((b) => b.number !== box) && (
          <p>
            Case <span className="num">{box}</span> is open and empty; the plan knows nothing of it.
          </p>
        )}
        <Cases
          photosOf={photosOf}
          boxes={sheet.boxes}
          chosen={box}
          onChoose={(next) => {
            setBox(next);
            field.current?.focus();
          }}
        />
        <p className="soft">
          Lithium cells that are not in a device go into the cabin, terminals covered, as the carrier allows; weights
          are by the scale where a piece was weighed, else by its type.
        </p>
      </section>
    </main>
  );
}

/** What was scanned, by its code, or by the name of what is only counted. */
function calledIn(sheet: PackSheet, scan: Schemas['Scan']): string {
  const code = scan.code.toUpperCase();
  const line = sheet.lines.find((l) => l.codes.includes(code) || l.type === scan.code.toLowerCase());
  if (!line) return code;
  return line.toldApart ? `${code}, ${line.title}` : `${scan.count} x ${line.title}`;
}

/** Sends scans in their order, and tells of each what became of it. */
function useScans(job: string, say: (good: boolean, words: string) => void) {
  const client = useQueryClient();
  return useInOrder({
    kind: 'scan',
    key: packingQuery(job).queryKey,
    onSent: (sheet, { scan, what }) => {
      const refused = sheet.refused[0];
      if (refused) say(false, refused.why);
      else say(true, `${calledIn(sheet, scan)}: ${what}.`);
    },
    onRefused: (e) => say(false, e.message),
    onQuiet: () => {
      void client.invalidateQueries({ queryKey: keys.dispatch(job) });
      void client.invalidateQueries({ queryKey: keys.jobs });
    },
  });
}
