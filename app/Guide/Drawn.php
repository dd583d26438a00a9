<?php

namespace App\Guide;

use App\Drawing\Ink;
use App\Techniques\Sample;
use Davrin\Core\Guide\Chapter;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Guide\GuideStep;
use Davrin\Core\Measure\Units;

/** A page of the guide with its drawings. */
final readonly class Drawn
{
    /** @param  ?Sample  $sample  of the kind of part that it is about; null where it is about none */
    public function __construct(public GuidePage $page, public ?Sample $sample, private States $states, private Units $units) {}

    /** @return list<array{scene: Scene, says: string, onForm: bool}> */
    public function steps(): array
    {
        return array_map(fn (GuideStep $step): array => [
            'scene' => $this->scene($step),
            'says' => $step->says,
            'onForm' => self::isOnForm($step),
        ], $this->page->steps);
    }

    public function wrong(): Scene
    {
        return $this->scene($this->page->wrong);
    }

    /** @return array<string, Ink> all that its drawings need, by id */
    public function inks(): array
    {
        return array_merge(...array_map(
            fn (GuideStep $step): array => $this->scene($step)->inks(),
            [...$this->page->steps, $this->page->wrong],
        ));
    }

    /** What stands for it in a list: what its text shows; else of ties the last layout that is bare, or the last state in the hand. */
    public function emblem(): Scene
    {
        if ($this->page->shows !== null) {
            return $this->drawing($this->page->shows);
        }
        $shows = fn (GuideStep $step): bool => $this->page->chapter === Chapter::Ties
            ? str_starts_with($step->drawn, State\Wires::NAME) && ! str_contains($step->drawn, 'filled')
            : ! self::isOnForm($step);

        return $this->scene(array_values(array_reverse(array_filter($this->page->steps, $shows)))[0] ?? $this->page->wrong);
    }

    private function scene(GuideStep $step): Scene
    {
        return $this->drawing($step->drawn);
    }

    private function drawing(string $drawn): Scene
    {
        return $this->states->draw($drawn, $this->sample, $this->units);
    }

    private static function isOnForm(GuideStep $step): bool
    {
        return str_starts_with($step->drawn, State\OnForm::NAME);
    }
}
