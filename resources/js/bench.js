// The bench: one thing at a time, one key. What is ticked is kept in this browser until the server has taken it, so that nothing is lost
// where the server is away, the tab is closed or the power goes.
import { clock } from './bench/clock.js';
import { Outbox } from './bench/outbox.js';
import { keepAwake, say, switches, tock } from './bench/senses.js';

// In drawing units, 20 to an inch.
const NEAR = 90;

const at = (thing) => thing.getAttribute('transform').match(/translate\(([-\d.]+) ([-\d.]+)\)/).slice(1).map(Number);

// Where it is tied: what goes from one tie to the next is tied at the next.
const tieOf = (unit) => (unit.dataset.ties ?? '').split(' ').pop();

const bench = document.getElementById('bench');

const start = () => {
    const { bench: id, ticks: url, here, wrongUrl: wrong, check, all } = bench.dataset;
    const articles = [...bench.querySelectorAll('article')];
    const units = articles.filter((article) => article.dataset.unit !== undefined);
    const end = document.getElementById('unit-end');
    const marks = new Map(units.filter((unit) => unit.dataset.mark).map((unit) => [unit.dataset.unit, unit.dataset.mark]));
    // What is made of what is not in the page.
    const beyond = new Set(bench.dataset.made.split(' '));
    const outbox = new Outbox(id, url, bench.dataset);
    let done = Number(bench.dataset.done);
    let side = bench.dataset.side ?? null;
    let current = articles.find((article) => !article.hidden);
    const timer = clock(() => current);

    const isOpen = (unit) => !marks.has(unit.dataset.unit);
    const isLast = (unit) => units.indexOf(unit) === units.length - 1;

    const mark = (key, deed) => {
        if (deed === 'note') {
            return;
        }
        const was = marks.get(key);
        if (deed === 'undone') {
            marks.delete(key);
        } else {
            marks.set(key, deed);
        }
        done += (marks.get(key) === 'done' ? 1 : 0) - (was === 'done' ? 1 : 0);
    };

    const drawTies = (picture, step) => {
        const its = units.filter((unit) => unit.dataset.step === step);
        const open = new Set();
        const made = new Set();
        its.forEach((unit) => (marks.get(unit.dataset.unit) === 'done' ? made : open).add(tieOf(unit)));
        const lit = new Set([tieOf(current)].filter((tie) => tie !== ''));
        picture.querySelectorAll('[data-tie]').forEach((tie) => {
            const number = tie.dataset.tie;
            tie.classList.toggle('is-lit', lit.has(number));
            tie.classList.toggle('is-made', made.has(number) && !open.has(number));
            tie.classList.toggle('is-open', open.has(number));
        });
    };

    const allMade = () => {
        const made = new Set(beyond);
        units.filter((unit) => unit.dataset.deed === 'make' && marks.get(unit.dataset.unit) === 'done')
            .forEach((unit) => made.add(`${unit.dataset.copy}/${unit.dataset.element}`));

        return made;
    };

    // What hangs so near that it may lie over the place in hand is drawn thin there.
    const clearTheWay = (picture) => {
        const lit = [...picture.querySelectorAll('.bench-tie.is-lit')].map(at);
        const step = new Set(units.filter((unit) => unit.dataset.step === current.dataset.step).map((unit) => unit.dataset.element));
        picture.querySelectorAll('[data-element]').forEach((element) => {
            const [x, y] = at(element);
            element.classList.toggle('is-aside', !step.has(element.dataset.element) && lit.some((tie) => Math.hypot(tie[0] - x, tie[1] - y) < NEAR));
        });
    };

    const drawElements = (picture, copy) => {
        const made = allMade();
        const next = current.dataset.deed === 'make' ? current.dataset.element : null;
        picture.querySelectorAll('[data-element]').forEach((element) => {
            const its = element.dataset.element;
            element.classList.toggle('is-made', made.has(`${copy}/${its}`) && its !== next);
            element.classList.toggle('is-next', its === next);
        });
        clearTheWay(picture);
    };

    const drawRolls = () => {
        bench.querySelectorAll('.bench-roll').forEach((roll) => {
            roll.hidden = roll.dataset.roll !== current.dataset.roll;
        });
        const [roll, made] = [bench.querySelector('.bench-roll:not([hidden])'), allMade()];
        roll?.querySelectorAll('[data-cut]').forEach((cut) => {
            const its = units.find((unit) => unit.dataset.deed === 'cut' && unit.dataset.cut === cut.dataset.cut);
            const isCut = its === undefined ? beyond.has(cut.dataset.cut) : marks.get(its.dataset.unit) === 'done';
            // At the cutter what is cut is off the roll; afterwards it lies ready, and goes as its element is made.
            cut.classList.toggle('is-off', current.dataset.deed === 'make' ? made.has(cut.dataset.of) : isCut);
            cut.classList.toggle('is-ready', current.dataset.deed === 'make' && isCut);
            const [copy, element] = [current.dataset.copy, current.dataset.element];
            cut.classList.toggle('is-next', current.dataset.deed === 'cut' ? cut.dataset.cut === current.dataset.cut : element !== '' && cut.dataset.of === `${copy}/${element}`);
        });
    };

    const draw = () => {
        const [copy, wanted] = [current.dataset.picture ?? '1', side ?? current.dataset.side];
        bench.querySelectorAll('.bench-picture').forEach((picture) => {
            picture.hidden = picture.dataset.picture !== copy || picture.dataset.side !== wanted;
        });
        const picture = bench.querySelector('.bench-picture:not([hidden])');
        if (picture) {
            drawTies(picture, current.dataset.step);
            drawElements(picture, current.dataset.copy ?? '1');
        }
        drawRolls();
        bench.querySelector('progress').value = done;
        bench.querySelector('[data-done-count]').textContent = done;
        bench.querySelector('.bench-bar [data-then]').textContent = current.dataset.then;
        const key = current.dataset.unit;
        bench.querySelectorAll('.bench-done, .bench-bar [value="skipped"], [data-note]').forEach((button) => {
            button.disabled = key === undefined && !button.matches('.bench-done');
        });
        const marked = current.querySelector('[data-marked]');
        if (marked) {
            marked.hidden = isOpen(current);
            marked.textContent = marks.get(key) === 'skipped' ? 'Skipped before.' : 'Done already.';
        }
        bench.querySelector('.bench-back').disabled = before() === undefined && !isLater();
        const link = bench.querySelector('[data-wrong]');
        link.href = key === undefined ? wrong : `${wrong}?at=${encodeURIComponent(key)}`;
    };

    const show = (article) => {
        if (article !== current) {
            current.hidden = true;
            article.hidden = false;
            if (article.dataset.side !== current.dataset.side) {
                side = null;
            }
            current = article;
            timer.begin();
            say(article);
        }
        draw();
    };

    // The first that is open, from where one is; then any that is open; then what was skipped.
    const next = () => {
        const from = units.indexOf(current);
        const ahead = units.slice(from + 1);

        return ahead.find(isOpen)
            ?? units.find(isOpen)
            ?? units.find((unit) => marks.get(unit.dataset.unit) === 'skipped' && unit !== current)
            ?? units.find((unit) => marks.get(unit.dataset.unit) === 'skipped');
    };

    const before = () => {
        const from = current === end ? units.length : units.indexOf(current);

        return units.slice(0, from).reverse().find((unit) => !isOpen(unit));
    };

    // Whether something comes before all that is in the page.
    const isLater = () => (units[0]?.dataset.number ?? '0') !== '0';

    // What lies beyond what is in the page is asked for.
    const isBeyond = () => units.length < Number(all) && (isLast(current) || next() === undefined);

    const said = (deed, unit = current, note = '') => {
        outbox.put({ unit: unit.dataset.unit, deed, note, seconds: timer.seconds() });
        mark(unit.dataset.unit, deed);
    };

    // The next page is to know all that was ticked in this one; where the server is away, this one stays.
    const leaveFor = async (url) => {
        if (await outbox.send()) {
            window.location = url;
        }
    };

    const goOn = () => (isBeyond() ? leaveFor(here) : show(next() ?? end));

    const act = {
        done: () => {
            if (current === end) {
                leaveFor(check);

                return;
            }
            tock();
            said('done');
            goOn();
        },
        skipped: () => {
            if (current !== end) {
                said('skipped');
                goOn();
            }
        },
        undone: () => {
            const unit = before();
            if (unit === undefined && isLater()) {
                leaveFor(`${here}?at=${encodeURIComponent(units[0].dataset.unit)}`);
            } else if (unit !== undefined) {
                said('undone', unit);
                show(unit);
            }
        },
        turn: () => {
            side = (side ?? current.dataset.side) === 'front' ? 'back' : 'front';
            draw();
        },
        pause: () => timer.toggle(),
        note: () => {
            const dialog = document.getElementById('bench-note');
            if (current !== end && !dialog.open) {
                timer.pause();
                dialog.showModal();
            }
        },
        wrong: () => leaveFor(bench.querySelector('[data-wrong]').href),
    };

    const dialog = document.getElementById('bench-note');
    dialog.addEventListener('close', () => {
        const field = dialog.querySelector('textarea');
        if (dialog.returnValue === 'keep' && field.value.trim() !== '') {
            outbox.put({ unit: current.dataset.unit, deed: 'note', note: field.value.trim(), seconds: 0 });
        }
        field.value = '';
        timer.goOn();
    });

    const keys = { ' ': 'done', Enter: 'done', PageDown: 'done', PageUp: 'undone', Backspace: 'undone', s: 'skipped', n: 'note', b: 'turn', p: 'pause', w: 'wrong' };
    document.addEventListener('keydown', (event) => {
        const name = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key];
        const onOther = event.target.closest('button:not(.bench-done), a, summary, textarea, input:not([type="hidden"])');
        if (name === undefined || event.ctrlKey || event.metaKey || event.altKey || dialog.open || (onOther && [' ', 'Enter'].includes(event.key))) {
            return;
        }
        event.preventDefault();
        // A key that is held down is one press.
        if (!event.repeat) {
            act[name]();
        }
    });

    bench.addEventListener('click', (event) => {
        const button = event.target.closest('.bench-bar button, [data-turn-over], [data-wrong], [data-pause]');
        if (button === null || button.disabled) {
            return;
        }
        event.preventDefault();
        act[button.matches('[data-turn-over]') ? 'turn' : button.matches('[data-wrong]') ? 'wrong' : button.matches('[data-pause]') ? 'pause' : button.matches('[data-note]') ? 'note' : button.value]();
    });

    // What another window ticked is seen here, and what was changed under way is asked for anew.
    outbox.heard = ({ ticks, version }) => {
        ticks.filter((tick) => !outbox.isMine(tick.token)).forEach((tick) => mark(tick.unit, tick.deed));
        if (String(version) !== bench.dataset.version) {
            window.location = here;

            return;
        }
        if (ticks.some((tick) => !outbox.isMine(tick.token))) {
            if (current !== end && !isOpen(current)) {
                show(next() ?? end);
            } else if (current === end && units.some(isOpen)) {
                show(units.find(isOpen));
            }
            draw();
        }
    };
    outbox.said = (words) => {
        const status = bench.querySelector('[data-kept]');
        status.hidden = words === '';
        status.textContent = words;
    };

    // What was ticked here before and not taken yet is done all the same.
    outbox.waiting().forEach((tick) => mark(tick.unit, tick.deed));
    if (current !== end && !isOpen(current) && outbox.waiting().length > 0) {
        current.hidden = true;
        current = next() ?? end;
        current.hidden = false;
    }
    bench.querySelector('[data-pause]').hidden = false;
    switches(bench);
    keepAwake();
    timer.begin();
    draw();
    outbox.begin();
};

if (bench) {
    start();
}
