<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Brick\Math\BigRational;
use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\CostLine;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Run;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollDemand;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Supply\Supply;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * Several plans, or several of one, cut together: what one leaves serves the next. Materials are the same where they are called the
 * same and are as wide, as long on the roll and of the same kind; what is on hand of them is counted once.
 */
final class Batch
{
    /** More pieces and steps than this are more than a bench cuts in a day. */
    public const MOST = 4_000;

    /** What planning all of it may take. */
    private const STEPS = 60_000_000;

    /** In what two plans may differ that use the same material: how it is bought, and what is there. */
    private const APART = ['allowance', 'trim', 'price', 'paid', 'onHand', 'lots', 'weighs', 'rolls', 'supplier'];

    private readonly Effort $effort;

    /** @var array<string, Wound> */
    private array $meshes = [];

    /** @var array<string, list<OnHand>> */
    private array $onHand = [];

    /** @var array<string, ?int> how many new rolls there are */
    private array $new = [];

    /** @var list<Run> */
    private array $runs = [];

    /** @var list<Cut> */
    private array $cuts = [];

    /** @var array<string, BatchPart> */
    private array $parts = [];

    /** @var array<string, array<string, array{int, int}>> full rolls and cents, were it cut alone: by mesh, by the piece of work */
    private array $apart = [];

    private function __construct(private readonly RollPlanner $planner)
    {
        $this->effort = Effort::of(self::STEPS);
    }

    /**
     * @param  non-empty-list<Share>  $shares
     *
     * @throws Fault where that is too much
     */
    public static function of(array $shares, RollPlanner $planner): BatchResult
    {
        $pieces = array_sum(
            array_map(
                fn (Share $share): int => $share->copies * array_sum(
                    array_map(fn ($part): int => count($part->demand->cuts) + count($part->demand->elements), $share->plan->parts),
                ),
                $shares,
            ),
        );
        if ($pieces > self::MOST) {
            throw Fault::at(
                '',
                sprintf('That is %d pieces and poofs together; up to %d are cut together. Take fewer copies.', $pieces, self::MOST),
            );
        }
        $currencies = array_values(
            array_unique(array_map(fn (Share $share): string => $share->plan->settings->currency()->name(), $shares)),
        );
        if (count($currencies) > 1) {
            throw Fault::at(
                '',
                'These plans count their prices in '.Words::list($currencies).'. Cut those together that count in one currency.',
            );
        }
        $batch = new self($planner);
        foreach ($shares as $number => $share) {
            $batch->add($share, $number);
        }

        $materials = $batch->planned($shares[0]);

        $goods = self::goods(
            $shares,
            array_merge(...array_map(fn (BatchMaterial $material): array => $material->rolls->changes, $materials)),
        );
        $settings = $shares[0]->plan->settings;

        return new BatchResult($shares, $materials, $goods, Cost::ofLines([
            ...array_filter(
                array_map(
                    fn (BatchMaterial $material): ?CostLine => Cost::woundLine(
                        $material->wound,
                        $material->rolls,
                        $settings,
                    ),
                    $materials,
                ),
            ),
            ...array_map(fn (Share $share): CostLine => Cost::formLine($share->plan, $share->copies), $shares),
            ...Cost::goodsLines($goods, $settings),
        ], $settings->costsByLength(), array_filter($shares, fn (Share $share): bool => $share->plan->hasByEye()) !== []));
    }

    /**
     * Goods are the same where they are of one kind, called the same and come in the same packs for the same money. What is on hand
     * of them is counted once.
     *
     * @param  non-empty-list<Share>  $shares
     * @param  list<RollChange>  $changes
     * @return list<GoodsUse>
     */
    private static function goods(array $shares, array $changes): array
    {
        [$goods, $exact, $because] = [[], [], []];
        foreach ($shares as $number => $share) {
            foreach ($share->plan->goods() as $good) {
                $said = $good->slip->write();
                $key = json_encode([$good->kind->key(), $said['name'], $said['pack'], $said['price'], $said['paid']], JSON_THROW_ON_ERROR);
                $goods[$key] = isset($goods[$key]) ? $goods[$key]->beside($good) : $good;
                for ($copy = 1; $copy <= $share->copies; $copy++) {
                    [$its, $words] = GoodsUse::asked($share->plan, $good, $changes, "$number-$copy/");
                    $exact[$key] = ($exact[$key] ?? BigRational::zero())->plus($its);
                    $because[$key] = [...$because[$key] ?? [], ...$words];
                }
            }
        }

        return array_map(
            fn (string $key): GoodsUse => GoodsUse::ofPieces($goods[$key], $exact[$key], self::alike($because[$key])),
            array_keys($goods),
        );
    }

    /**
     * What is said of several copies alike is said once: "3 x 18 ties, each a whole stem".
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function alike(array $words): array
    {
        $counts = array_count_values($words);

        return array_map(fn (string $one, int $count): string => $count > 1 ? "$count x $one" : $one, array_keys($counts), $counts);
    }

    private function add(Share $share, int $number): void
    {
        $keys = [];
        foreach ($share->plan->usedWound() as $mesh) {
            $keys[$mesh->id] = $this->mesh($mesh);
        }
        $alone = [];
        for ($copy = 1; $copy <= $share->copies; $copy++) {
            $named = $share->plan->name().($share->copies > 1 ? ", no. $copy" : '');
            foreach ($share->plan->parts as $part) {
                $this->parts["$number-$copy/$part->id"] = new BatchPart($named, $part);
            }
            $runs = $this->runsOf($share, $keys, "$number-$copy");
            $cuts = $this->cutsOf($share, $keys, "$number-$copy");
            array_push($this->runs, ...$runs);
            array_push($this->cuts, ...$cuts);
            $alone = $alone === []
                ? $this->planner->plan($runs, $cuts, $this->newRolls($share, array_values($keys)), $this->effort)
                : $alone;
            foreach ($alone as $key => $rolls) {
                $this->apart[$key]["$number-$copy"] = [$rolls->opened(), $rolls->cents()];
            }
        }
    }

    /** @return list<BatchMaterial> */
    private function planned(Share $first): array
    {
        $supplies = $this->supplies($first, array_keys($this->meshes));
        $plans = $this->planner->plan($this->runs, $this->cuts, $supplies, $this->effort);

        return array_merge([], ...array_map(fn (string $key): array => $this->lotByLot($key, $plans[$key], $supplies[$key]) ?? [
            $this->batchMaterial($key, $this->proven($key, $plans, $supplies[$key]), array_keys($this->apart[$key])),
        ], array_keys($plans)));
    }

    /** @param  list<string>  $works  the pieces of work it is cut for */
    private function batchMaterial(string $key, RollPlan $rolls, array $works, ?string $lot = null): BatchMaterial
    {
        $apart = array_intersect_key($this->apart[$key], array_flip($works));

        return new BatchMaterial(
            $this->meshes[$key],
            $rolls,
            $this->parts,
            array_sum(array_column($apart, 0)),
            $this->meshes[$key]->money(array_sum(array_column($apart, 1))),
            $lot,
        );
    }

    /**
     * Lots are kept apart in each piece of work, not over all of them: those that a lot is enough for are cut from it, and the
     * others from what is left. Null where that leaves no fewer short, buys nothing less and opens no fewer rolls.
     *
     * @return ?list<BatchMaterial>
     */
    private function lotByLot(string $key, RollPlan $together, Supply $supply): ?array
    {
        $tied = array_filter(
            $this->runs,
            fn (Run $run): bool => in_array($key, $run->strands, true) && array_unique($run->strands) !== [$key],
        );
        $lots = $supply->lots();
        if (count($lots) < 2 || $tied !== [] || $this->effort->isSpent() || ($together->unmetPieces === 0 && $together->opened() === 0)) {
            return null;
        }
        [$waiting, $cut] = [array_map(strval(...), array_keys($this->apart[$key])), []];
        foreach ($lots as $lot) {
            $its = [];
            foreach ($waiting as $work) {
                $asked = $this->asked($key, [...$its, $work]);
                if (
                    $asked->units() <= $supply->ofLot($lot)->together()->units
                    && $this->rolls($asked, $supply->ofLot($lot))->unmetPieces === 0
                ) {
                    $its[] = $work;
                }
            }
            if ($its !== []) {
                $cut[] = $this->batchMaterial($key, $this->rolls($this->asked($key, $its), $supply->ofLot($lot)), $its, $lot);
                [$waiting, $supply] = [array_values(array_diff($waiting, $its)), $supply->withoutLot($lot)];
            }
        }
        if ($waiting !== []) {
            $cut[] = $this->batchMaterial($key, $this->rolls($this->asked($key, $waiting), $supply), $waiting);
        }
        $sum = [0, 0, 0];
        foreach ($cut as $mesh) {
            $sum = array_map(fn (int $before, int $more): int => $before + $more, $sum, array_slice($mesh->rolls->objective(), 0, 3));
        }

        return $sum < array_slice($together->objective(), 0, 3) ? $cut : null;
    }

    /** @param  list<string>  $works */
    private function asked(string $key, array $works): RollDemand
    {
        $isTheirs = fn (string $part): bool => in_array(explode('/', $part)[0], $works, true);

        return RollDemand::of(
            array_values(array_filter($this->runs, fn (Run $run): bool => $isTheirs($run->part))),
            array_values(array_filter($this->cuts, fn (Cut $cut): bool => $isTheirs($cut->element->part))),
            $key,
        );
    }

    private function rolls(RollDemand $asked, Supply $supply): RollPlan
    {
        return $this->planner->plan($asked->runs, $asked->cuts, [$asked->mesh => $supply], $this->effort)[$asked->mesh];
    }

    /** @param  array<string, RollPlan>  $plans */
    private function proven(string $key, array $plans, Supply $supply): RollPlan
    {
        $plan = $plans[$key];
        // Where each piece of work may have a lot of its own, no way is better than the best with lots mixed.
        $bound = count($this->apart[$key]) > 1 && count($supply->lots()) > 1 ? $supply->mixed() : $supply;

        return $plan->proof === null || $bound !== $supply
            ? $plan->provenBy($this->planner->proof($this->runs, $this->cuts, $key, $bound, $plans, $this->effort))
            : $plan;
    }

    /** @return string the key of a mesh that plans share */
    private function mesh(Wound $mesh): string
    {
        // The pattern of a ribbon is its own; that of a mesh only tells colours apart in print.
        $apart = [...self::APART, ...($mesh->wound->makesABase() ? ['hatch'] : [])];
        $key = json_encode(array_diff_key($mesh->slip->write(), array_flip($apart)), JSON_THROW_ON_ERROR);
        $isNew = ! isset($this->meshes[$key]);
        $this->meshes[$key] ??= $mesh;
        $this->new[$key] = $isNew
            ? $mesh->rolls()
            : ($this->new[$key] === null || $mesh->rolls() === null ? null : max($this->new[$key], $mesh->rolls()));
        foreach ($mesh->onHand() as $there) {
            // The same thing on the shelf, or what two plans say in the same words, is there once.
            $this->onHand[$key] ??= [];
            $isThere = fn (OnHand $other): bool => $there->item !== null ? $other->item === $there->item : $other == $there;
            if (array_filter($this->onHand[$key], $isThere) === []) {
                $this->onHand[$key][] = $there;
            }
        }

        return $key;
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, Supply>
     */
    private function supplies(Share $share, array $keys): array
    {
        $supplies = [];
        foreach ($keys as $key) {
            $supplies[$key] = $this->meshes[$key]->supplyOf(
                $this->onHand[$key] ?? [],
                $this->new[$key],
                $share->plan->settings->keepFrom(),
                false,
            );
        }

        return $supplies;
    }

    /**
     * As many new rolls as it takes, and nothing else: what is on hand can only be used once.
     *
     * @param  list<string>  $keys
     * @return array<string, Supply>
     */
    private function newRolls(Share $share, array $keys): array
    {
        return array_map(
            fn (string $key): Supply => $this->meshes[$key]->supplyOf([], null, $share->plan->settings->keepFrom(), false),
            array_combine($keys, $keys),
        );
    }

    /**
     * @param  array<string, string>  $keys  by the id of the mesh in its plan
     * @return list<Run>
     */
    private function runsOf(Share $share, array $keys, string $prefix): array
    {
        $runs = [];
        foreach ($share->plan->parts as $part) {
            foreach ($part->demand->runs as $run) {
                $runs[] = $run->ofPart($prefix, array_map(fn (string $strand): string => $keys[$strand], $run->strands));
            }
        }

        return $runs;
    }

    /**
     * @param  array<string, string>  $keys
     * @return list<Cut>
     */
    private function cutsOf(Share $share, array $keys, string $prefix): array
    {
        $cuts = [];
        foreach ($share->plan->parts as $part) {
            foreach ($part->demand->cuts as $cut) {
                $cuts[] = new Cut($cut->element->ofPart($prefix), $keys[$cut->material], $cut->length);
            }
        }

        return $cuts;
    }
}
