import htmx from 'htmx.org';

const isBlank = (node) => node instanceof Element && node.matches('[data-blank]');
const isTyped = (blank) => blank.matches('input[type=text]');
const said = (blank) => (blank.tagName === 'SELECT' ? blank.options[blank.selectedIndex].text : blank.value);
const editor = () => document.getElementById('editor');

/** What was typed and is not saved must not be overwritten by the answer to something else. */
export const keepTyped = (node) => isBlank(node) && node.dataset.pending !== undefined;

const markUnsaved = (blank) => {
    blank.dataset.pending = '';
};

export const say = (sentence) => {
    const notice = document.getElementById('notice');
    notice.textContent = sentence;
    notice.hidden = sentence === '';
};

const putBack = (blank) => {
    delete blank.dataset.pending;
    blank.value = blank.dataset.shown;
    blank.removeAttribute('aria-invalid');
    blank.form.querySelector('.problem')?.remove();
    blank.select();
};

document.addEventListener('input', (event) => isBlank(event.target) && markUnsaved(event.target));

document.addEventListener('focusin', (event) => {
    if (isBlank(event.target) && isTyped(event.target)) {
        event.target.select();
    }
});

document.addEventListener('keydown', (event) => {
    const blank = event.target;
    if (!isBlank(blank) || !isTyped(blank)) {
        return;
    }
    if (event.key === 'Enter') {
        // Enter writes the blank and stays in it; the form itself is only for pages without script.
        event.preventDefault();
        if (said(blank) !== blank.dataset.shown) {
            htmx.trigger(blank.form, 'change');
        }
        blank.select();
    }
    if (event.key === 'Escape') {
        putBack(blank);
    }
});

document.addEventListener('submit', (event) => {
    // What is answered in place does not leave the page; copying, or keeping a form, does.
    if (event.target.matches('form[hx-post]')) {
        event.preventDefault();
    }
});

document.addEventListener('change', (event) => {
    if (!isBlank(event.target)) {
        return;
    }
    if (!isTyped(event.target)) {
        markUnsaved(event.target);
    } else if (event.target.dataset.pending === undefined) {
        // A blank that was already written by Enter does not write again when it is left.
        event.stopImmediatePropagation();
    }
}, true);

const unsavedIn = (element) => element.querySelectorAll?.('[data-pending]') ?? [];

document.addEventListener('htmx:beforeRequest', (event) => {
    unsavedIn(event.detail.elt).forEach((blank) => {
        blank.dataset.sent = said(blank);
    });
});

document.addEventListener('htmx:beforeSwap', (event) => {
    // What was looked for in the plan as it was before an edit is no answer to it any more.
    const asked = event.detail.requestConfig.elt;
    if (asked.matches('.looks-on') && asked.dataset.revision !== editor().dataset.revision) {
        event.detail.shouldSwap = false;
    }
    // What was typed on while the answer was on its way is not answered by it.
    unsavedIn(event.detail.requestConfig.elt).forEach((blank) => said(blank) === blank.dataset.sent && delete blank.dataset.pending);
    say('');
});

document.addEventListener('htmx:afterSettle', () => {
    // What was refused still stands in its blank, and is not saved.
    document.querySelectorAll('[data-blank]').forEach((blank) => said(blank) !== blank.dataset.shown && markUnsaved(blank));
    if (isBlank(document.activeElement) && isTyped(document.activeElement) && !keepTyped(document.activeElement)) {
        document.activeElement.select();
    }
});

document.addEventListener('htmx:beforeRequest', () => editor()?.setAttribute('aria-busy', 'true'));
document.addEventListener('htmx:afterRequest', () => editor()?.removeAttribute('aria-busy'));
document.addEventListener('htmx:sendError', () => say('Davrin does not answer. What you wrote is still in its blank but not saved: when it is back, press Enter in it.'));
document.addEventListener('htmx:responseError', () => say('That could not be done, and the plan is as it was. What you wrote is still in its blank: press Enter in it to try again, or load the page again.'));
