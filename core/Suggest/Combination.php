<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

/** One way of making something: a form, a layout of ties on it, a technique, and which materials share the pieces. */
final readonly class Combination
{
    /**
     * @param  int  $form  its place among those that are given
     * @param  array<string, string|int>  $layout  as a plan file holds it
     * @param  non-empty-list<array{int, int}>  $share  places of materials among those that are given, each with its share
     */
    public function __construct(public int $form, public string $technique, public array $layout, public array $share) {}

    /** What two near-twins have in common: technique and layout. */
    public function kin(): string
    {
        return $this->technique.' '.$this->layout['layout'];
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['form' => $this->form, 'technique' => $this->technique, 'layout' => $this->layout, 'share' => $this->share];
    }
}
