// Single letters are keys only while nothing is in focus, and only as long as nobody turned them off.
const OFF = 'davrin-letters-off';
const areLetters = () => document.activeElement === document.body && localStorage.getItem(OFF) === null;
const typing = (target) => target.matches('input, select, textarea');
const press = (selector) => document.querySelector(selector)?.click();

// Ties are walked with the arrow keys, in the order of their numbers; only one of them is a tab stop.
const walkTies = (event, tie) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step === undefined) {
        return;
    }
    const ties = [...document.querySelectorAll('[data-tie-link]')];
    const next = ties[(ties.indexOf(tie) + step + ties.length) % ties.length];
    ties.forEach((other) => other.setAttribute('tabindex', other === next ? '0' : '-1'));
    next.focus();
    event.preventDefault();
};

document.addEventListener('keydown', (event) => {
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key.toLowerCase() === 'z') {
        if (event.target.dataset?.pending === undefined) {
            event.preventDefault();
            press(event.shiftKey ? '[data-redo]' : '[data-undo]');
        }
    } else if (command && event.key.toLowerCase() === 'y') {
        event.preventDefault();
        press('[data-redo]');
    } else if (command || event.altKey || typing(event.target)) {
        return;
    } else if (areLetters() && event.key === '?') {
        press('[data-keys]');
    } else if (areLetters() && event.key === 'b') {
        press('[data-turn]');
    } else if (event.target.closest('[data-tie-link]')) {
        walkTies(event, event.target.closest('[data-tie-link]'));
    }
});

document.addEventListener('click', (event) => {
    if (event.target.closest('[data-keys]')) {
        event.preventDefault();
        document.getElementById('keys').showModal();
    }
    if (event.target.closest('[data-close-keys]')) {
        document.getElementById('keys').close();
    }
    // A link inside a drawing is not cancelled by itself when it is answered in place.
    if (event.target.closest('svg a[hx-get]')) {
        event.preventDefault();
    }
    // Only one figure is open at a time.
    const opened = event.target.closest('details.fact');
    document.querySelectorAll('details.fact[open]').forEach((fact) => fact !== opened && fact.removeAttribute('open'));
});

document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') {
        document.querySelectorAll('details.fact[open]').forEach((fact) => fact.removeAttribute('open'));
    }
});

const letters = () => document.querySelectorAll('[data-letters]');

letters().forEach((box) => {
    box.checked = localStorage.getItem(OFF) === null;
});

document.addEventListener('change', (event) => {
    if (event.target.matches('[data-letters]')) {
        event.target.checked ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, '1');
        letters().forEach((box) => {
            box.checked = event.target.checked;
        });
    }
});

// Back to what was typed, where there is a page behind this one.
document.addEventListener('click', (event) => {
    if (event.target.closest?.('[data-to-what-was-typed]') && history.length > 1) {
        event.preventDefault();
        history.back();
    }
});

// Choosing a file opens it; the button is for pages without script. One that is too large is not sent, and what stands beside it stays.
document.addEventListener('change', (event) => {
    const input = event.target;
    if (input.type !== 'file') {
        return;
    }
    const [file, most] = [input.files[0], Number(input.dataset.most ?? Infinity)];
    const megabytes = (bytes) => `${Math.ceil(bytes / 1e6)} MB`;
    input.setCustomValidity(file && file.size > most
        ? `${file.name} has ${megabytes(file.size)}, and here are taken up to ${megabytes(most)}. Save it smaller, and choose it again.`
        : '');
    if (!input.reportValidity()) {
        // The same file can be chosen again once it is smaller.
        input.value = '';
    } else if (input.matches('[data-opens-at-once]')) {
        input.form.submit();
    }
});
