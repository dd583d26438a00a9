<?php

namespace App\Models;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Suggest\Loosening;
use Davrin\Core\Suggest\NearMiss;
use Davrin\Core\Suggest\Ranking;
use Davrin\Core\Suggest\Search;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A search for something to make, as far as it has come: what is wished, what lay on the shelf when it began, and what was found. It
 * is worked on in short stretches, so that no page and no other request waits for it.
 *
 * @property int $id
 * @property array<string, string|int> $wishes
 * @property string $currency
 * @property string $form
 * @property list<int> $only meshes that are wished, by id
 * @property array<string, mixed> $given
 * @property int $next the combination to go on with
 * @property int $total
 * @property int $fits how many were found that fit
 * @property list<array<string, mixed>> $found the best of them
 * @property list<array{string, float, string}> $misses the nearest miss of each wish
 * @property bool $stopped
 */
final class SuggestSearch extends Model
{
    /** The first stretch takes about so long, in seconds, so that there are answers at once; each further one so long. */
    private const FIRST = 0.4;

    private const STRETCH = 0.9;

    /** So many searches are kept. */
    private const KEPT = 30;

    protected $guarded = [];

    protected $casts = [
        'wishes' => 'array', 'only' => 'array', 'given' => 'array', 'found' => 'array', 'misses' => 'array', 'stopped' => 'boolean',
    ];

    private ?Search $search = null;

    /** @param  list<int>  $only */
    public static function begin(Wishes $wishes, string $form, array $only, Given $given): self
    {
        $search = new self([
            'wishes' => $wishes->slip->write(),
            'currency' => $wishes->currency->value,
            'form' => $form,
            'only' => $only,
            'given' => $given->write(),
            'next' => 0,
            'fits' => 0,
            'found' => [],
            'misses' => [],
            'stopped' => false,
        ]);
        $search->total = $search->search()->count();

        return DB::transaction(function () use ($search): self {
            $search->save();
            $oldest = self::query()->orderByDesc('id')->skip(self::KEPT)->value('id');
            self::query()->where('id', '<=', $oldest ?? 0)->delete();

            return $search;
        });
    }

    public function isDone(): bool
    {
        return $this->stopped || $this->next >= $this->total;
    }

    /** Goes on for a stretch. Where another window went on meanwhile, what that found stands. */
    public function goOn(): void
    {
        if ($this->isDone()) {
            return;
        }
        [$from, $until] = [$this->next, microtime(true) + ($this->next === 0 ? self::FIRST : self::STRETCH)];
        $stretch = $this->search()->stretch($from, fn (): bool => microtime(true) < $until);
        $kept = Ranking::of([...$this->suggestions(), ...$stretch->found], $this->wished())->kept();
        $misses = Loosening::of([...$this->nearMisses(), ...$stretch->misses]);
        DB::transaction(fn (): int => self::query()->whereKey($this->id)->where('next', $from)->update([
            'next' => $stretch->next,
            'fits' => $this->fits + count($stretch->found),
            'found' => json_encode(array_map(fn (Suggestion $its): array => $its->write(), $kept->all), JSON_THROW_ON_ERROR),
            'misses' => json_encode(array_map(
                fn (NearMiss $miss): array => [$miss->wish, $miss->by, $miss->technique],
                array_values($misses->least),
            ), JSON_THROW_ON_ERROR),
        ]));
        $this->refresh();
    }

    public function stop(): void
    {
        DB::transaction(fn (): int => self::query()->whereKey($this->id)->update(['stopped' => true]));
        $this->refresh();
    }

    public function wished(): Wishes
    {
        return Wishes::read($this->wishes, Currency::from($this->currency));
    }

    public function ranking(): Ranking
    {
        return Ranking::of($this->suggestions(), $this->wished());
    }

    public function loosening(): Loosening
    {
        return Loosening::of($this->nearMisses());
    }

    public function search(): Search
    {
        return $this->search ??= Search::over(
            app(Craft::class),
            app(PlanReader::class),
            app(Engine::class),
            $this->wished(),
            Given::read($this->given),
        );
    }

    /** @return list<Suggestion> */
    private function suggestions(): array
    {
        return array_map(Suggestion::read(...), $this->found);
    }

    /** @return list<NearMiss> */
    private function nearMisses(): array
    {
        return array_map(fn (array $its): NearMiss => new NearMiss(...$its), $this->misses);
    }
}
