import htmx from 'htmx.org';

// A choice is made by Enter, by going on, or by a click; walking through it with the arrow keys makes none.
const isChoice = (node) => node instanceof HTMLSelectElement && node.closest('form, [hx-post]') !== null;

const walked = new WeakSet();

// These open the list, in which a choice is made as by a click.
const opens = (event) => event.key === ' ' || event.key === 'F4' || (event.altKey && event.key.startsWith('Arrow'));

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
    if (event.key === 'Enter' || opens(event)) {
        delete choice.dataset.walking;
    }
    if (event.key === 'Enter') {
        commit(choice);
    } else if (event.key === 'Escape' && walked.delete(choice)) {
        choice.value = [...choice.options].find((option) => option.defaultSelected)?.value ?? choice.options[0].value;
        delete choice.dataset.pending;
    } else if (!opens(event) && event.key !== 'Tab' && event.key !== 'Shift') {
        choice.dataset.walking = '';
    }
}, true);

document.addEventListener('pointerdown', (event) => isChoice(event.target) && delete event.target.dataset.walking, true);

// What the keys changed waits; what a click changed does not.
document.addEventListener('change', (event) => {
    const choice = event.target;
    if (isChoice(choice) && event.isTrusted && choice.dataset.walking !== undefined) {
        walked.add(choice);
        event.stopImmediatePropagation();
    } else if (isChoice(choice)) {
        walked.delete(choice);
    }
}, true);

document.addEventListener('focusout', (event) => {
    if (isChoice(event.target)) {
        delete event.target.dataset.walking;
        commit(event.target);
    }
}, true);
