import htmx from 'htmx.org';

const isBlank = (node) => node instanceof Element && node.matches('[data-blank]');
const editor = () => document.getElementById('editor');

/** What was typed and not yet answered must not be overwritten by the answer to something else. */
export const keepTyped = (node) => isBlank(node) && node.dataset.pending !== undefined;

const say = (sentence) => {
    const notice = document.getElementById('notice');
    notice.textContent = sentence;
    notice.hidden = sentence === '';
};

document.addEventListener('input', (event) => {
    if (isBlank(event.target)) {
        event.target.dataset.pending = '';
    }
});

document.addEventListener('focusin', (event) => {
    if (isBlank(event.target) && event.target.matches('input[type=text]')) {
        event.target.select();
    }
});

document.addEventListener('keydown', (event) => {
    const blank = event.target;
    if (!isBlank(blank) || blank.tagName !== 'INPUT') {
        return;
    }
    if (event.key === 'Enter') {
        // Enter writes the blank and stays in it; the form itself is only for pages without script.
        event.preventDefault();
        if (blank.dataset.pending !== undefined || blank.getAttribute('aria-invalid') === 'true') {
            htmx.trigger(blank.form, 'change');
        }
        blank.select();
    }
    if (event.key === 'Escape') {
        delete blank.dataset.pending;
        blank.value = blank.dataset.shown;
        blank.select();
    }
});

document.addEventListener('submit', (event) => {
    if (event.target.closest('#editor')) {
        event.preventDefault();
    }
});

// A blank that was already written by Enter does not write again when it is left.
document.addEventListener('change', (event) => {
    if (isBlank(event.target) && event.target.dataset.pending === undefined) {
        event.stopImmediatePropagation();
    }
}, true);

document.addEventListener('htmx:beforeSwap', (event) => {
    event.detail.requestConfig.elt.querySelectorAll?.('[data-pending]').forEach((blank) => delete blank.dataset.pending);
    say('');
});

document.addEventListener('htmx:beforeRequest', () => editor()?.setAttribute('aria-busy', 'true'));
document.addEventListener('htmx:afterRequest', () => editor()?.removeAttribute('aria-busy'));
document.addEventListener('htmx:sendError', () => say('Davrin does not answer. What you wrote is still in its blank but not saved: when it is back, press Enter in it.'));
document.addEventListener('htmx:responseError', () => say('That could not be done, and the plan is as it was. What you wrote is still in its blank: press Enter in it to try again, or load the page again.'));
