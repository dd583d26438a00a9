<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;

/** A combination with a length that does all that is wished. */
final readonly class Suggestion
{
    /** @param  bool  $hasRibbon  whether ribbon sets are on it */
    public function __construct(public Combination $of, public Length $length, public bool $hasRibbon, public Metrics $metrics) {}

    /** @return array<string, mixed> */
    public function write(): array
    {
        return $this->of->write() + [
            'length' => LengthText::canonical($this->length),
            'ribbon' => $this->hasRibbon,
            'metrics' => $this->metrics->write(),
        ];
    }

    /**
     * @param  array{
     *     form: int, technique: string, layout: array<string, string|int>, share: non-empty-list<array{int, int}>, length: string,
     *     ribbon: bool, metrics: array<string, int|float>,
     * }  $written
     */
    public static function read(array $written): self
    {
        return new self(
            new Combination($written['form'], $written['technique'], $written['layout'], $written['share']),
            LengthText::read($written['length'], null),
            $written['ribbon'],
            Metrics::read($written['metrics']),
        );
    }
}
