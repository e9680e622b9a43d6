// Handed out by a program that is open beside: what is changed there is here at once, and what is done here is told there
// if that is wished.
const pause = ms => new Promise(done => setTimeout(done, ms));
let wished = false;
let lastTold = '';
whenShown = () => {
  if (!wished || !seen) return;
  const step = JSON.stringify(JSON.parse(here()).step || null);
  if (step === 'null' || step === lastTold) return;
  lastTold = step;
  fetch('tapped', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: step }).catch(() => {});
};
async function renewed() {
  const answer = await fetch('data', { cache: 'no-store' });
  if (!answer.ok) return;
  Object.assign(data, await answer.json());
  finish();
  const json = change(data.words, data.cells, chosen.id);
  told = JSON.parse(about());
  head();
  chosen = told.devices.find(d => d.id === chosen.id) || told.devices[0];
  devices.value = chosen.id;
  lastTold = '';
  // All is drawn anew: any of it may have changed.
  levels = [];
  dropDrawer();
  if (json) { say(json); fit(); } else start();
}
async function listen() {
  for (;;) {
    try {
      const answer = await fetch('changed?since=' + encodeURIComponent(data.version) + '&wished=' + wished, { cache: 'no-store' });
      if (answer.ok) {
        document.body.classList.remove('alone');
        const now = await answer.json();
        if (wished !== now.wished) { wished = now.wished; whenShown(); }
        if (now.version !== data.version) await renewed();
        continue;
      }
    } catch { /* told below */ }
    document.body.classList.add('alone');
    tell.textContent = 'The line to the desk is cut; it goes on by itself when that is back.';
    await pause(1000);
  }
}
listen();
