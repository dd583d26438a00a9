<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Colour\OrdersByCount;
use Davrin\Core\Edit\PartWords;
use Davrin\Core\Estimate\TiesUsed;
use Davrin\Core\Material\Material;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Words;

/** What can be done about materials that are not enough. Each proposal makes them safe, not merely enough at nominal length. */
final readonly class RollProposals
{
    /** The shortest a remedy may make a piece, as a share of its length now; shorter is another wreath (docs/decisions.md). */
    private const LEAST_PART = [2, 3];

    private const AFTER_THE_OTHERS = 1;

    private const LAST = 2;

    /**
     * @param  non-empty-list<WoundResult>  $meshes  that are not enough, all for one part
     */
    public function __construct(private Trial $trial, private Plan $plan, private array $meshes) {}

    /**
     * What takes least to find comes first, so that where the search is cut short there is a way out all the same.
     *
     * @return iterable<Proposal>
     */
    public function all(): iterable
    {
        $parts = array_values(array_filter(
            $this->plan->parts,
            fn (Part $part): bool => array_filter($this->meshes, fn (WoundResult $mesh): bool => $part->uses($mesh->wound)) !== [],
        ));
        if (($rolls = $this->moreRolls()) !== null) {
            yield Proposal::filling($rolls, place: self::AFTER_THE_OTHERS);
        }
        $search = new LengthSearch($this->trial);
        foreach (LengthSearch::groups($parts) as $group) {
            $shorter = $search->longestOnRolls($this->plan, $group, self::LEAST_PART, fn (array $fill): bool => $this->isEnough($fill));
            if ($shorter !== null) {
                yield Proposal::filling($shorter);
            }
        }
        foreach ([...array_map($this->fewerOfIt(...), $parts), $this->fewerASection($parts)] as $fewer) {
            if ($fewer !== null) {
                yield Proposal::filling($fewer);
            }
        }
        // Of several parts the last one hides least.
        foreach (array_reverse($parts) as $part) {
            if (($bare = $this->bareTies($part)) !== null) {
                yield Proposal::filling($bare, place: self::LAST);
                break;
            }
        }
    }

    /**
     * Whether the materials are enough once so much is written, and some others too.
     *
     * @param  array<string, string>  $fill
     * @param  list<string>  $others  by id
     */
    private function isEnough(array $fill, array $others = []): bool
    {
        $ids = [...MaterialsOfAPart::ids($this->meshes), ...$others];

        return $this->trial->meshesDo($this->plan, $fill, fn (array $after): bool => array_filter(
            $after,
            fn (RollOutcome $mesh): bool => in_array($mesh->wound->id, $ids, true) && ! $mesh->verdict->isGood(),
        ) === []);
    }

    /**
     * The largest number that will do. With rolls as needed a smaller one need not do where a larger one does.
     *
     * @param  callable(int): bool  $does
     */
    private function most(int $least, int $most, callable $does): ?int
    {
        $asNeeded = array_filter($this->meshes, fn (WoundResult $mesh): bool => $mesh->wound->rolls() === null) !== [];

        return $asNeeded ? $this->trial->mostOfAny($least, $most, $does) : $this->trial->most($least, $most, $does);
    }

    /**
     * Where so many of each are dealt: as many of the mesh as there is enough of, and of the most frequent other one more for each.
     *
     * @return array{string, array<string, string>}|null
     */
    private function fewerOfIt(Part $part): ?array
    {
        [$order, $short] = [$part->on->colourOrder, $this->meshes[0]->wound->id];
        $counts = $order instanceof OrdersByCount && $part->on->colourTask !== null && count($this->meshes) === 1
            ? $order->named($part->on->colourTask)
            : [];
        $others = array_diff_key($counts, [$short => 1]);
        if (! isset($counts[$short]) || $others === []) {
            return null;
        }
        arsort($others);
        $other = (string) array_key_first($others);
        $names = array_map(fn (Material $material): string => $material->name(), $this->plan->materials->all);
        $with = fn (int $count): array => [$other => $counts[$other] + $counts[$short] - $count, $short => $count];
        $fill = fn (int $count): array => [
            "parts.$part->id.material" => implode(
                ' + ',
                array_map(fn (string $mesh): string => ($with($count)[$mesh] ?? $counts[$mesh])." $mesh", array_keys($counts)),
            ),
        ];
        $best = $this->most(1, $counts[$short] - 1, fn (int $count): bool => $this->isEnough($fill($count), [$other]));

        return $best === null
            ? null
            : [sprintf('%d of %s, %d of %s', $best, $names[$short], $with($best)[$other], $names[$other]), $fill($best)];
    }

    /**
     * @param  list<Part>  $parts
     * @return array{string, array<string, string>}|null
     */
    private function fewerASection(array $parts): ?array
    {
        $group = array_values(array_filter(
            array_filter(array_map(fn (Part $part): ?TieGroup => $part->on->group, $parts)),
            fn (TieGroup $group): bool => $group->slip->has('perSection'),
        ))[0] ?? null;
        if ($group === null) {
            return null;
        }
        $now = $group->slip->count('perSection');
        $least = intdiv($now * self::LEAST_PART[0] + self::LEAST_PART[1] - 1, self::LEAST_PART[1]);
        $fill = fn (int $count): array => ["ties.$group->id.perSection" => (string) $count];
        $best = $this->most($least, $now - 1, fn (int $count): bool => $this->isEnough($fill($count)));

        return $best === null ? null : [Words::count($best, 'tie').' a section', $fill($best)];
    }

    /**
     * As few elements left out as will do: behind a sign first, where nobody sees that; else side by side at the end of the part, where
     * a bow hides it.
     *
     * @return array{string, array<string, string>}|null
     */
    private function bareTies(Part $part): ?array
    {
        $ties = array_map(fn (Tie $tie): int => $tie->number, $part->on->ties());
        if ($part->demand->cuts === []) {
            return null;
        }
        sort($ties);
        $behind = array_values(array_intersect($ties, TiesUsed::numbers(TiesUsed::of($this->plan)->behind)));
        $ties = [...array_values(array_diff($ties, $behind)), ...$behind];
        $fill = fn (int $count): array => ["parts.$part->id.on" => 'ties '.implode(', ', array_slice($ties, 0, $count))];
        $least = intdiv(count($ties) * self::LEAST_PART[0] + self::LEAST_PART[1] - 1, self::LEAST_PART[1]);
        $best = $this->most($least, count($ties) - 1, fn (int $count): bool => $this->isEnough($fill($count)));
        if ($best === null) {
            return null;
        }
        $left = array_slice($ties, $best);

        return [
            OnTheTies::isBare($this->plan, $part, $left)
                ? 'Leave '.Words::ties($left).' bare'.(array_diff($left, $behind) === [] ? ', behind the sign' : '')
                : sprintf('Leave %s out at %s', PartWords::named($part), Words::ties($left)),
            $fill($best),
        ];
    }

    /** @return array{string, array<string, string>}|null */
    private function moreRolls(): ?array
    {
        foreach ([0, 1] as $more) {
            [$fill, $said] = [[], []];
            foreach ($this->meshes as $mesh) {
                $rolls = max($mesh->safeRolls ?? 0, ($mesh->wound->rolls() ?? count($mesh->plan->from(Origin::New))) + 1) + $more;
                $fill["materials.{$mesh->wound->id}.rolls"] = (string) $rolls;
                $said[] = Words::count($rolls, 'roll').(count($this->meshes) > 1 ? ' of '.$mesh->wound->name() : '');
            }
            if ($this->isEnough($fill) && array_filter($this->meshes, fn (WoundResult $mesh): bool => $mesh->verdict->short) === []) {
                return [$this->spare($fill), $fill];
            }
            if ($this->isEnough($fill)) {
                return ['Have '.Words::list($said).' at hand', $fill];
            }
        }

        return null;
    }

    /**
     * "Keep a spare roll", "Keep 2 spare rolls of Sage mesh and a spare roll of Gold mesh"
     *
     * @param  array<string, string>  $fill
     */
    private function spare(array $fill): string
    {
        return 'Keep '.Words::list(array_map(function (WoundResult $mesh) use ($fill): string {
            $spare = (int) $fill["materials.{$mesh->wound->id}.rolls"] - count($mesh->plan->from(Origin::New));

            return ($spare === 1 ? 'a spare roll' : "$spare spare rolls").(count($this->meshes) > 1 ? ' of '.$mesh->wound->name() : '');
        }, $this->meshes));
    }
}
