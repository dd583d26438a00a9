<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\GoodsUse;
use JsonSerializable;

/** What several plans, or several of one, take when they are made together. */
final readonly class BatchResult implements JsonSerializable
{
    public const FORMAT = 'davrin-batch';

    public const VERSION = 1;

    /**
     * @param  non-empty-list<Share>  $shares
     * @param  list<BatchMaterial>  $materials  every one that is cut
     * @param  list<GoodsUse>  $goods  every one that is counted: halves and thirds, what is on hand and packs pooled over all
     * @param  Cost  $cost  of all of it
     */
    public function __construct(public array $shares, public array $materials, public array $goods, public Cost $cost) {}

    public function isShort(): bool
    {
        return array_filter($this->materials, fn (BatchMaterial $material): bool => $material->rolls->unmet !== []) !== [];
    }

    /** How many pieces of work it is. */
    public function count(): int
    {
        return array_sum(array_map(fn (Share $share): int => $share->copies, $this->shares));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'plans' => array_map(fn (Share $share): array => ['name' => $share->plan->name(), 'copies' => $share->copies], $this->shares),
            'materials' => $this->materials,
            'goods' => $this->goods,
            'cost' => $this->cost,
            'each' => [
                'byLength' => $this->cost->each($this->count())[0]->canonical(),
                'opened' => $this->cost->each($this->count())[1]->canonical(),
            ],
        ];
    }
}
