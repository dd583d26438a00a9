import htmx from 'htmx.org';
import { Idiomorph } from 'idiomorph';
import { keepTyped } from './blanks.js';
import './clock.js';
import './keys.js';
import './light.js';
import './paint.js';
import './place.js';
import './tick.js';

// Swaps the editor in place: focus, scroll and what is being typed stay where they are.
htmx.defineExtension('morph', {
    isInlineSwap: (style) => style === 'morph',
    handleSwap(style, target, fragment) {
        if (style !== 'morph') {
            return false;
        }

        return Idiomorph.morph(target, fragment.children, {
            morphStyle: 'outerHTML',
            callbacks: {
                beforeNodeMorphed: (old) => !keepTyped(old),
                // A figure that was opened to its reason stays open.
                beforeAttributeUpdated: (name, node) => !(name === 'open' && node.tagName === 'DETAILS'),
            },
        });
    },
});
