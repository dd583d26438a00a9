<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** Which ties carry something, which lie behind a sign, and which carry nothing. */
final readonly class TiesUsed
{
    /**
     * @param  list<Tie>  $used
     * @param  list<Tie>  $behind  a sign, whether they carry something or not
     * @param  list<Tie>  $bare  that carry nothing and are seen
     */
    private function __construct(public array $used, public array $behind, public array $bare) {}

    public static function of(Plan $plan): self
    {
        [$carry, $boards] = [[], []];
        foreach ($plan->parts as $part) {
            foreach ($part->demand->elements as $element) {
                $carry += array_fill_keys($element->ties, true);
            }
            $boards = [...$boards, ...($part->kind instanceof HidesWhatIsBehind ? [$part->kind->board($part->on)] : [])];
        }
        [$used, $behind, $bare] = [[], [], []];
        foreach ($plan->ties->all() as $tie) {
            $isBehind = array_filter($boards, fn ($board): bool => $board->holds($tie->place->point())) !== [];
            $isUsed = isset($carry[$tie->number]);
            $used = [...$used, ...($isUsed ? [$tie] : [])];
            $behind = [...$behind, ...($isBehind ? [$tie] : [])];
            $bare = [...$bare, ...($isUsed || $isBehind ? [] : [$tie])];
        }

        return new self($used, $behind, $bare);
    }

    public function figure(): Figure
    {
        $all = count($this->used) + count($this->bare)
            + count(array_filter($this->behind, fn (Tie $tie): bool => ! in_array($tie, $this->used, true)));
        $because = [
            ...self::told($this->bare, 'carries nothing', 'carry nothing'),
            ...self::told($this->behind, 'lies behind the sign', 'lie behind the sign'),
        ];

        return new Figure(
            'ties used',
            count($this->used),
            sprintf('%d of %d', count($this->used), $all),
            $because === [] ? ['each carries something'] : $because,
            said: sprintf('%d of %d ties used', count($this->used), $all),
        );
    }

    /**
     * @param  list<Tie>  $ties
     * @return list<string>
     */
    private static function told(array $ties, string $one, string $many): array
    {
        return $ties === [] ? [] : [Words::ties(self::numbers($ties)).' '.(count($ties) === 1 ? $one : $many)];
    }

    /**
     * @param  list<Tie>  $ties
     * @return list<int>
     */
    public static function numbers(array $ties): array
    {
        return array_map(fn (Tie $tie): int => $tie->number, $ties);
    }
}
