<svg xmlns="http://www.w3.org/2000/svg" width="300" height="330" viewBox="0 0 300 330" role="img">
    <title>Not drawn</title>
    <g fill="none" stroke="#8d9189" stroke-width="2" stroke-dasharray="7 5"><circle cx="150" cy="180" r="110" /><circle cx="150" cy="180" r="66" /></g>
    <circle cx="150" cy="40" r="7" fill="#22302c" />
</svg>
