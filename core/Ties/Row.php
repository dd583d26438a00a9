<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\WirePair;

/** A row of ties on one pair of wires, as spots: the section and how many inches into it. */
final readonly class Row
{
    /** @param  list<array{section: int, along: float}>  $spots in the order of the count */
    private function __construct(public WirePair $pair, public array $spots) {}

    /**
     * The same spots in every section.
     *
     * @param  list<float>  $alongs  inches into a section
     */
    public static function inEachSection(Form $form, WirePair $pair, array $alongs): self
    {
        $spots = [];
        for ($section = 1; $section <= $form->sections(); $section++) {
            foreach ($alongs as $along) {
                $spots[] = ['section' => $section, 'along' => $along];
            }
        }

        return new self($pair, $spots);
    }
}
