import { Idiomorph } from 'idiomorph';

// The editor is drawn in regions, each with a mark of what it was drawn from. The server is told which marks are shown, and sends the
// others; what it sends is laid over the page region by region, or as a whole where there are other regions than before.
const REGIONS = '[data-mark], [data-same], [data-always]';
const DRAWN = 'g[id^=drawn-]';

const editor = () => document.getElementById('editor');

/** Whether the answer only says that this region is the same. */
export const standsAsIs = (old, next) => next instanceof Element && next.hasAttribute('data-same') && old.id === next.id;

/** What a part of the page is without what its regions hold, and without what every form bears: where that is the same, the regions are. */
const skeleton = (node) => {
    if (!(node instanceof Element)) {
        return node.textContent.trim();
    }
    if (node.matches('input[type=hidden]')) {
        return '';
    }
    if (node.matches(REGIONS)) {
        return `#${node.id}`;
    }
    // What is open, how large the drawing is and which step is shown make no other page.
    const itself = node.matches('details, svg, main') ? node.tagName : node.cloneNode(false).outerHTML;

    return `<${itself}${[...node.childNodes].map(skeleton).join('')}>`;
};

const takeAttributes = (old, next) => [...next.attributes].forEach(({ name, value }) => old.setAttribute(name, value));

let known = { editor: null, skeleton: '' };

/** Lays an answer over the page; gives what is new in it. */
export const layOver = (old, answer, options) => {
    const next = answer.firstElementChild;
    if (old !== editor() || next?.id !== old.id) {
        return Idiomorph.morph(old, answer.children, options);
    }
    const before = known.editor === old ? known.skeleton : skeleton(old);
    known = { editor: old, skeleton: skeleton(next) };
    if (before !== known.skeleton) {
        return Idiomorph.morph(old, answer.children, options);
    }
    takeAttributes(old, next);
    takeAttributes(old.querySelector('#drawing'), next.querySelector('#drawing'));

    return [...next.querySelectorAll('[data-mark], [data-always]')].flatMap((region) => {
        const stands = document.getElementById(region.id);
        if (region.matches(DRAWN)) {
            // What is only drawn is sooner put in its place than compared.
            stands.replaceWith(region);

            return [region];
        }

        return Idiomorph.morph(stands, region, options);
    });
};

document.addEventListener('htmx:configRequest', (event) => {
    if (event.detail.target !== editor() || editor() === null) {
        return;
    }
    const marks = [...editor().querySelectorAll('[data-mark]')].map((region) => region.dataset.mark);
    event.detail.headers['X-Davrin-Shown'] = marks.join('');
    // A form in a region that was left standing was drawn with an earlier step: what counts is what the page shows.
    if (event.detail.verb === 'post') {
        const { parameters } = event.detail;
        ['side', 'tie', 'mesh'].forEach((name) => delete parameters[name]);
        Object.entries({ revision: editor().dataset.revision, ...JSON.parse(editor().dataset.view) }).forEach(([name, value]) => {
            parameters[name] = value;
        });
    }
});

// What was chosen to be done is no state: the choice stands ready for the next.
document.addEventListener('htmx:afterSettle', () => document.querySelectorAll('.take-form').forEach((choice) => {
    choice.value = '';
}));
