<?php

declare(strict_types=1);

namespace Davrin\Core\Part\SmallSigns;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;

/** Small wooden shapes and tags that go between the mesh. */
final class SmallSigns extends Extras
{
    public function key(): string
    {
        return 'small-signs';
    }

    public function name(): string
    {
        return 'small signs';
    }

    public function noun(): array
    {
        return ['small sign', 'small signs'];
    }

    protected function good(): string
    {
        return 'small-sign';
    }

    protected function usualSize(): Length
    {
        return Length::inches(3);
    }

    protected function usualCount(): int
    {
        return 3;
    }
}
