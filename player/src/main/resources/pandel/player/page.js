// Draws what the player tells, and tells it what is done. It decides nothing about the prototype.
const data = JSON.parse(document.getElementById('prototype').textContent);
read(data.words, data.cells);
let told = JSON.parse(about());
const $ = (tag, cls, into) => {
  const e = document.createElement(tag);
  if (cls) e.className = cls;
  if (into) into.append(e);
  return e;
};
const room = document.querySelector('.room');
const device = $('div', 'device', room);
device.tabIndex = 0;
device.setAttribute('role', 'application');
const layers = $('div', 'pages', device);
const over = $('div', 'bars', device);
const touches = $('div', 'bars', device);
const tell = document.querySelector('.told');
const still = matchMedia('(prefers-reduced-motion: reduce)');

// Pictures are kept as text and become pictures when they are near.
const blobs = new Map();
function picture(content) {
  if (!blobs.has(content)) {
    if (data.version) return 'p/' + content;
    const kept = document.getElementById('p-' + content);
    if (!kept) return '';
    const bytes = Uint8Array.from(atob(kept.textContent.trim()), c => c.charCodeAt(0));
    blobs.set(content, URL.createObjectURL(new Blob([bytes], { type: kept.dataset.type })));
  }
  return blobs.get(content);
}

function stand(e, at) {
  e.style.left = at.x + 'px';
  e.style.top = at.y + 'px';
  e.style.width = at.w + 'px';
  e.style.height = at.h + 'px';
  return e;
}

const SVG = 'http://www.w3.org/2000/svg';
function sign(name, ink, into) {
  const shape = data.signs[name];
  if (!shape) return;
  if (shape.picture) {
    const i = $('i', '', into);
    const url = 'url(' + picture(shape.picture) + ')';
    if (shape.plain) {
      i.style.background = ink;
      i.style.mask = url + ' center / contain no-repeat';
    } else {
      i.style.background = url + ' center / contain no-repeat';
    }
    return;
  }
  const svg = document.createElementNS(SVG, 'svg');
  svg.setAttribute('viewBox', shape.box);
  svg.setAttribute('aria-hidden', 'true');
  const path = document.createElementNS(SVG, 'path');
  path.setAttribute('d', shape.path);
  if (shape.line) {
    path.setAttribute('fill', 'none');
    path.setAttribute('stroke', ink);
    path.setAttribute('stroke-width', '1.6');
  } else {
    path.setAttribute('fill', ink);
  }
  svg.append(path);
  into.append(svg);
}

function mark(m, into, from) {
  const e = stand($('div', 'mark', into), { x: m.at.x - from.x, y: m.at.y - from.y, w: m.at.w, h: m.at.h });
  if (m.opacity < 1) e.style.opacity = m.opacity;
  if (m.kind === 'box') {
    e.style.background = m.ink;
    if (m.round) e.style.borderRadius = m.round + 'px';
  } else if (m.kind === 'ring') {
    e.style.border = '1.5px solid ' + m.ink;
    e.style.borderRadius = '50%';
  } else if (m.kind === 'words') {
    e.classList.add(m.align);
    if (m.strong) e.classList.add('strong');
    if (m.wraps) e.classList.add('wraps');
    e.style.color = m.ink;
    e.style.fontSize = m.px + 'px';
    $('span', '', e).textContent = m.words;
  } else if (m.kind === 'sign') {
    sign(m.words, m.ink, e);
  } else {
    const img = $('img', '', e);
    img.alt = '';
    img.draggable = false;
    img.src = picture(m.words);
    e.style.overflow = 'hidden';
    img.style.width = '100%';
  }
}

function panel(p, into) {
  const e = stand($('div', 'panel', into), p.at);
  p.marks.forEach(m => mark(m, e, p.at));
  return e;
}

// One mock: its picture, or its title, with the words laid on it.
function mock(page) {
  const e = $('div', 'mock');
  e.style.width = page.at.w + 'px';
  e.style.height = page.at.h + 'px';
  const url = page.picture && picture(page.picture);
  if (url) {
    const img = $('img', '', e);
    img.alt = '';
    img.draggable = false;
    img.src = url;
  } else {
    $('div', 'name', e).textContent = page.title;
  }
  page.marks.forEach(m => mark(m, e, { x: 0, y: 0 }));
  return e;
}

class Level {
  constructor(seen) {
    this.key = seen.key;
    this.node = $('div', 'level');
    this.shade = $('div', 'shade', this.node);
    this.page = $('div', 'page', this.node);
    this.show(seen);
  }
  show(seen) {
    const pageSame = this.seen && JSON.stringify(this.seen.page.marks) === JSON.stringify(seen.page.marks)
      && this.seen.page.picture === seen.page.picture && this.seen.page.at.w === seen.page.at.w;
    this.seen = seen;
    this.shade.style.opacity = seen.overlay ? seen.shade / 100 : 0;
    const p = seen.page;
    if (!pageSame) {
      this.mock = mock(p);
      this.stills = [];
      const parts = [this.mock];
      for (const [high, from] of [[p.top, 0], [p.foot, p.at.h - p.foot]]) {
        if (!high) continue;
        const cut = $('div', 'cut');
        cut.style.overflow = 'hidden';
        const copy = mock(p);
        copy.style.top = -from + 'px';
        cut.append(copy);
        this.stills.push([cut, high, from]);
        parts.push(cut);
      }
      this.page.replaceChildren(...parts);
    }
    stand(this.mock, p.at);
    this.mock.style.clipPath = p.hidden > 0 ? `inset(${p.hidden}px 0 0 0)` : '';
    for (const [cut, high, from] of this.stills) {
      stand(cut, { x: p.at.x, y: (from ? p.footAt + from : p.topAt), w: p.at.w, h: high });
    }
    this.page.style.clipPath = '';
    for (const old of [this.foot, this.bars, this.head, this.list, this.side]) old?.remove();
    this.foot = $('div', 'bars', this.node);
    seen.foot.marks.forEach(m => mark(m, this.foot, { x: 0, y: 0 }));
    this.bars = $('div', 'bars', this.node);
    seen.strips.forEach(s => panel(s, this.bars));
    this.head = $('div', 'bars', this.node);
    if (seen.header) panel(seen.header, this.head);
    this.side = $('div', 'bars', this.node);
    if (seen.list) {
      const list = new Level(seen.list);
      list.node.style.clipPath = `inset(0 ${this.seen.room.x + this.seen.room.w - seen.list.room.x - seen.list.room.w}px 0 0)`;
      this.list = list.node;
      const rule = $('div', '', list.node);
      stand(rule, { x: seen.list.room.x + seen.list.room.w - 1, y: 0, w: 1, h: seen.list.room.h });
      rule.style.background = '#cfd6d6';
      this.node.append(this.list);
    }
    seen.staying.forEach(s => panel(s, this.side));
  }
  // What moves with its page.
  moved() { return [this.page, this.foot, this.bars, this.head]; }
}

// Told after whatever is shown.
let whenShown = () => {};
let levels = [];
let seen = null;
let scale = 1;
let running = null;

function finish() {
  if (!running) return;
  const end = running;
  running = null;
  end();
}

// The picture catches up; what was done is done.
function show(answered, pulled) {
  finish();
  const before = levels;
  const was = seen;
  seen = answered.seen;
  levels = seen.levels.map((l, i) => {
    if (before[i] && before[i].key === l.key) {
      before[i].show(l);
      return before[i];
    }
    return new Level(l);
  });
  const leaving = before.filter(l => !levels.includes(l));
  const arriving = levels.filter(l => !before.includes(l));
  size();
  document.querySelector('.now').textContent = seen.title;
  device.setAttribute('aria-label', seen.title);
  drawOver(was);
  const motion = answered.motion;
  const moves = motion && motion.kind !== 'none' && motion.ms > 0 && !still.matches && leaving.length + arriving.length > 0
    && !levels.some(l => l.seen.list);
  if (moves) {
    move(motion, leaving, arriving, pulled || 0);
  } else {
    layers.replaceChildren(...levels.map(l => l.node));
    rest();
  }
  tell.textContent = answered.told || '';
  if (answered.asks) ask(answered.asks); else document.querySelector('.ask')?.remove();
  if (answered.types) type(answered.types, answered.typed);
  else if (field && field.dataset.screen !== seen.levels.at(-1).key) closeField();
  ended();
  touchable();
  keepUp();
  whenShown();
  later();
}

function rest() {
  for (const l of levels) for (const part of l.moved()) { part.style.transform = ''; part.style.opacity = ''; }
}

function easing(css) {
  return CSS.supports('transition-timing-function', css) ? css : 'linear';
}

function move(motion, leaving, arriving, begun) {
  const back = motion.backward;
  const w = seen.width, h = seen.height;
  const order = levels.map(l => l.node);
  order.splice(back ? order.length : Math.max(0, order.length - arriving.length), 0, ...leaving.map(l => l.node));
  layers.replaceChildren(...order);
  const along = { duration: motion.ms, easing: easing(motion.easing), fill: 'both' };
  const moving = back ? leaving : arriving;
  const other = back ? arriving : leaving;
  const all = [];
  const go = (e, from, to) => all.push(e.animate([from, to], along));
  const shared = l => (back ? arriving : leaving).concat(back ? leaving : arriving)
    .some(o => o !== l && o.seen.sets && o.seen.sets === l.seen.sets);
  const inOneSequence = l => leaving.concat(arriving).some(o => o !== l && o.seen.sequence && o.seen.sequence === l.seen.sequence);
  // Strips and the signs of a sequence stay where they are while what is behind them changes.
  const parts = l => [l.page, l.head, ...(shared(l) ? [] : [l.bars]), ...(inOneSequence(l) ? [] : [l.foot])];
  leaving.filter(inOneSequence).forEach(l => { l.foot.style.visibility = 'hidden'; });
  for (const l of moving) {
    const way = motion.direction === 'right' ? -w : w;
    for (const part of parts(l)) {
      const shift = (x, y) => ({ transform: `translate(${x}px,${y}px)` });
      if (motion.kind === 'slide along' || motion.kind === 'slide across') {
        go(part, shift(back ? 0 : way + begun, 0), shift(back ? way : 0, 0));
      } else if (motion.kind === 'rise') {
        go(part, shift(0, back ? 0 : h), shift(0, back ? h : 0));
      } else if (motion.kind === 'grow') {
        part.style.transformOrigin = '50% 50%';
        const small = { transform: 'scale(.6)', opacity: 0 }, whole = { transform: 'scale(1)', opacity: 1 };
        go(part, back ? whole : small, back ? small : whole);
      } else {
        go(part, { opacity: back ? 1 : 0 }, { opacity: back ? 0 : 1 });
      }
    }
    if (l.seen.overlay) {
      const dim = l.seen.shade / 100;
      all.push(l.shade.animate([{ opacity: back ? dim : 0 }, { opacity: back ? 0 : dim }], { duration: motion.ms, fill: 'both' }));
    }
  }
  if (motion.kind === 'slide along') {
    const away = motion.direction === 'right' ? w : -w;
    for (const l of other.filter(o => !o.seen.overlay)) {
      for (const part of parts(l)) {
        go(part, { transform: `translateX(${back ? away : begun}px)` }, { transform: `translateX(${back ? 0 : away}px)` });
      }
    }
  }
  const mine = () => {
    all.forEach(a => a.cancel());
    layers.replaceChildren(...levels.map(l => l.node));
    rest();
  };
  running = mine;
  Promise.all(all.map(a => a.finished)).then(() => { if (running === mine) finish(); }, () => {});
}

// The drawer that comes and goes, what is listed, what is said, what is at work.
let drawer = null;
function makeDrawer(d) {
  const e = { seen: d, shade: $('div', 'shade'), panel: $('div', 'cut') };
  e.shade.style.opacity = 0;
  const held = panel(d.held, e.panel);
  if (d.shadow) held.style.boxShadow = `0 0 ${d.shadow}px rgba(16,24,28,.4)`;
  if (d.round) held.style.borderRadius = d.round + 'px';
  const rows = stand($('div', 'panel'), d.rows.at);
  const inner = $('div', 'cut', rows);
  d.rows.marks.forEach(m => mark(m, inner, d.rows.at));
  inner.style.transform = `translateY(${-d.rolled}px)`;
  held.after(rows);
  if (d.round) { rows.style.borderRadius = d.round + 'px'; }
  return e;
}
function drawerAt(d, out) {
  const inwards = d.seen.right ? -1 : 1;
  const way = inwards * d.seen.wide * out;
  const page = levels.at(-1);
  d.out = out;
  const reveals = d.seen.moves === 'reveals';
  const moving = reveals || d.seen.moves === 'shifts';
  const shrunk = reveals ? 1 - (1 - d.seen.shrinks / 100) * out : 1;
  const slack = -inwards * seen.width * (1 - shrunk) / 2;
  const x = moving ? way + inwards * d.seen.rests * out + slack : 0;
  page.node.style.transform = d.shade.style.transform = x || shrunk !== 1 ? `translateX(${x}px) scale(${shrunk})` : '';
  d.panel.style.transform = `translateX(${reveals ? 0 : way - inwards * d.seen.wide}px)`;
  d.shade.style.opacity = d.seen.shade / 100 * out;
}
function standDrawer(d) {
  if (d.seen.moves === 'reveals') {
    const page = levels.at(-1).node;
    layers.style.background = d.seen.ground;
    if (page.parentNode === layers) layers.insertBefore(d.panel, page); else layers.prepend(d.panel);
    over.prepend(d.shade);
  } else {
    over.prepend(d.shade, d.panel);
  }
}
function dropDrawer() {
  if (!drawer) return;
  drawer.panel.remove();
  drawer.shade.remove();
  layers.style.background = '';
  levels.forEach(l => { l.node.style.transform = ''; });
  drawer = null;
}
function slideDrawer(to, then) {
  const d = drawer, from = d.out || 0;
  const ms = still.matches ? 0 : d.seen.ms * Math.abs(to - from);
  const start = performance.now();
  const mine = () => { drawerAt(d, to); if (then) then(); };
  running = mine;
  const frame = t => {
    if (running !== mine) return;
    const part = ms ? Math.min(1, (t - start) / ms) : 1;
    if (part >= 1) { finish(); return; }
    drawerAt(d, from + (to - from) * (1 - (1 - part) ** 2));
    requestAnimationFrame(frame);
  };
  if (ms) requestAnimationFrame(frame); else finish();
}

function drawOver(was) {
  const next = seen.drawer;
  over.querySelectorAll(':scope > .once').forEach(e => e.remove());
  if (next && drawer && drawer.seen.id === next.id) {
    const out = drawer.out;
    drawer.panel.remove();
    drawer.shade.remove();
    drawer = makeDrawer(next);
    queueMicrotask(() => { standDrawer(drawer); drawerAt(drawer, out); if (out < 1) slideDrawer(1); });
  } else if (next) {
    dropDrawer();
    drawer = makeDrawer(next);
    queueMicrotask(() => { standDrawer(drawer); drawerAt(drawer, 0); slideDrawer(1); });
  } else if (drawer) {
    const top = was && was.levels.at(-1).key === seen.levels.at(-1).key;
    if (top) queueMicrotask(() => { if (drawer) { standDrawer(drawer); slideDrawer(0, dropDrawer); } });
    else dropDrawer();
  }
  if (seen.listed) panel(seen.listed, over).classList.add('once');
  if (seen.notice) {
    const n = $('div', 'notice once', over);
    n.setAttribute('role', 'status');
    $('span', '', n).textContent = seen.notice.words;
    if (seen.notice.action) {
      const b = $('button', '', n);
      b.textContent = seen.notice.action;
      b.onclick = e => { e.stopPropagation(); say(press(seen.notice.touch)); };
    }
    n.onclick = () => say(press('notice'));
    n.onpointerdown = e => e.stopPropagation();
    n.onpointerup = e => e.stopPropagation();
  }
  if (seen.busy) {
    const b = $('div', 'busy once', over);
    b.setAttribute('role', 'status');
    b.setAttribute('aria-label', 'At work');
    b.style.left = seen.busy.x + 'px';
    b.style.top = seen.busy.y + 'px';
    for (let i = 0; i < 4; i++) $('i', '', b);
  }
}

// What can be touched, for keys and for who does not see it.
let bringing = false;
function touchable() {
  const top = seen.levels.at(-1);
  const all = seen.drawer
    ? [...seen.drawer.rows.touches, ...seen.drawer.held.touches]
    : [...(top.header ? top.header.touches : []), ...(seen.listed ? seen.listed.touches : []), ...top.touches,
       ...top.foot.touches, ...top.strips.flatMap(s => s.touches), ...top.staying.flatMap(s => s.touches)];
  const focused = document.activeElement?.dataset?.touch;
  touches.replaceChildren(...all.map(t => {
    const b = stand($('button', 'touch'), t.at);
    b.type = 'button';
    b.setAttribute('role', t.role);
    b.setAttribute('aria-label', t.label);
    if (t.role === 'tab') b.setAttribute('aria-selected', t.chosen);
    else if (t.chosen) b.setAttribute('aria-current', 'true');
    b.dataset.touch = t.touch;
    // What is come to by key is brought into sight.
    b.onfocus = () => {
      const low = t.at.y + t.at.h - seen.height;
      if (bringing || seen.drawer || low <= 0 && t.at.y >= 0) return;
      // Drawn anew it takes the focus again, and may still not be wholly in sight.
      bringing = true;
      say(scroll(low > 0 ? low : t.at.y, seen.width - 1, seen.height / 2));
      bringing = false;
    };
    b.onclick = () => {
      if (t.touch.startsWith('field ')) {
        say(touch('tap', t.at.x + t.at.w / 2, t.at.y + t.at.h / 2));
      } else {
        say(press(t.touch));
      }
    };
    return b;
  }));
  if (focused) touches.querySelector(`[data-touch="${CSS.escape(focused)}"]`)?.focus({ preventScroll: true });
}

let field = null;
function closeField() {
  const f = field;
  field = null;
  if (!f) return;
  const focused = document.activeElement === f;
  f.remove();
  if (focused) device.focus({ preventScroll: true });
}
function type(at, text) {
  closeField();
  const f = stand($('input', 'field', device), at.at);
  field = f;
  f.value = text;
  f.dataset.screen = seen.levels.at(-1).key;
  f.style.fontSize = Math.min(18, at.at.h * 0.42) + 'px';
  f.setAttribute('aria-label', 'What is typed in the field');
  f.oninput = () => quietly(typed(at.id, f.value));
  f.onkeydown = e => {
    e.stopPropagation();
    if (e.key === 'Enter') { closeField(); say(submit(at.id)); }
    if (e.key === 'Escape') closeField();
  };
  f.onblur = () => { if (field === f) closeField(); };
  for (const kind of ['pointerdown', 'pointerup', 'pointermove']) f.addEventListener(kind, e => e.stopPropagation());
  f.focus({ preventScroll: true });
}
// Typing goes on in the field that is open.
function quietly(json) {
  if (json) show(JSON.parse(json));
}

function ask(asks) {
  document.querySelector('.ask')?.remove();
  const box = $('div', 'ask', room);
  box.setAttribute('role', 'dialog');
  box.setAttribute('aria-label', 'How does it turn out?');
  $('h2', '', box).textContent = asks.what + ': how does it turn out?';
  const keep = $('input');
  keep.type = 'checkbox';
  asks.outcomes.forEach((outcome, i) => {
    const b = $('button', '', box);
    $('b', '', b).textContent = i + 1;
    b.append(outcome);
    b.onclick = () => { box.remove(); say(turn(outcome, keep.checked)); device.focus({ preventScroll: true }); };
  });
  const label = $('label', '', box);
  label.append(keep, 'Always this one, unasked');
  const leave = $('button', 'leave', box);
  leave.textContent = 'Leave it open';
  leave.onclick = () => { box.remove(); say(leaveOpen()); device.focus({ preventScroll: true }); };
  box.onkeydown = e => {
    e.stopPropagation();
    const n = Number(e.key);
    if (n >= 1 && n <= asks.outcomes.length) box.querySelectorAll('button')[n - 1].click();
    if (e.key === 'Escape') leave.click();
  };
  box.querySelector('button').focus();
}

function ended() {
  document.querySelector('.end')?.remove();
  if (!seen.left) return;
  const box = $('div', 'end', room);
  box.setAttribute('role', 'dialog');
  $('h2', '', box).textContent = 'It was left.';
  const b = $('button', '', box);
  b.textContent = 'Start over';
  b.onclick = () => say(startOver());
  b.focus();
}

function ring(x, y) {
  const r = $('div', 'ring', device);
  r.style.left = x + 'px';
  r.style.top = y + 'px';
  r.animate([{ transform: 'scale(1)', opacity: 1 }, { transform: 'scale(5.5)', opacity: 0 }], { duration: 900, easing: 'ease-out' })
    .onfinish = () => r.remove();
}

function say(json, x, y, pulled) {
  if (!json) return null;
  const answered = JSON.parse(json);
  show(answered, pulled);
  if (answered.ring && x !== undefined) ring(x, y);
  return answered;
}

// Time is told while something waits for it.
let last = performance.now();
let ticking = 0;
function later() {
  last = performance.now();
  if (!ticking) ticking = setInterval(() => {
    const now = performance.now();
    const ms = Math.round(now - last);
    // Nothing goes on behind the back of who looks elsewhere or writes.
    if (document.hidden || document.activeElement?.closest('.remarks')) { last = now; return; }
    if (ms < 1) return;
    last = now;
    say(passed(ms));
  }, 50);
}

// Gestures.
const LONG = 500, SECOND = 280, FAR = 24, EDGE = 10, TURNS = 0.25, QUICK = 300;
let down = null, second = null;
const at = e => {
  const box = device.getBoundingClientRect();
  return { x: (e.clientX - box.left) / scale, y: (e.clientY - box.top) / scale };
};
device.addEventListener('pointerdown', e => {
  if (e.target.closest('.field,.notice')) return;
  device.focus({ preventScroll: true });
  if (down) return;
  const p = at(e);
  device.setPointerCapture(e.pointerId);
  down = { ...p, id: e.pointerId, since: performance.now(), button: e.button, dx: 0, dy: 0 };
  if (e.button === 0) {
    answerTo(p);
    down.long = setTimeout(() => {
      if (down && answers('long press', p.x, p.y)) { down.taken = true; unanswer(); say(touch('long press', p.x, p.y), p.x, p.y); }
    }, LONG);
  }
});
device.addEventListener('pointermove', e => {
  const p = at(e);
  if (!down) {
    if (e.pointerType === 'mouse') say(hover(p.x, p.y));
    return;
  }
  if (e.pointerId !== down.id || down.taken || down.button !== 0) return;
  down.dx = p.x - down.x;
  down.dy = p.y - down.y;
  const far = Math.hypot(down.dx, down.dy) * scale;
  if (far > FAR / 2) { clearTimeout(down.long); unanswer(); }
  if (down.follows) { follow(); return; }
  if (far < FAR / 4) return;
  const fromEdge = down.x * scale < EDGE || down.x * scale > seen.width * scale - EDGE;
  if (Math.abs(down.dx) > Math.abs(down.dy)) {
    const onward = down.dx < 0;
    const f = follows(down.x, down.y, onward);
    const found = f && JSON.parse(f);
    if (found && (!fromEdge || found.drawer)) beginFollowing(found, onward);
  } else if (!down.scrolls) {
    const lift = lifts(down.x, down.y);
    if (lift) down.follows = { lift: JSON.parse(lift) };
    else if (e.pointerType !== 'mouse' && !answers('swipe up', down.x, down.y) && !answers('swipe down', down.x, down.y)) {
      down.scrolls = { y: down.y };
    }
    if (down.follows) follow();
  }
  if (down && down.scrolls) {
    const by = down.scrolls.y - p.y;
    down.scrolls.y = p.y;
    if (by) { down.scrolls.moved = true; say(scroll(by, down.x, down.y)); }
  }
});
function beginFollowing(found, onward) {
  finish();
  if (found.drawer) {
    if (found.out) { drawer = makeDrawer(found.drawer); standDrawer(drawer); drawerAt(drawer, 0); }
    if (!drawer) return;
    down.follows = { drawer: true, out: found.out, onward };
  } else {
    const beside = found.page ? new Level(found.page) : null;
    if (beside) layers.insertBefore(beside.node, levels.at(-1).node);
    down.follows = { page: true, onward, beside };
  }
  follow();
}
function follow() {
  const f = down.follows;
  if (f.drawer) {
    const inwards = drawer.seen.right ? -1 : 1;
    const part = inwards * down.dx / drawer.seen.wide;
    drawerAt(drawer, Math.max(0, Math.min(1, f.out ? part : 1 + part)));
  } else if (f.page) {
    const w = seen.width;
    let by = down.dx;
    if (by < 0 !== f.onward) by = 0;
    by = f.beside ? Math.max(-w, Math.min(w, by)) : by / 4;
    f.by = by;
    const top = levels.at(-1);
    [top.page, top.head].forEach(part => { part.style.transform = `translateX(${by}px)`; });
    if (f.beside) {
      f.beside.bars.style.visibility = f.beside.foot.style.visibility = 'hidden';
      [f.beside.page, f.beside.head].forEach(part => { part.style.transform = `translateX(${by + (f.onward ? w : -w)}px)`; });
    }
  } else if (f.lift) {
    const l = f.lift;
    f.by = down.dy;
    const to = l.from - down.dy;
    levels.at(-1).page.style.transform = `translateY(${to < 0 && !l.away ? down.dy / 4 : down.dy}px)`;
  }
}
function letGo(quick) {
  const d = down, f = d.follows;
  down = null;
  const top = levels.at(-1);
  if (f.drawer) {
    const enough = quick && Math.abs(d.dx) * scale > FAR || (f.out ? drawer.out > .5 : drawer.out < .5);
    if (enough) say(release(d.x, d.y, f.onward), d.x, d.y);
    else slideDrawer(f.out ? 0 : 1, f.out ? dropDrawer : undefined);
  } else if (f.page) {
    f.beside?.node.remove();
    const turned = Math.abs(d.dx) > seen.width * TURNS || quick && Math.abs(d.dx) * scale > FAR;
    [top.page, top.head].forEach(part => { part.style.transform = ''; });
    if (turned && d.dx < 0 === f.onward) say(touch(f.onward ? 'swipe left' : 'swipe right', d.x, d.y), d.x, d.y, f.by);
    else if (f.by) top.page.animate([{ transform: `translateX(${f.by}px)` }, { transform: 'none' }], { duration: 180, easing: 'ease-out' });
  } else {
    top.page.style.transform = '';
    const l = f.lift, to = l.from - d.dy;
    const thrown = quick && Math.abs(d.dy) * scale > FAR;
    if (d.dy > 0 && l.from === 0 && l.away && (thrown || d.dy > seen.height / 5)) say(press('away'), d.x, d.y);
    else if (to <= 0) say(scrollTo(0));
    else if (to < l.rise) say(scrollTo(d.dy < 0 ? l.rise : 0));
    else say(scrollTo(Math.min(l.most, to)));
  }
}
function up(e) {
  if (!down || e.pointerId !== down.id) return;
  const d = down;
  clearTimeout(d.long);
  unanswer();
  const quick = performance.now() - d.since < QUICK;
  if (e.type === 'pointercancel') { if (d.follows) { down.dx = down.dy = 0; letGo(false); } down = null; return; }
  if (d.follows) { letGo(quick); return; }
  down = null;
  if (d.taken || d.scrolls?.moved) return;
  const p = at(e), dx = p.x - d.x, dy = p.y - d.y;
  if (d.button === 2) {
    say(touch('secondary press', d.x, d.y), d.x, d.y);
  } else if (d.button !== 0) {
    return;
  } else if (Math.hypot(dx, dy) * scale > FAR) {
    say(touch(swipe(d, dx, dy), d.x, d.y), d.x, d.y);
  } else if (second) {
    clearTimeout(second);
    second = null;
    say(touch('double tap', d.x, d.y), d.x, d.y);
  } else if (answers('double tap', d.x, d.y)) {
    second = setTimeout(() => { second = null; say(touch('tap', d.x, d.y), d.x, d.y); }, SECOND);
  } else {
    say(touch('tap', d.x, d.y), d.x, d.y);
  }
}
device.addEventListener('pointerup', up);
device.addEventListener('pointercancel', up);
function swipe(d, dx, dy) {
  if (Math.abs(dx) <= Math.abs(dy)) return dy < 0 ? 'swipe up' : 'swipe down';
  if (dx > 0) return d.x * scale < EDGE ? 'edge swipe left' : 'swipe right';
  return d.x * scale > seen.width * scale - EDGE ? 'edge swipe right' : 'swipe left';
}
// What answers is dimmed while it is touched.
let answer = null;
function answerTo(p) {
  const json = answering(p.x, p.y);
  if (!json) return;
  const a = JSON.parse(json);
  answer = stand($('div', 'answer', over), a.at);
  if (a.how === 'outline') { answer.style.background = 'none'; answer.style.boxShadow = 'inset 0 0 0 3px rgba(28,37,41,.6)'; }
}
function unanswer() { answer?.remove(); answer = null; }

device.addEventListener('contextmenu', e => e.preventDefault());
device.addEventListener('wheel', e => {
  e.preventDefault();
  const p = at(e);
  const lines = e.deltaMode === 1 ? 16 : 1;
  say(scroll((Math.abs(e.deltaY) > Math.abs(e.deltaX) ? e.deltaY : e.deltaX) * lines / scale, p.x, p.y));
}, { passive: false });
addEventListener('keydown', e => {
  if (e.target.closest('input,select,.ask,.end,.head') || e.ctrlKey || e.metaKey || e.altKey) return;
  if (e.target.classList.contains('touch') && (e.key === 'Enter' || e.key === ' ' || e.key === 'Tab')) return;
  if (e.key === 'Escape' && seen.drawer) { say(press('outside')); return; }
  if (say(key(e.key.length === 1 ? e.key.toUpperCase() : KEYS[e.key] || e.key))) { e.preventDefault(); return; }
  const page = { ArrowDown: 60, ArrowUp: -60, PageDown: seen.height * .8, PageUp: -seen.height * .8 }[e.key];
  if (page) { e.preventDefault(); say(scroll(page, seen.width / 2, seen.height / 2)); }
});
const KEYS = { ' ': 'Space', ArrowLeft: 'Left', ArrowRight: 'Right', ArrowUp: 'Up', ArrowDown: 'Down', Escape: 'Esc' };

// Sized to the window; on a phone the prototype's device is the phone.
let chosen = told.devices[0];
// A finger, and no more room than a phone has.
function phone() { return matchMedia('(pointer: coarse) and (max-width: 640px)').matches; }
function size() {
  document.body.classList.toggle('phone', phone());
  const box = room.getBoundingClientRect();
  if (!seen) return;
  const margin = phone() ? 0 : 12;
  scale = Math.min((box.width - 2 * margin) / seen.width, (box.height - 2 * margin) / seen.height);
  if (!phone()) scale = Math.min(scale, 2);
  device.style.width = seen.width + 'px';
  device.style.height = seen.height + 'px';
  const x = Math.round((box.width - seen.width * scale) / 2), y = Math.round((box.height - seen.height * scale) / 2);
  device.style.transform = `translate(${x}px,${Math.max(0, y)}px) scale(${scale})`;
}
function fit() {
  size();
  if (!phone() || !seen) return;
  // Nearly of the phone's shape it is seen whole; else it is as wide as it is, and as high as the phone is then.
  const box = room.getBoundingClientRect();
  const high = Math.round(chosen.width * box.height / box.width);
  const near = high / chosen.height;
  const to = near > 0.8 && near < 1.25 ? chosen.height : high;
  if (box.width < box.height && Math.abs(to - seen.height) > 1) say(resize(chosen.width, to));
}
addEventListener('resize', fit);

// The head: where it stands, the device, where it begins.
const devices = document.querySelector('.devices');
const starts = document.querySelector('.starts');
function offer(all, into) {
  const was = into.value;
  into.replaceChildren(...all.map(one => {
    const o = $('option');
    o.value = one.id;
    o.textContent = one.title;
    return o;
  }));
  into.hidden = all.length < 2;
  if (all.some(one => one.id === was)) into.value = was;
}
function head() {
  document.querySelector('h1').textContent = told.title;
  offer(told.devices, devices);
  offer(told.starts, starts);
}
head();
devices.onchange = () => { chosen = told.devices.find(d => d.id === devices.value); start(); device.focus(); };
starts.onchange = () => { history.replaceState(null, '', '#' + starts.value); say(beginAt(starts.value)); device.focus(); };
document.querySelector('.again').onclick = () => { say(startOver()); device.focus({ preventScroll: true }); };
const back = document.querySelector('.back');
back.onclick = () => { say(deviceBack()); device.focus({ preventScroll: true }); };

function where() {
  try { return decodeURIComponent(location.hash.slice(1)); } catch (e) { return ''; }
}
function start() {
  dropDrawer();
  levels = [];
  const json = begin(chosen.id, where());
  if (!json) {
    tell.textContent = 'It has no screen to begin with.';
    document.querySelector('.end')?.remove();
    return;
  }
  const told = say(json);
  back.hidden = !told.seen.back;
  starts.value = where();
  if (starts.selectedIndex < 0) starts.selectedIndex = 0;
  fit();
}
addEventListener('hashchange', () => say(beginAt(where())));
// The system's back is the device's, where it has one.
function keepBack() {
  try { history.pushState('device', '', location.href); } catch (e) { /* opened where there is no history */ }
}
addEventListener('popstate', () => {
  if (!seen || !seen.back || seen.left || history.state === 'device') return;
  keepBack();
  say(deviceBack());
});
