// The largest plan that is taken, while somebody saves; then whoever asked for it leaves, and another asks.
import { Program } from './program.mjs';

const day = (n) => new Date(Date.UTC(2027, 4, 16 + n)).toISOString().slice(0, 10);

const season = (jobs, days) => ({
  today: '2027-05-15',
  jobs: Array.from({ length: jobs }, (_, i) => ({
    name: `Job ${i}`,
    early: day(i % 50),
    best: day((i % 50) + 7),
    late: day((i % 50) + 20),
    minutes: 15 + ((i * 7) % 60),
    hazard: i % 37 === 0,
    need: (i * 13) % 100,
    mix: `mix ${i % 4}`,
    soundness: null,
    flowersOver: null,
    pinned: null,
  })),
  days: Array.from({ length: days }, (_, i) => ({ on: day(i), minutes: 90 })),
});

export async function plans(data) {
  const program = await Program.start(data);
  const plan = async (asked, signal) => {
    const began = performance.now();
    const answer = await program.send('/api/bench-days/plan', 'application/json', JSON.stringify(asked), signal);
    return { status: answer.status, laid: (await answer.json()).days?.length, ms: Math.round(performance.now() - began) };
  };
  const count = { saves: 0, 'saves refused': 0, 'slowest save ms': 0 };
  let planned = false;
  const saving = (async () => {
    for (let n = 0; !planned; n++) {
      const began = performance.now();
      const answer = await program.post(
        '/api/plants/1/inspections',
        { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: `beside a plan ${n}` },
        `beside-a-plan-${n}`,
      );
      count.saves++;
      if (answer.status >= 400) count['saves refused']++;
      count['slowest save ms'] = Math.max(count['slowest save ms'], Math.round(performance.now() - began));
    }
  })();
  const whole = await plan(season(300, 60));
  planned = true;
  await saving;
  count['300 jobs on 60 days: ms'] = whole.ms;
  count['days laid'] = whole.laid;
  await plan(season(300, 60), AbortSignal.timeout(1500)).catch(() => {});
  count['the next plan, after its asker left: ms'] = (await plan(season(3, 2))).ms;
  await program.stop();
  return count;
}
