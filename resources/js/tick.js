import { say } from './blanks.js';

// How many cuts are ticked is told as they are, those on other pages included.
const count = (by) => {
    const ticked = document.getElementById('ticked');
    ticked.textContent = Number(ticked.textContent) + by;
};

document.addEventListener('change', (event) => {
    if (event.target.matches('[data-tick]')) {
        count(event.target.checked ? 1 : -1);
    }
});

// A tick that was not taken does not stay in its box.
document.addEventListener('htmx:afterRequest', (event) => {
    const box = event.detail.elt.querySelector?.('[data-tick]');
    const status = event.detail.xhr.status;
    if (box && (status < 200 || status >= 400)) {
        box.checked = !box.checked;
        count(box.checked ? 1 : -1);
        say(event.detail.xhr.responseText || 'Davrin does not answer, so this was not ticked. When it is back, tick it again.');
    }
});
