// A sign, a bow or an extra is dragged to another spot of the form, or moved by the arrow keys while it is in focus.
const NUDGE = 0.25;
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

let dragged = null;

const drawing = () => document.getElementById('drawing');
const pointOf = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing().getScreenCTM().inverse());

// Where it goes, in inches from the middle of the form, seen from the front.
const put = (thing, x, y) => {
    const form = document.getElementById('place-thing');
    const scale = drawing().dataset.scale;
    form.elements.id.value = thing.dataset.moves;
    form.elements.to.value = thing.dataset.number;
    form.elements.x.value = (x / scale) * (drawing().dataset.form === 'back' ? -1 : 1);
    form.elements.y.value = y / scale;
    form.requestSubmit();
};

const at = (thing) => [Number(thing.dataset.x), Number(thing.dataset.y)];

const show = (thing, x, y) => thing.setAttribute('transform', `translate(${x} ${y}) rotate(${thing.dataset.turn})`);

document.addEventListener('pointerdown', (event) => {
    const thing = event.target.closest?.('[data-moves]');
    if (!thing || event.button !== 0 || !document.getElementById('place-thing')) {
        return;
    }
    const from = pointOf(event);
    dragged = { thing, from, moved: false, pointer: event.pointerId };
    thing.setPointerCapture?.(event.pointerId);
    event.preventDefault();
    thing.focus({ preventScroll: true });
});

document.addEventListener('pointermove', (event) => {
    if (dragged?.pointer !== event.pointerId) {
        return;
    }
    const [to, [x, y]] = [pointOf(event), at(dragged.thing)];
    dragged.to = [x + to.x - dragged.from.x, y + to.y - dragged.from.y];
    dragged.moved ||= Math.hypot(to.x - dragged.from.x, to.y - dragged.from.y) > 4;
    if (dragged.moved) {
        show(dragged.thing, ...dragged.to);
    }
});

const letGo = (event, isMeant) => {
    if (dragged?.pointer !== event.pointerId) {
        return;
    }
    const { thing, moved, to } = dragged;
    dragged = null;
    if (moved && isMeant) {
        put(thing, ...to);
    } else {
        show(thing, ...at(thing));
    }
};

document.addEventListener('pointerup', (event) => letGo(event, true));
document.addEventListener('pointercancel', (event) => letGo(event, false));

document.addEventListener('keydown', (event) => {
    const thing = event.target.closest?.('[data-moves]');
    const way = ARROWS[event.key];
    if (event.key === 'Escape' && dragged) {
        show(dragged.thing, ...at(dragged.thing));
        dragged = null;
    }
    if (thing && way && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        const [x, y] = at(thing);
        const step = NUDGE * Number(drawing().dataset.scale);
        put(thing, x + way[0] * step, y + way[1] * step);
    }
});
