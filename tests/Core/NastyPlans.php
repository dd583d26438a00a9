<?php

declare(strict_types=1);

namespace Tests\Core;

use stdClass;

/**
 * Plan files that are valid and as hard as the schema lets them be: many lengths on many ties, colours painted against their order,
 * outlines of many points, strands off tiny rolls, long lists on hand. Each must come out within its budget of steps.
 */
final class NastyPlans
{
    /** @return array<string, array<string, mixed>> the documents by name */
    public static function all(): array
    {
        return [
            ...self::ofManyLengths(),
            ...self::ofColours(),
            ...self::ofOutlines(),
            ...self::ofForms(),
            ...self::ofRuns(),
            ...self::onHand(),
            ...self::ofManyPieces(),
            ...self::ofSignsAndExtras(),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function file(array $document): string
    {
        return json_encode(
            $document + ['format' => 'davrin-plan', 'version' => 1] + ['materials' => [new stdClass], 'parts' => [new stdClass]],
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofManyLengths(): array
    {
        $ruffles = fn (array $lengths, array $more = []): array => array_map(
            fn (string $length): array => ['length' => $length] + $more,
            $lengths,
        );

        return [
            'twelve lengths on 18 ties' => ['parts' => $ruffles(self::inches(10, 21))],
            'twelve lengths on 60 ties' => ['ties' => [self::ties(10)], 'parts' => $ruffles(self::inches(10, 21))],
            'twelve lengths on 240 ties' => ['ties' => [self::ties(40)], 'parts' => $ruffles(self::inches(10, 21))],
            'twelve lengths of 1/32 in on 60 ties' => [
                'ties' => [self::ties(10)],
                'parts' => $ruffles(array_map(fn (int $n): string => sprintf('%d %d/32 in', 10 + $n, 2 * $n + 1), range(0, 11))),
            ],
            'inches and millimetres on 96 ties' => [
                'ties' => [self::ties(16)],
                'parts' => $ruffles(
                    [
                        '33.1 cm',
                        '17 3/32 in',
                        '51.7 cm',
                        '12 5/32 in',
                        '68.3 cm',
                        '20 7/32 in',
                        '41.9 cm',
                        '15 9/32 in',
                        '29.3 cm',
                        '11 1/32 in',
                        '75.1 cm',
                        '13 13/32 in',
                    ],
                ),
            ],
            'three lengths in centimetres' => [
                'ties' => [self::ties(4)],
                'parts' => $ruffles(['33 cm', '51 cm', '68 cm']),
                'settings' => ['units' => 'centimetres'],
            ],
            'twelve lengths in twelve meshes' => [
                'ties' => [self::ties(10)],
                'materials' => self::meshes(12),
                'parts' => array_map(fn (int $n): array => ['material' => "m$n", 'length' => (9 + $n).' 1/2 in'], range(1, 12)),
            ],
            'twelve lengths, too few rolls' => [
                'ties' => [self::ties(20)],
                'materials' => [['rolls' => 20]],
                'parts' => $ruffles(self::inches(10, 21)),
            ],
            'twelve lengths on long rolls' => [
                'ties' => [self::ties(40)],
                'materials' => [['roll' => '200 yd']],
                'parts' => $ruffles(self::inches(10, 21)),
            ],
            'twelve long lengths' => [
                'ties' => [self::ties(40)],
                'parts' => $ruffles(array_map(fn (int $n): string => (60 + 7 * $n).' 1/8 in', range(0, 11))),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofColours(): array
    {
        $ties = fn (int $perSection): array => [
            'form' => ['wires' => ['24 in', '22 in', '20 in', '18 in']],
            'ties' => [self::ties($perSection, '1-2'), self::ties($perSection, '3-4', 't2')],
        ];
        $painted = fn (int $most, int $step, int $meshes): array => array_map(
            fn (int $tie): string => "$tie: m".($tie % $meshes + 1),
            range(1, $most, $step),
        );
        $counts = fn (int $ties, int $meshes): array => array_map(
            fn (int $n): string => "m$n: ".(intdiv($ties, $meshes) + ($n <= $ties % $meshes ? 1 : 0)),
            range(1, $meshes),
        );
        $plans = [];
        foreach ([60, 198] as $count) {
            $plans["strictly alternating on $count, painted"] = $ties(intdiv($count, 6)) + [
                'materials' => self::meshes(4),
                'parts' => [['order' => 'alternating', 'material' => $counts($count, 2), 'painted' => $painted($count, 7, 4)]],
            ];
            $plans["strictly alternating unevenly on $count"] = $ties(intdiv($count, 6)) + [
                'materials' => self::meshes(2),
                'parts' => [
                    [
                        'order' => 'alternating',
                        'material' => ['m1: '.intdiv($count * 2, 3), 'm2: '.intdiv($count, 3)],
                        'painted' => $painted($count, 3, 2),
                    ],
                ],
            ];
            foreach (['by-count', 'by-count-crossbars'] as $order) {
                $plans["$order of twelve on $count, painted"] = $ties(intdiv($count, 6)) + [
                    'materials' => self::meshes(12),
                    'parts' => [['order' => $order, 'material' => $counts($count, 12), 'painted' => $painted($count, 5, 12)]],
                ];
            }
            foreach (['in-turn', 'in-turn-closed', 'mirrored', 'anchor-painted', 'anchor-crossbars'] as $order) {
                $plans["$order of twelve on $count, painted"] = $ties(intdiv($count, 6)) + [
                    'materials' => self::meshes(12),
                    'parts' => [
                        [
                            'order' => $order,
                            'material' => array_map(fn (int $n): string => "m$n", range(1, 12)),
                            'painted' => $painted($count, 11, 12),
                        ],
                    ],
                ];
            }
        }
        $rows = fn (int ...$rows): array => [
            'form' => ['wires' => ['24 in', '22 in', '20 in', '18 in']],
            'ties' => [['layout' => 'rows', 'rows' => $rows]],
            'materials' => self::meshes(12),
        ];
        $plans['by-count over three rows of 100'] = $rows(100, 100, 100) + [
            'parts' => [['order' => 'by-count', 'material' => $counts(300, 5), 'painted' => $painted(300, 40, 5)]],
        ];
        $plans['strictly alternating over 240'] = [
            'ties' => [self::ties(40)],
            'materials' => self::meshes(2),
            'parts' => [['order' => 'alternating', 'material' => ['m1: 159', 'm2: 81']]],
        ];
        $plans['twelve orders by count'] = $rows(90, 90) + [
            'parts' => array_map(
                fn (int $n): array => ['order' => 'by-count', 'material' => $counts(180, $n), 'painted' => $painted(180, 30, $n)],
                [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 4],
            ),
        ];
        $plans['by-count on twelve layers'] = $ties(16) + [
            'materials' => self::meshes(12),
            'parts' => array_fill(0, 12, ['order' => 'by-count', 'material' => $counts(96, 7)]),
        ];

        return $plans;
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofOutlines(): array
    {
        $shapes = [
            'comb' => array_map(fn (int $n): array => [intdiv($n, 2) * 5, $n % 4 === 0 || $n % 4 === 3 ? 0 : 90], range(0, 239)),
            'zigzag' => array_map(fn (int $n): array => [$n * 4, $n % 2 * 60], range(0, 239)),
            'spiral' => array_map(
                fn (int $n): array => [(int) (sin($n / 9) * (100 + 4 * $n)), (int) (cos($n / 9) * (100 + 4 * $n))],
                range(0, 239),
            ),
            'circle' => array_map(
                fn (int $n): array => [(int) (sin($n * M_PI / 120) * 90_000), (int) (cos($n * M_PI / 120) * 90_000)],
                range(0, 239),
            ),
        ];
        $plans = [];
        foreach ($shapes as $name => $points) {
            foreach (['open', 'closed'] as $closed) {
                // What has two sides is closed along its foot, out of the way.
                $its = $closed === 'closed' && $name !== 'circle'
                    ? ($name === 'spiral' ? self::closedSpiral() : [...array_slice($points, 0, 237), [$points[236][0], -200], [0, -200]])
                    : $points;
                foreach (['one wire' => ['count' => 1], 'three wires' => ['count' => 3, 'gap' => '1/4 in']] as $wires => $more) {
                    $plans["$closed $name of $wires"] = [
                        'form' => [
                            'kind' => 'outline',
                            'points' => array_map(fn (array $point): string => "$point[0] $point[1]", $its),
                            'closed' => $closed,
                            'size' => '120 in',
                            'crossbars' => array_map(fn (int $n): string => (10 * $n).' in', range(1, 9)),
                        ] + $more,
                        'ties' => [['layout' => 'n-a-section', 'perSection' => 40]],
                        'parts' => [['length' => '12 in'], ['kind' => 'starburst', 'length' => '8 in']],
                    ];
                }
            }
        }

        return $plans;
    }

    /** @return list<array{int, int}> there and back beside itself */
    private static function closedSpiral(): array
    {
        $at = fn (int $n, int $out): array => [(int) (sin($n / 6) * (100 + 12 * $n + $out)), (int) (cos($n / 6) * (100 + 12 * $n + $out))];

        return [
            ...array_map(fn (int $n): array => $at($n, 0), range(0, 119)),
            ...array_map(fn (int $n): array => $at($n, 160), range(119, 0)),
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofForms(): array
    {
        $layers = [['length' => '12 in'], ['kind' => 'diagonal-bundle', 'length' => '8 in']];
        $star = fn (int $count, int $perSection): array => [
            'form' => [
                'kind' => 'star',
                'points' => 12,
                'width' => '40 in',
                'height' => '40 in',
                'count' => $count,
                'gap' => '1/2 in',
                'crossbars' => 24,
            ],
            'ties' => [['layout' => 'n-a-section', 'perSection' => $perSection]],
            'parts' => $layers,
        ];

        return [
            'star of 12 points' => $star(2, 4),
            'star of 12 points, 384 ties' => $star(3, 16),
            'ring of 24 sections and 384 ties' => ['form' => ['crossbars' => 24], 'ties' => [self::ties(16)], 'parts' => $layers],
            'six layouts on one ring' => [
                'form' => ['wires' => ['24 in', '22 in', '20 in', '18 in', '16 in', '14 in']],
                'ties' => array_map(fn (int $n): array => self::ties(11, "$n-".($n + 1), "t$n"), range(1, 5)),
                'parts' => array_map(fn (int $n): array => ['ties' => 't'.($n % 5 + 1), 'length' => (10 + $n).' in'], range(0, 11)),
            ],
            'four hundred ties, one by one' => [
                'ties' => [['layout' => 'free', 'spots' => array_map(fn (int $n): string => '1-2: '.($n / 10).' in', range(1, 400))]],
                'parts' => $layers,
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofRuns(): array
    {
        $run = fn (array $more): array => ['kind' => 'poof-run', 'startTail' => '2 in', 'endTail' => '2 in'] + $more;
        $strands = ['m1', 'm2', 'm3'];
        $plans = [];
        foreach (['together', 'sooner', 'alone'] as $change) {
            $plans["three tiny strands, $change"] = [
                'ties' => [self::ties(40)],
                'materials' => self::meshes(3, ['roll' => '26 in', 'width' => '5 in']),
                'parts' => [$run(['material' => $strands, 'pitch' => '7 in', 'change' => $change])],
            ];
            $plans["three strands of one mesh, $change"] = [
                'ties' => [self::ties(40)],
                'materials' => self::meshes(1, ['roll' => '5 yd', 'width' => '6 in']),
                'parts' => [$run(['material' => ['m1', 'm1', 'm1'], 'pitch' => '9 in', 'change' => $change])],
            ];
            $plans["three strands, too few rolls, $change"] = [
                'ties' => [self::ties(40)],
                'materials' => self::meshes(3, ['roll' => '5 yd', 'rolls' => 9]),
                'parts' => [$run(['material' => $strands, 'pitch' => '9 1/8 in', 'change' => $change])],
            ];
        }

        return $plans + [
            'twelve runs of one mesh' => [
                'ties' => [self::ties(10)],
                'parts' => array_map(
                    fn (int $n): array => $run(['pitch' => (6 + $n).' 1/8 in', 'change' => 'sooner', 'material' => ['m1', 'm1']]),
                    range(1, 12),
                ),
                'materials' => self::meshes(1, ['roll' => '5 yd']),
            ],
            'runs and ruffles of one mesh' => [
                'ties' => [self::ties(20)],
                'materials' => self::meshes(1),
                'parts' => [
                    $run(['pitch' => '8 3/8 in']),
                    ...array_map(fn (string $length): array => ['length' => $length], self::inches(9, 19)),
                ],
            ],
            'pulled loops of three' => [
                'ties' => [self::ties(40)],
                'materials' => self::meshes(3, ['roll' => '5 yd']),
                'form' => ['wires' => ['24 in', '22 in', '20 in', '18 in']],
                'parts' => [['kind' => 'pulled-loops', 'material' => $strands, 'height' => '4 in', 'change' => 'sooner']],
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function onHand(): array
    {
        $inLots = array_map(fn (int $n): string => (90 + $n).' in lot L'.$n, range(1, 60));
        $parts = array_map(fn (int $n): string => (40 + 5 * $n).' 1/8 in', range(1, 60));
        $full = fn (int $from, int $count, int $step = 1): array => array_map(
            fn (int $n): string => ($from + $n * $step).' in',
            range(0, $count - 1),
        );
        $run = ['kind' => 'poof-run', 'pitch' => '9 in', 'startTail' => '2 in', 'endTail' => '2 in'];

        return [
            'sixty part rolls' => [
                'ties' => [self::ties(20)],
                'materials' => [['onHand' => $parts]],
                'parts' => [['length' => '19 in'], ['length' => '13 1/2 in'], ['length' => '11 in']],
            ],
            'sixty lots, a run beside' => [
                'ties' => [self::ties(10)],
                'materials' => [['onHand' => $inLots]],
                'parts' => [['length' => '19 in'], $run],
            ],
            'sixty lots, three strands' => [
                'ties' => [self::ties(10)],
                'materials' => self::meshes(3, ['onHand' => $inLots]),
                'parts' => [$run + ['material' => ['m1', 'm2', 'm3']]],
            ],
            'sixty lots mixed' => [
                'ties' => [self::ties(20)],
                'materials' => [['onHand' => $inLots, 'lots' => 'mixed']],
                'parts' => [['length' => '19 in'], $run, ['length' => '12 3/8 in']],
            ],
            'fifteen full rolls, long pieces' => [
                'ties' => [self::ties(3)],
                'materials' => [['onHand' => $full(361, 15)]],
                'parts' => [['length' => '180 in']],
            ],
            'sixteen full rolls, a run beside' => [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 9]],
                'form' => ['crossbars' => 3],
                'materials' => [['onHand' => $full(361, 16)]],
                'parts' => [['length' => '120 in'], ['on' => 'ties 1, 2, 3 and 4'] + $run],
            ],
            'forty full rolls alike' => [
                'ties' => [self::ties(5)],
                'materials' => [['onHand' => array_fill(0, 40, '360 in')]],
                'parts' => [['length' => '110 in']],
            ],
            'sixty full rolls, twelve lengths' => [
                'ties' => [self::ties(20)],
                'materials' => [['onHand' => $full(360, 60, 3)]],
                'parts' => array_map(fn (string $length): array => ['length' => $length], self::inches(30, 41)),
            ],
            'sixty full rolls, too few' => [
                'ties' => [self::ties(40)],
                'materials' => [['onHand' => $full(360, 60, 3), 'rolls' => 1]],
                'parts' => [['length' => '110 in'], ['length' => '71 1/8 in']],
            ],
            'five hundred pieces alike, sixty times' => [
                'ties' => [self::ties(40)],
                'materials' => [['onHand' => array_map(fn (int $n): string => '500 x '.(10 + $n).' 1/8 in', range(1, 60))]],
                'parts' => array_map(fn (string $length): array => ['length' => $length], self::inches(10, 21)),
            ],
            'sixty full rolls beside twelve runs' => [
                'ties' => [self::ties(10)],
                'materials' => [['onHand' => $full(361, 60)]],
                'parts' => array_fill(0, 12, $run),
            ],
        ];
    }

    /**
     * What lies on the finished mesh is held against the form and against all else that lies there, in each plan that is tried.
     *
     * @return array<string, array<string, mixed>>
     */
    private static function ofSignsAndExtras(): array
    {
        $kinds = ['pick' => 'picks', 'flower' => 'flowers', 'greenery' => 'greenery', 'ornament' => 'ornaments', 'bell' => 'bells', 'small-sign' => 'small-signs'];
        $goods = array_map(fn (string $good): array => ['id' => $good, 'kind' => $good], array_keys($kinds));
        $extras = fn (int $count, int $spots): array => array_map(fn (int $n): array => [
            'kind' => array_values($kinds)[$n % 6], 'material' => array_keys($kinds)[$n % 6], 'spots' => $spots, 'first' => 'where there is most room',
        ], range(0, $count - 1));
        $signs = fn (int $count, string $wide): array => array_map(fn (int $n): array => [
            'kind' => 'sign', 'material' => "s$n", 'at' => '9 in at '.intdiv(360 * $n, $count).' degrees', 'shape' => 'arch', 'width' => $wide, 'height' => '4 in', 'fixings' => 8, 'with' => 'doubled',
        ], range(0, $count - 1));
        $boards = fn (int $count): array => array_map(fn (int $n): array => ['id' => "s$n", 'kind' => 'sign'], range(0, $count - 1));
        $ring = ['version' => 2, 'form' => ['wires' => ['24 in', '22 in', '20 in', '18 in']], 'ties' => [self::ties(3)]];

        return [
            'six small signs on 18 ties' => $ring + ['materials' => [['id' => 'm'], ...$boards(6)], 'parts' => [['material' => 'm'], ...$signs(6, '6 in')]],
            'nine signs on 72 ties' => ['ties' => [self::ties(12)]] + $ring + ['materials' => [['id' => 'm'], ...$boards(9)], 'parts' => [['material' => 'm'], ...$signs(9, '9 in')]],
            'six kinds of ten extras on 18 ties' => ['version' => 2, 'ties' => [self::ties(3)], 'materials' => [['id' => 'm'], ...$goods], 'parts' => [['material' => 'm'], ...$extras(6, 10)]],
            'nine parts of thirty extras on 400 ties' => ['form' => ['wires' => ['96 in', '80 in', '64 in', '48 in'], 'crossbars' => 10], 'ties' => [self::ties(40)]] + $ring + [
                'materials' => [['id' => 'm'], ...$goods], 'parts' => [['material' => 'm'], ...$extras(9, 30)],
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function ofManyPieces(): array
    {
        $eight = ['m1: 2', 'm2: 2', 'm3: 2', 'm4: 2'];

        return [
            'bundles of five on 384 ties' => [
                'form' => ['crossbars' => 24],
                'ties' => [self::ties(16)],
                'materials' => self::meshes(4),
                'parts' => array_map(
                    fn (int $n): array => [
                        'kind' => ['rolled-bundle', 'diagonal-bundle', 'starburst'][$n],
                        'material' => ['m1: 2', 'm2: 1', 'm3: 1', 'm4: 1'],
                        'length' => (6 + $n).' 1/8 in',
                    ],
                    range(0, 2),
                ),
            ],
            'sixty strands on 96 ties' => [
                'ties' => [self::ties(16)],
                'materials' => [['kind' => 'strands', 'width' => '1/2 in', 'roll' => '200 yd']],
                'parts' => array_map(
                    fn (int $n): array => ['kind' => 'strand-bunch', 'strands' => 20, 'length' => (20 + $n).' 1/8 in'],
                    range(0, 2),
                ),
            ],
            'a long cover' => [
                'form' => ['kind' => 'hat'],
                'materials' => [['roll' => '200 yd']],
                'parts' => array_fill(
                    0,
                    12,
                    [
                        'kind' => 'wound-cover',
                        'strip' => '1/2 in',
                        'girth' => '30 in',
                        'height' => '60 in',
                        'passes' => 4,
                        'overlap' => '1/2',
                    ],
                ),
            ],
            'short pieces off tiny rolls' => [
                'form' => ['crossbars' => 24],
                'ties' => [self::ties(16)],
                'materials' => [['roll' => '6 in']],
                'parts' => array_fill(0, 12, ['length' => '4 in']),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function ties(int $perSection, string $pair = '1-2', string $id = 't1'): array
    {
        return ['id' => $id, 'layout' => 'n-a-section', 'perSection' => $perSection, 'pair' => $pair];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return list<array<string, mixed>>
     */
    private static function meshes(int $count, array $more = []): array
    {
        return array_map(
            fn (int $n): array => ['id' => "m$n", 'name' => "Mesh $n", 'colour' => sprintf('#%02x%02x80', 20 * $n, 250 - 20 * $n)] + $more,
            range(1, $count),
        );
    }

    /** @return list<string> */
    private static function inches(int $from, int $to): array
    {
        return array_map(fn (int $length): string => "$length in", range($from, $to));
    }
}
