<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plans as makers could write them, short of mesh more often than not; the same for the same seed. */
final class RandomPlans
{
    private const FORMS = [
        ['kind' => 'ring'], ['kind' => 'ring'], ['kind' => 'ring', 'wires' => ['18 in', '16 in'], 'crossbars' => 8], ['kind' => 'rectangle'],
        ['kind' => 'stick'], ['kind' => 'heart'], ['kind' => 'loop'], ['kind' => 'hook'],
    ];

    private const PIECES = ['ruffle', 'ruffle', 'folded-ruffle', 'curled-ruffle', 'pancake', 'rolled-bundle', 'starburst', 'crossed-curled-ruffles'];

    private const IN_ONE_PIECE = ['ruffle', 'folded-ruffle', 'curled-ruffle', 'pancake'];

    private const ORDERS = ['in-turn', 'in-turn-closed', 'mirrored', 'every-3', 'by-count', 'by-count', 'alternating', 'anchor-crossbars'];

    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function next(PlanReader $reader): Plan
    {
        while (true) {
            try {
                return $reader->read($this->document());
            } catch (Refused) {
                // Not every form takes every layout, nor every length every curl.
            }
        }
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $form = $this->of(self::FORMS);
        $materials = array_map($this->material(...), range(1, $this->chance->getInt(1, 3)));

        return [
            'form' => $form,
            ...($form['kind'] === 'ring' && $this->chance->getInt(0, 1) === 1
                ? ['ties' => [['layout' => 'n-a-section', 'perSection' => $this->chance->getInt(2, 8)]]]
                : []),
            'materials' => $materials,
            'parts' => array_map(fn (): array => $this->part(array_column($materials, 'id')), range(1, $this->of([1, 1, 1, 2, 2, 3]))),
            'settings' => [
                ...($this->chance->getInt(0, 5) === 0 ? ['room' => $this->of(['3 in', '4 in', '5 in'])] : []),
                'units' => $this->of(['inches', 'inches', 'inches', 'centimetres']),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function material(int $number): array
    {
        return [
            'id' => "m$number",
            'name' => "Mesh $number",
            'width' => $this->of(['6 in', '10 in', '21 in']),
            'roll' => $this->of(['5 yd', '10 yd', '10 yd']),
            'rolls' => $this->of(['as needed', 'as needed', 'as needed', 0, 1, 2, 3, 4, 5]),
            'label' => $this->of(['by the label', 'measured']) === 'measured' ? 'measured' : 'by-label',
            'allowance' => $this->of(['1 %', '2 %', '5 %', '10 %']),
            'onHand' => $this->of([[], [], ['131 in'], ['60 in', '200 in'], ['100 in lot A', '120 in lot B']]),
        ];
    }

    /**
     * @param  non-empty-list<string>  $materials
     * @return array<string, mixed>
     */
    private function part(array $materials): array
    {
        if ($this->chance->getInt(0, 3) === 0) {
            $strands = array_map(fn (): string => $this->of($materials), range(1, $this->chance->getInt(1, 3)));

            return ['kind' => 'poof-run', 'material' => $strands, 'pitch' => $this->of(['7 in', '8 in', '9 1/2 in', '10 in'])];
        }
        $kind = $this->of(self::PIECES);
        $bundle = in_array($kind, ['rolled-bundle', 'starburst'], true);
        $material = match (true) {
            $bundle => array_map(fn (): string => $this->of($materials), range(1, $this->chance->getInt(2, 4))),
            $kind === 'crossed-curled-ruffles' => [$this->of($materials), $this->of($materials)],
            default => $this->of($materials),
        };

        return [
            'kind' => $kind,
            'material' => $material,
            'length' => $bundle ? $this->chance->getInt(56, 100) / 8 .' in' : $this->chance->getInt(80, 240) / 8 .' in',
            ...($this->chance->getInt(0, 4) === 0 ? ['on' => $this->of(['row 1', 'every 2nd tie', 'ties 1, 4 and 7'])] : []),
            ...(count($materials) > 1 && in_array($kind, self::IN_ONE_PIECE, true) && $this->chance->getInt(0, 2) > 0
                ? $this->inColours($materials)
                : []),
        ];
    }

    /**
     * @param  non-empty-list<string>  $materials
     * @return array<string, mixed>
     */
    private function inColours(array $materials): array
    {
        $order = $this->of(self::ORDERS);
        $counted = fn (string $material): string => "$material: ".$this->of([2, 3, 6, 9, 9, 12, 14]);

        return [
            'order' => $order,
            'material' => match ($order) {
                'by-count' => array_map($counted, $materials),
                'alternating' => array_map($counted, array_slice($materials, 0, 2)),
                'every-3' => array_slice($materials, 0, 2),
                default => $materials,
            },
            ...($this->chance->getInt(0, 3) === 0 ? ['painted' => [$this->of(['3', '1 and 2', '5, 6 and 7']).': '.$this->of($materials)]] : []),
        ];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $all
     * @return T
     */
    private function of(array $all): mixed
    {
        return $all[$this->chance->getInt(0, count($all) - 1)];
    }
}
