<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\SegmentKind;

/** A stretch of a roll as the bench has it: a piece that is cut, or a step or a tail of a run. */
final readonly class BenchCut
{
    /**
     * @param  ?string  $id  "1/outer.9/0": the piece of work, the element, and which of its pieces; null for a tail
     * @param  string  $part  that it is for, by id
     */
    public function __construct(
        public ?string $id,
        public SegmentKind $kind,
        public Length $length,
        public int $copy,
        public string $part,
        public ?int $tie,
    ) {}

    /** Whether it is cut by itself, and not measured from tie to tie. */
    public function isPiece(): bool
    {
        return $this->kind === SegmentKind::Piece;
    }

    /** What was cut and is of no use for the plan. */
    public function isWaste(): bool
    {
        return $this->isPiece() && $this->id === null;
    }

    /** The same once it is spoiled, as long as it was cut. */
    public function wasted(?Length $length = null): self
    {
        return new self(null, SegmentKind::Piece, $length ?? $this->length, $this->copy, $this->part, null);
    }

    /** "1/outer.9" */
    public function element(): ?string
    {
        return $this->id === null ? null : substr($this->id, 0, (int) strrpos($this->id, '/'));
    }

    /** @return array<string, mixed> */
    public function asData(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'length' => $this->length->units,
            'copy' => $this->copy,
            'part' => $this->part,
            'tie' => $this->tie,
        ];
    }

    /** @param  array{id: ?string, kind: string, length: int, copy: int, part: string, tie: ?int}  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['id'],
            SegmentKind::from($data['kind']),
            Length::ofUnits($data['length']),
            $data['copy'],
            $data['part'],
            $data['tie'],
        );
    }
}
