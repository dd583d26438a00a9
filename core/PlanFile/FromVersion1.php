<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use stdClass;

/**
 * Version 1 knew meshes and layers on ties, and stems and zip ties beside them. In version 2 all of these are materials and parts,
 * each of a kind; strands are a material of their own, and a wound cover stands on what it covers and not on ties.
 */
final readonly class FromVersion1 implements Upgrade
{
    /** What a mesh was where nothing was said, which strands are not. */
    private const MESH = [
        'name' => 'Sage mesh',
        'colour' => '#7f9a76',
        'hatch' => 'slant',
        'width' => '10 in',
        'roll' => '10 yd',
        'price' => '6.50',
    ];

    private const POINTERS = ['/parts' => '/layers', '/materials' => '/meshes'];

    public function from(): int
    {
        return 1;
    }

    public function upgrade(stdClass $document): stdClass
    {
        $upgraded = new stdClass;
        foreach (get_object_vars($document) as $key => $value) {
            match (true) {
                $key === 'meshes' => $upgraded->materials = is_array($value)
                    ? [...array_map($this->mesh(...), $value), ...$this->goods($document, $value)]
                    : $value,
                $key === 'layers' => $upgraded->parts = is_array($value) ? array_map($this->layer(...), $value) : $value,
                // Version 1 took an empty list for the usual ties.
                $key === 'ties' && $value === [], $key === 'stems', $key === 'zipTies' => null,
                default => $upgraded->{$key} = $value,
            };
        }

        return $upgraded;
    }

    public function pointer(string $pointer, stdClass $document): string
    {
        $meshes = is_array($document->meshes ?? null) ? count($document->meshes) : 0;
        foreach (['stems', 'zipTies'] as $index => $key) {
            $place = '/materials/'.($meshes + $index);
            if (str_starts_with("$pointer/", "$place/")) {
                return "/$key".substr($pointer, strlen($place));
            }
        }
        foreach (self::POINTERS as $now => $was) {
            if (str_starts_with("$pointer/", "$now/")) {
                $pointer = $was.substr($pointer, strlen($now));
            }
        }

        return (string) preg_replace(['#^(/layers/\d+)/kind$#', '#^(/layers/\d+)/material#'], ['$1/technique', '$1/mesh'], $pointer);
    }

    private function mesh(mixed $mesh): mixed
    {
        if (! $mesh instanceof stdClass) {
            return $mesh;
        }
        $written = get_object_vars($mesh);
        $isStrands = ($written['body'] ?? null) === 'strands';

        return (object) [
            ...array_intersect_key($written, ['id' => 1]),
            'kind' => $isStrands ? 'strands' : 'mesh',
            ...($isStrands ? self::MESH : []),
            ...array_diff_key($written, ['id' => 1, ...($isStrands ? ['body' => 1] : [])]),
        ];
    }

    /**
     * @param  array<mixed>  $meshes
     * @return list<mixed>
     */
    private function goods(stdClass $document, array $meshes): array
    {
        $taken = array_map(fn (mixed $mesh): mixed => $mesh instanceof stdClass ? $mesh->id ?? null : null, $meshes);
        $goods = [];
        foreach (['stems' => 'stems', 'zipTies' => 'zip-ties'] as $key => $kind) {
            $written = $document->{$key} ?? new stdClass;
            for ($id = $kind, $number = 2; in_array($id, $taken, true); $number++) {
                $id = "$kind-$number";
            }
            $goods[] = $written instanceof stdClass ? (object) ['id' => $id, 'kind' => $kind, ...get_object_vars($written)] : $written;
        }

        return $goods;
    }

    private function layer(mixed $layer): mixed
    {
        if (! $layer instanceof stdClass) {
            return $layer;
        }
        $written = get_object_vars($layer);
        $part = [];
        foreach ($written as $key => $value) {
            $part[['technique' => 'kind', 'mesh' => 'material'][$key] ?? $key] = $value;
        }

        return (object) (($part['kind'] ?? null) === 'wound-cover' ? array_diff_key($part, ['ties' => 1, 'on' => 1]) : $part);
    }
}
