<?php

namespace App\Guide;

use App\Drawing\Ink;
use App\Techniques\Sample;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Guide\GuideStep;

/** A page of the guide with its drawings. */
final readonly class Drawn
{
    /** @var list<array{scene: Scene, says: string, onForm: bool}> */
    public array $steps;

    public Scene $wrong;

    /** @param  ?Sample  $sample  of the kind of part that it is about; null where it is about none */
    public function __construct(public GuidePage $page, public ?Sample $sample, private States $states)
    {
        $this->steps = array_map(fn (GuideStep $step): array => [
            'scene' => $this->scene($step),
            'says' => $step->says,
            'onForm' => self::isOnForm($step),
        ], $page->steps);
        $this->wrong = $this->scene($page->wrong);
    }

    /** @return array<string, Ink> all that its drawings need, by id */
    public function inks(): array
    {
        return array_merge($this->wrong->inks(), ...array_map(fn (array $step): array => $step['scene']->inks(), $this->steps));
    }

    /** What stands for it in a list: the last that lies in the hand. */
    public function emblem(): Scene
    {
        $held = array_values(array_filter($this->steps, fn (array $step): bool => ! $step['onForm']));

        return $held[count($held) - 1]['scene'] ?? $this->wrong;
    }

    private function scene(GuideStep $step): Scene
    {
        return $this->states->draw($step->drawn, $this->sample);
    }

    private static function isOnForm(GuideStep $step): bool
    {
        return str_starts_with($step->drawn, State\OnForm::NAME);
    }
}
