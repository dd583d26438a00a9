<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Fault;

/** One of the lists of a plan document, its ties, materials or parts: what is added to it, taken out or moved. */
final readonly class DocumentList
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<array<mixed>>  $items
     */
    private function __construct(private array $document, private string $key, private array $items) {}

    public static function of(Plan $plan, string $key): self
    {
        $document = $plan->write();

        return new self($document, $key, array_values(array_filter((array) $document[$key], is_array(...))));
    }

    public function count(): int
    {
        return count($this->items);
    }

    /**
     * The document with one more.
     *
     * @param  string  $letter  that its id begins with
     * @param  array<string, mixed>  $written
     * @param  ?int  $at  its place in the list; null for the end
     * @return array<string, mixed>
     */
    public function with(string $letter, array $written, ?int $at = null): array
    {
        $items = $this->items;
        array_splice($items, $at ?? count($items), 0, [['id' => $this->freeId($letter), ...$written]]);

        return [...$this->document, $this->key => $items];
    }

    /** @return array<string, mixed> the document without some of them */
    public function without(string ...$ids): array
    {
        $places = array_map($this->place(...), $ids);

        return [...$this->document, $this->key => array_values(array_diff_key($this->items, array_flip($places)))];
    }

    /** @return array<string, mixed> the document with one of them so many places later; where there is no such place, as it is */
    public function moved(string $id, int $by): array
    {
        [$items, $from] = [$this->items, $this->place($id)];
        if (isset($items[$from + $by])) {
            [$items[$from], $items[$from + $by]] = [$items[$from + $by], $items[$from]];
        }

        return [...$this->document, $this->key => $items];
    }

    /** The first id with this letter that nothing in the list has. */
    public function freeId(string $letter): string
    {
        for ($number = 1; in_array($letter.$number, array_column($this->items, 'id'), true); $number++);

        return $letter.$number;
    }

    /** @throws Fault where nothing in the list has this id */
    private function place(string $id): int
    {
        $place = array_search($id, array_column($this->items, 'id'), true);

        return is_int($place) ? $place : throw Fault::noBlank($id);
    }
}
