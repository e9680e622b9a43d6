// Runs charts: node run-scxml.js FOLDER. Of each N.scxml it sends the events of N.txt, a line each, and writes the states
// that are on after each into N.out.
const fs = require('fs');
const path = require('path');
const scxml = require('@scion-scxml/scxml');
const folder = process.argv[2];
for (const file of fs.readdirSync(folder).filter(f => f.endsWith('.scxml'))) {
  const name = path.join(folder, file);
  scxml.documentStringToModel(name, fs.readFileSync(name, 'utf8'), (wrong, model) => {
    if (wrong) throw wrong;
    model.prepare((wrong2, made) => {
      if (wrong2) throw wrong2;
      const chart = new scxml.core.Statechart(made);
      const out = [chart.start().join(' ')];
      for (const event of fs.readFileSync(name.replace(/scxml$/, 'txt'), 'utf8').split('\n').filter(e => e)) {
        chart.gen(event);
        out.push(chart.getConfiguration().join(' '));
      }
      fs.writeFileSync(name.replace(/scxml$/, 'out'), out.join('\n') + '\n');
    });
  });
}
