<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;

/** A row of spots in the order of the count. On a closed one the last is followed by the first. */
final readonly class Row
{
    /** @param  list<Spot>  $spots */
    public function __construct(public array $spots, public bool $closed) {}

    /**
     * The same spots in each of some sections of one seat.
     *
     * @param  ?list<int>  $sections  null for all
     * @param  callable(float): list<float>  $along  inches into a section of so many inches
     */
    public static function inSections(Form $form, Seat $seat, ?array $sections, callable $along): self
    {
        $spots = [];
        foreach ($sections ?? range(1, $form->sections->count()) as $section) {
            foreach ($along($form->sections->length($seat, $section)) as $into) {
                $spots[] = new Spot($seat, $form->sections->start($seat, $section) + $into);
            }
        }

        return self::inOrder($form, $spots, $form->closed() && ($sections === null || count($sections) === $form->sections->count()));
    }

    /**
     * Where crossbars cross one seat, in some sections.
     *
     * @param  ?list<int>  $sections  null for all
     */
    public static function atCrossbars(Form $form, Seat $seat, ?array $sections): self
    {
        $spots = [];
        foreach ($form->crossings($seat) as $distance) {
            if ($sections === null || in_array($form->sections->at($seat, $distance)[0], $sections, true)) {
                $spots[] = new Spot($seat, $distance);
            }
        }

        return self::inOrder($form, $spots, $form->closed() && ($sections === null || count($sections) === $form->sections->count()));
    }

    /** @param  list<Spot>  $spots on one seat */
    public static function inOrder(Form $form, array $spots, bool $closed): self
    {
        $turn = $form->closed() && $spots !== [] ? $form->length($spots[0]->seat) : INF;
        // A section may begin before the count does and go on beyond it.
        $from = fn (Spot $spot): float => $turn === INF ? $spot->distance : fmod($spot->distance + 1e-6, $turn);
        usort($spots, fn (Spot $a, Spot $b): int => $from($a) <=> $from($b));

        return new self($spots, $closed);
    }
}
