import htmx from 'htmx.org';
import { keepTyped } from './blanks.js';
import { layOver, standsAsIs } from './regions.js';
import './announce.js';
import './asked.js';
import './bench.js';
import './bench/wrong.js';
import './bows.js';
import './choices.js';
import './clock.js';
import './drag.js';
import './keys.js';
import './light.js';
import './once.js';
import './paint.js';
import './panels.js';
import './picture.js';
import './place.js';
import './tick.js';

// Swaps the editor in place: focus, scroll and what is being typed stay where they are.
htmx.defineExtension('morph', {
    isInlineSwap: (style) => style === 'morph',
    handleSwap(style, target, fragment) {
        if (style !== 'morph') {
            return false;
        }

        return layOver(target, fragment, {
            morphStyle: 'outerHTML',
            callbacks: {
                beforeNodeMorphed: (old, next) => !standsAsIs(old, next) && !keepTyped(old),
                // A figure that was opened to its reason stays open, and a panel where it is.
                beforeAttributeUpdated: (name, node) => !(name === 'open' && node.tagName === 'DETAILS') && !(name === 'style' && node.matches('.panel')),
            },
        });
    },
});
