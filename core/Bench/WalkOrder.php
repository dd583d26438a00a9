<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** In which order the elements of one piece of work are made. */
enum WalkOrder: string
{
    case ByStep = 'step';
    case ByElement = 'element';

    public function words(): string
    {
        return match ($this) {
            self::ByStep => 'step by step: cut all, then make all',
            self::ByElement => 'one at a time: cut one, make it, tie it on',
        };
    }
}
