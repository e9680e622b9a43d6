// Words that a person pins to what is shown. Those of the file are read; one's own are kept in this browser, and saved
// as a small file that goes back to whoever made the page.
const pinned = JSON.parse(document.getElementById('remarks').textContent);
const pane = document.querySelector('.remarks');
const opener = document.querySelector('.pinning');
const KEPT = 'pandel-remarks ' + pinned.title + ' ' + told.starts.map(s => s.id).join(' ');
const mine = kept();
// What is being written lasts while one goes on clicking.
const draft = { words: '', on: 'step', changes: null };
let by = mine.by || '';

function kept() {
  try {
    const was = JSON.parse(localStorage.getItem(KEPT));
    if (was && Array.isArray(was.remarks)) return was;
  } catch { /* a browser that keeps nothing for files: then they last as long as the page */ }
  return { by: '', remarks: [], saved: true };
}
function keep() {
  mine.by = by;
  try { localStorage.setItem(KEPT, JSON.stringify(mine)); } catch { /* as above */ }
}
function everyone() {
  const own = new Set(mine.remarks.map(r => r.id));
  return [...pinned.remarks.filter(r => !own.has(r.id)), ...mine.remarks];
}
function count() {
  const n = everyone().length;
  opener.textContent = n ? 'Remarks ' + n : 'Remarks';
}
function part(r, now) {
  if (r.hotspot) return 'on ' + (now.hotspots.find(h => h.id === r.hotspot)?.title || 'a hotspot');
  if (r.link) return 'on a link';
  if (!r.step) return '';
  const n = r.step.events.length;
  return n === 0 ? 'as it begins' : n === 1 ? 'after 1 step' : 'after ' + n + ' steps';
}
function labelled(label, field, into) {
  const l = $('label', '', into);
  $('span', '', l).textContent = label;
  l.append(field);
  return field;
}
function card(r, now, into) {
  const own = mine.remarks.includes(r);
  const c = $('article', own ? 'card own' : 'card', into);
  $('p', '', c).textContent = r.words;
  const told = [r.by, r.made.slice(0, 10), part(r, now)].filter(t => t);
  $('small', '', c).textContent = told.join(' · ');
  if (own) {
    const line = $('div', 'line', c);
    const change = $('button', '', line);
    change.textContent = 'Change';
    change.onclick = () => { Object.assign(draft, { words: r.words, changes: r.id }); panelOf(); pane.querySelector('textarea').focus(); };
    const away = $('button', '', line);
    away.textContent = 'Remove';
    away.onclick = () => {
      mine.remarks.splice(mine.remarks.indexOf(r), 1);
      if (draft.changes === r.id) Object.assign(draft, { words: '', changes: null });
      changed();
    };
  }
}
function changed() {
  mine.saved = mine.remarks.length === 0;
  keep();
  panelOf();
}
function fresh() {
  return 'r-' + Array.from(crypto.getRandomValues(new Uint8Array(10)), b => b.toString(16).padStart(2, '0')).join('');
}
function panelOf() {
  count();
  if (pane.hidden || !seen) return;
  const now = JSON.parse(here());
  shownFor = now.screen;
  const focused = pane.contains(document.activeElement) ? document.activeElement.className : null;
  pane.replaceChildren();
  $('h2', '', pane).textContent = now.title;
  const all = everyone();
  const on = all.filter(r => r.screen === now.screen);
  on.forEach(r => card(r, now, pane));
  if (!on.length) $('p', 'none', pane).textContent = 'No remark here yet.';
  const write = $('form', '', pane);
  const words = labelled(draft.changes ? 'It says' : 'Your remark', $('textarea', 'words'), write);
  words.rows = 4;
  words.maxLength = 20000;
  words.value = draft.words;
  words.oninput = () => { draft.words = words.value; };
  words.onkeydown = e => { if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) write.requestSubmit(); };
  const where = $('select', 'where');
  const place = (value, title) => { const o = $('option', '', where); o.value = value; o.textContent = title; };
  if (now.step) place('step', 'this moment of the play');
  place('screen', 'the screen');
  now.hotspots.forEach(h => place('hotspot ' + h.id, h.title));
  where.value = draft.on;
  if (!where.value) where.value = now.step ? 'step' : 'screen';
  where.onchange = () => { draft.on = where.value; };
  if (!draft.changes) labelled('Pinned to', where, write);
  const name = labelled('Your name', $('input', 'name'), write);
  name.value = by;
  name.maxLength = 100;
  name.oninput = () => { by = name.value; keep(); };
  const line = $('div', 'line', write);
  const pin = $('button', 'main', line);
  pin.textContent = draft.changes ? 'Change it' : 'Pin it';
  if (draft.changes) {
    const leave = $('button', '', line);
    leave.type = 'button';
    leave.textContent = 'Leave it';
    leave.onclick = () => { Object.assign(draft, { words: '', changes: null }); panelOf(); };
  }
  write.onsubmit = e => {
    e.preventDefault();
    const text = words.value.trim();
    if (!text) { words.focus(); return; }
    const made = new Date().toISOString().replace(/\.\d+Z/, 'Z');
    const then = JSON.parse(here());
    const old = mine.remarks.find(r => r.id === draft.changes);
    if (old) {
      Object.assign(old, { words: text, made, by: by.trim() });
    } else {
      const r = { id: fresh(), screen: then.screen, words: text, by: by.trim(), made };
      if (where.value === 'step') r.step = then.step;
      else if (where.value.startsWith('hotspot ')) r.hotspot = where.value.slice(8);
      mine.remarks.push(r);
    }
    Object.assign(draft, { words: '', changes: null });
    changed();
    pane.querySelector('textarea').focus();
  };
  const foot = $('div', 'foot', pane);
  const others = new Map();
  all.filter(r => r.screen !== now.screen).forEach(r => others.set(r.screen, (others.get(r.screen) || 0) + 1));
  if (others.size) {
    const list = [...others].map(([id, n]) => (pinned.titles[id] || 'a screen that is gone') + (n > 1 ? ' (' + n + ')' : ''));
    $('p', 'none', foot).textContent = 'Also on ' + list.join(', ');
  }
  if (mine.remarks.length) {
    const n = mine.remarks.length;
    const save = $('button', mine.saved ? '' : 'main', foot);
    save.textContent = n === 1 ? 'Save your remark' : 'Save your ' + n + ' remarks';
    save.onclick = () => {
      const text = JSON.stringify({ format: 'pandel-remarks/1', title: pinned.title, remarks: mine.remarks }, null, 2);
      const a = document.createElement('a');
      a.href = URL.createObjectURL(new Blob([text + '\n'], { type: 'application/json' }));
      a.download = ((pinned.title + ' remarks').replace(/[\\/:*?"<>|\x00-\x1f]+/g, ' ').trim() || 'remarks') + '.json';
      a.click();
      setTimeout(() => URL.revokeObjectURL(a.href), 10000);
      mine.saved = true;
      keep();
      panelOf();
    };
    $('p', 'none', foot).textContent = 'Send that file to whoever gave you this page.';
  }
  if (focused) pane.querySelector('.' + focused.split(' ')[0])?.focus({ preventScroll: true });
  pins(on);
}
// While one writes, the play may go on: what is written stays, and where it is pinned is told when it is.
let shownFor = '';
function keepUp() {
  if (pane.hidden) return;
  const now = JSON.parse(here());
  if (shownFor === now.screen && pane.contains(document.activeElement)) {
    pins(everyone().filter(r => r.screen === now.screen));
    return;
  }
  panelOf();
}
// What a remark is pinned to is outlined.
function pins(on) {
  document.querySelectorAll('.device .pin').forEach(p => p.remove());
  if (pane.hidden) return;
  const ids = new Set(on.map(r => r.hotspot).filter(h => h));
  document.querySelectorAll('.device .touch').forEach(t => {
    const named = /^hotspot \d+ (.*)$/s.exec(t.dataset.touch);
    if (!named || !ids.has(named[1])) return;
    const p = $('div', 'pin', touches);
    for (const side of ['left', 'top', 'width', 'height']) p.style[side] = t.style[side];
  });
}
opener.onclick = () => {
  pane.hidden = !pane.hidden;
  opener.setAttribute('aria-expanded', !pane.hidden);
  fit();
  panelOf();
  if (pane.hidden) pins([]);
  if (!pane.hidden) pane.querySelector('textarea').focus();
};
pane.addEventListener('keydown', e => {
  e.stopPropagation();
  if (e.key === 'Escape') { opener.click(); opener.focus(); }
});
addEventListener('beforeunload', e => {
  // Where the browser keeps them nothing is lost by leaving.
  let lasts = true;
  try { lasts = localStorage.getItem(KEPT) !== null; } catch { lasts = false; }
  if (!mine.saved && !lasts) e.preventDefault();
});
count();
