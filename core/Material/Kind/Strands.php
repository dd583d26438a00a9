<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Raffia and other loose strands, drawn off a hank side by side and cut as a bunch. */
final readonly class Strands extends SoldOnRolls
{
    public const KEY = 'strands';

    public function __construct()
    {
        parent::__construct(
            self::KEY,
            self::KEY,
            'Natural raffia',
            '#c9a66b',
            'dashes',
            Length::inches(0, 1, 4),
            Length::inches(0, 1, 16),
            Length::inches(72),
            Length::yards(100),
            400,
        );
    }

    public function noun(): array
    {
        return ['hank of strands', 'hanks of strands'];
    }

    public function looksSentence(): string
    {
        return '{colour} {name} in {hatch}, strands, {width} wide';
    }

    public function cutter(): string
    {
        return 'scissors';
    }

    public function wayOfCutting(): string
    {
        return 'Strands: draw them off, lay them side by side, cut the bunch with scissors.';
    }

    public function isDrawnOff(): bool
    {
        return true;
    }
}
