<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use JsonSerializable;

/** Whether a mesh is enough. Short stands alone; a plan that fits may use every inch, be at risk, or both. */
final readonly class Verdict implements JsonSerializable
{
    public function __construct(public bool $short, public bool $atRisk, public bool $everyInch) {}

    /** It fits, even should the rolls come as short as they may, and something is left. */
    public function isGood(): bool
    {
        return ! $this->short && ! $this->atRisk && ! $this->everyInch;
    }

    public function words(): string
    {
        return match (true) {
            $this->short => 'short',
            $this->everyInch && $this->atRisk => 'uses every inch, at risk',
            $this->everyInch => 'uses every inch',
            $this->atRisk => 'at risk',
            default => 'fits',
        };
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['words' => $this->words(), 'short' => $this->short, 'atRisk' => $this->atRisk, 'everyInch' => $this->everyInch];
    }
}
