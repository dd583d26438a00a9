// Saves a drawing of the page as a PNG: drawn here, so that nothing leaves this machine.
const WIDE = 1600;

// What a drawing looks like by the rules of the page it has to bring along, as attributes.
const LOOKS = ['fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-opacity', 'stroke-dasharray', 'stroke-linejoin', 'stroke-linecap', 'opacity', 'font-family', 'font-weight', 'font-size', 'text-anchor', 'vector-effect'];

const standalone = (drawing) => {
    const copy = drawing.cloneNode(true);
    const [from, to] = [drawing.querySelectorAll('*'), copy.querySelectorAll('*')];
    from.forEach((node, index) => {
        const style = getComputedStyle(node);
        LOOKS.forEach((look) => to[index].setAttribute(look, style.getPropertyValue(look)));
    });
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const box = drawing.viewBox.baseVal;
    copy.setAttribute('width', WIDE);
    copy.setAttribute('height', Math.round(WIDE * box.height / box.width));

    return copy;
};

const save = (button) => {
    const copy = standalone(document.getElementById(button.dataset.savePicture));
    const image = new Image();
    image.addEventListener('load', () => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [image.width, image.height];
        canvas.getContext('2d').drawImage(image, 0, 0);
        const link = document.createElement('a');
        link.download = `${button.dataset.name}.png`;
        link.href = canvas.toDataURL('image/png');
        link.click();
    });
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
};

document.querySelectorAll('[data-save-picture]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', () => save(button));
});
