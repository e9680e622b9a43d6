// For comparing a play here with one elsewhere.
window.pandel = { read, trace };
start();
if (seen && seen.back) keepBack();
device.focus({ preventScroll: true });
