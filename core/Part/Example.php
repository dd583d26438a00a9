<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** What the guide shows a kind of part on: a form, its ties, and what is built before. */
final readonly class Example
{
    /**
     * @param  array<string, mixed>  $form  as a plan file holds it
     * @param  list<string>  $spots  of its ties, tie by tie; none where it stands on none
     * @param  list<array<string, mixed>>  $before  parts that are built before, as a plan file holds them
     * @param  array<string, mixed>  $shown  what is written of the part itself
     */
    private function __construct(public array $form, public array $spots, public array $before, public array $shown = []) {}

    /** @param  array<string, mixed>  $shown */
    public function saying(array $shown): self
    {
        return new self($this->form, $this->spots, $this->before, $shown);
    }

    /**
     * On four wires 1 in apart, straight, 60 in long.
     *
     * @param  non-empty-list<int>  $along  where its ties are, in inches
     * @param  list<array<string, mixed>>  $before
     */
    public static function onWires(array $along = [30], array $before = []): self
    {
        return new self(
            ['kind' => 'outline', 'points' => ['0 0', '60 0'], 'closed' => 'open', 'size' => '60 in', 'count' => 4, 'gap' => '1 in'],
            array_map(fn (int $inches): string => "2-3: $inches in", $along),
            $before,
        );
    }

    /** @param  array<string, mixed>  $form */
    public static function on(array $form): self
    {
        return new self($form, [], []);
    }
}
