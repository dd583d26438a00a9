<?php

// One edit against an empty route, turn by turn on the same server; then the wall.

require __DIR__.'/Visitor.php';

[, $base] = $argv;

/** @param  list<array{float, int}>  $answers  milliseconds and bytes on the wire */
function said(string $words, array $answers): float
{
    $times = array_column($answers, 0);
    sort($times);
    $median = $times[intdiv(count($times), 2)];
    printf(
        "%-52s median %6.2f ms   95th %6.2f ms   %5.1f kB at most on the wire   (%d requests)\n",
        $words, $median, $times[intdiv(95 * count($times), 100)], max(array_column($answers, 1)) / 1000, count($times),
    );

    return $median;
}

$visitor = new Visitor($base);
if (($argv[2] ?? '') === 'wall') {
    $answers = [];
    for ($i = 0; $i < 60; $i++) {
        foreach (['an empty route' => '/empty', 'the wall' => '/plans', 'its page 40' => '/plans?page=40', 'a search of it' => '/plans?q=stick+poof'] as $words => $path) {
            $page = $visitor->ask($path, live: false);
            $answers[$words][] = [$visitor->took, $visitor->bytes];
            $html[$words] = strlen($page);
        }
    }
    $empty = said('an empty route', array_slice($answers['an empty route'], 10));
    foreach (array_slice($answers, 1) as $words => $all) {
        $median = said($words, array_slice($all, 10));
        printf("    %.1f times an empty route (aim: at most 3), %.1f kB of HTML (aim: under 60 kB)\n", $median / $empty, $html[$words] / 1000);
    }
    exit(0);
}
$wall = $visitor->ask('/plans');
$asked = [
    'an empty route' => fn () => $visitor->ask('/empty'),
    'one edit of 18 ties' => fn () => $visitor->edit($wall, 'Band door', 'parts.outer.length', ['18 1/2 in', '19 in']),
    'one edit of 128 ties and six layers' => fn () => $visitor->edit($wall, 'Pavilion, six layers', 'parts.l3.length', ['8 1/8 in', '8 1/4 in']),
    'the wall with the demo\'s plans' => fn () => $visitor->ask('/plans', live: false),
];
$answers = [];
for ($i = 0; $i < 110; $i++) {
    foreach ($asked as $words => $ask) {
        $ask();
        $answers[$words][] = [$visitor->took, $visitor->bytes];
    }
}
$median = [];
foreach ($answers as $words => $all) {
    $median[$words] = said($words, array_slice($all, 10));
}
$times = fn (string $words): string => sprintf('%.1f', $median[$words] / $median['an empty route']);
echo "an edit of 18 ties takes {$times('one edit of 18 ties')} times as long as an empty route (aim: at most 3), ",
"the wall {$times("the wall with the demo's plans")} times (aim: at most 3)\n";
printf("the wall with the demo's plans is %.1f kB of HTML (aim: under 60 kB)\n", strlen($visitor->ask('/plans', live: false)) / 1000);
