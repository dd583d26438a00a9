<?php

namespace App\Devices;

use Davrin\Core\Measure\Weight;
use Illuminate\Contracts\Cache\Repository;

/** A scale that is played on a page of its own, where no real one is connected. It remembers what was laid on it. */
final readonly class PlayedScale implements Scale
{
    public const STATES = ['steady' => 'at rest', 'unsteady' => 'not at rest', 'off' => 'switched off'];

    public function __construct(private Repository $memory) {}

    public function lay(Weight $weight, string $state): void
    {
        $this->memory->forever('played-scale', ['weight' => $weight->shown(), 'state' => $state]);
    }

    /** @return array{weight: string, state: string} */
    public function lies(): array
    {
        return $this->memory->get('played-scale') ?? ['weight' => '0 g', 'state' => 'steady'];
    }

    public function read(): Weight
    {
        ['weight' => $shown, 'state' => $state] = $this->lies();
        $weight = Weight::read($shown);

        return match (true) {
            $state === 'off' => throw ScaleSilent::off(),
            $state === 'unsteady' => throw ScaleSilent::unsteady(),
            $weight->hundredths === 0 => throw ScaleSilent::empty(),
            default => $weight,
        };
    }
}
