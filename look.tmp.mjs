import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from './tests/Browser/server.mjs';
const PORT = 8490;
const server = serve(PORT, freshDatabase());
const LAP={width:1280,height:800}, PH={width:390,height:844}, SM={width:320,height:700};
try {
  await answering(PORT);
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-background-networking'] });
  const settings = { baseURL: `http://127.0.0.1:${PORT}`, locale: 'en-GB', timezoneId: 'UTC', serviceWorkers: 'block' };
  const lap = await browser.newPage({...settings, viewport: LAP});
  lap.on('pageerror', e => console.log('ERR', e.message)); lap.on('console', m => m.type()==='error' && console.log('CON', m.text().slice(0,300)));
  await lap.goto('/'); await lap.getByRole('button', { name: 'Open the demo bench' }).click(); await lap.getByRole('heading', { name: 'Who comes' }).waitFor();
  const bench = await lap.evaluate(() => fetch('/api/bench').then(r => r.json()));
  const latest = n => { const s = bench.students.find(x => x.name.startsWith(n)); return bench.sessions.find(x => x.student_id === s.id).id; };
  const T = latest('Tobin');
  const ses = await lap.evaluate(id => fetch('/api/sessions/'+id).then(r => r.json()), T);
  const ph = await browser.newPage({...settings, viewport: PH, hasTouch: true, isMobile: true, storageState: await lap.context().storageState()});
  ph.on('pageerror', e => console.log('ERR', e.message));
  const script = (await import('/tmp/work/views.mjs')).default;
  await script({ lap, ph, T, run: ses.run?.id, latest, LAP, PH, SM, shot: (p, n, full=false) => p.screenshot({ path: `/tmp/work/${n}.png`, fullPage: full }) });
  await browser.close();
} finally { kill(server); }
