// A form that is on its way is not sent a second time by a double click. Where the page stays, as when a file comes, it can be sent again.
const WHILE = 3000;

document.addEventListener('submit', (event) => {
    const form = event.target;
    if (event.defaultPrevented || form.method !== 'post' || form.closest('[hx-post]') !== null) {
        return;
    }
    if (form.dataset.sent !== undefined) {
        event.preventDefault();

        return;
    }
    form.dataset.sent = '';
    setTimeout(() => delete form.dataset.sent, WHILE);
});

// Back again from the next page, as the browser kept this one.
window.addEventListener('pageshow', () => document.querySelectorAll('form[data-sent]').forEach((form) => delete form.dataset.sent));
