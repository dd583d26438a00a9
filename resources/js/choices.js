import htmx from 'htmx.org';

// A choice is made by Enter, by going on, or by a click; walking through it with the arrow keys makes none.
const isChoice = (node) => node instanceof HTMLSelectElement && node.closest('form, [hx-post]') !== null;

const walked = new WeakSet();

const commit = (choice) => {
    if (walked.delete(choice)) {
        htmx.trigger(choice, 'change');
    }
};

document.addEventListener('keydown', (event) => {
    const choice = event.target;
    if (!isChoice(choice)) {
        return;
    }
    if (event.key === 'Enter') {
        commit(choice);
    } else if (event.key === 'Escape' && walked.delete(choice)) {
        choice.value = [...choice.options].find((option) => option.defaultSelected)?.value ?? choice.options[0].value;
        delete choice.dataset.pending;
    } else if (event.key !== 'Tab' && event.key !== 'Shift') {
        choice.dataset.walking = '';
    }
}, true);

document.addEventListener('pointerdown', (event) => isChoice(event.target) && delete event.target.dataset.walking, true);

// What the keys changed waits; what a click changed does not.
document.addEventListener('change', (event) => {
    if (isChoice(event.target) && event.target.dataset.walking !== undefined && !walked.has(event.target) && event.isTrusted) {
        walked.add(event.target);
        event.stopImmediatePropagation();
    } else if (isChoice(event.target) && event.isTrusted && walked.has(event.target)) {
        event.stopImmediatePropagation();
    }
}, true);

document.addEventListener('focusout', (event) => {
    if (isChoice(event.target)) {
        delete event.target.dataset.walking;
        commit(event.target);
    }
}, true);
