<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Place;
use Davrin\Core\Form\WirePair;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** A numbered place on the form where mesh is tied. The number stays with it, from the front and from the back. */
final readonly class Tie
{
    public function __construct(
        public int $number,
        public int $row,
        public int $section,
        public WirePair $pair,
        public float $along,
        public float $sectionLength,
        public Place $place,
    ) {}

    /** Where it is, in words: "two outer wires, section 2, 1 1/2 in before the crossbar". */
    public function where(Form $form, Units $units): string
    {
        return sprintf('%s, section %d, %s', $this->pair->name($form), $this->section, $this->spot($units));
    }

    private function spot(Units $units): string
    {
        $after = $this->along;
        $before = $this->sectionLength - $this->along;
        $shown = fn (float $inches): string => $units->place(Length::ofUnits((int) round($inches * Length::PER_INCH)));

        return match (true) {
            abs($after - $before) < 0.01 => 'mid section',
            $after < 0.01 => 'at the crossbar',
            $after < $before => $shown($after).' after the crossbar',
            default => $shown($before).' before the crossbar',
        };
    }
}
