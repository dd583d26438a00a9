<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Estimate\Extent;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Form\Form;
use Davrin\Core\Roll\Verdict;
use Davrin\Core\Words\Words;
use JsonSerializable;

/** Everything computed from a plan: one immutable tree, which every view, file and command reads. */
final readonly class Result implements JsonSerializable
{
    public const FORMAT = 'davrin-result';

    public const VERSION = 2;

    /**
     * @param  list<TieResult>  $ties
     * @param  list<PartResult>  $parts
     * @param  list<WoundResult>  $wound
     * @param  list<GoodsUse>  $goods
     * @param  list<BuildStep>  $build  in the order of work
     * @param  list<Advice>  $advice
     * @param  list<RunYield>  $yields  of its runs, where they were asked for
     */
    public function __construct(
        public string $name,
        public Verdict $verdict,
        public Tally $tally,
        public Form $form,
        public Extent $extent,
        public Fullness $fullness,
        public string $formWords,
        public array $ties,
        public array $parts,
        public array $wound,
        public array $goods,
        public Cost $cost,
        public array $build,
        public array $advice,
        public array $yields = [],
    ) {}

    /** How much is used of a kind of goods, by its key; null where the plan has none of it. */
    public function goodsOf(string $kind): ?GoodsUse
    {
        return array_values(array_filter($this->goods, fn (GoodsUse $use): bool => $use->good->kind->key() === $kind))[0] ?? null;
    }

    /** @return list<string> what is on no shelf and has to be bought: "2 new rolls of Sage mesh", "1 pack of chenille stems" */
    public function toBuy(): array
    {
        $rolls = array_map(fn (WoundResult $mesh): ?string => $mesh->plan->toBuy($mesh->wound->name()), $this->wound);
        $packs = array_map(fn (GoodsUse $use): ?string => $use->packs === 0
            ? null
            : Words::count($use->packs, 'pack').' of '.$use->what(), $this->goods);

        return array_values(array_filter([...$rolls, ...$packs]));
    }

    public function yieldOf(string $part): ?RunYield
    {
        return array_values(array_filter($this->yields, fn (RunYield $yield): bool => $yield->part === $part))[0] ?? null;
    }

    /**
     * @param  list<Advice>  $advice
     * @param  ?list<RunYield>  $yields  null where they stay as they are
     */
    public function advised(array $advice, ?array $yields = null): self
    {
        return new self(
            $this->name,
            $this->verdict,
            $this->tally,
            $this->form,
            $this->extent,
            $this->fullness,
            $this->formWords,
            $this->ties,
            $this->parts,
            $this->wound,
            $this->goods,
            $this->cost,
            $this->build,
            $advice,
            $yields ?? $this->yields,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'verdict' => $this->verdict,
            'tally' => $this->tally,
            'form' => ['words' => $this->formWords, ...$this->form->jsonSerialize()],
            'ties' => $this->ties,
            'parts' => $this->parts,
            'yields' => $this->yields,
            'materials' => $this->wound,
            'goods' => $this->goods,
            'cost' => $this->cost,
            'build' => $this->build,
            'advice' => $this->advice,
        ];
    }
}
