<?php

namespace App\Bench;

use App\Blanks\Problem;
use App\Models\Build;
use App\Shelf\Standing;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Troubles;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** Something went wrong: which of all that can, what is said of it in a sentence with blanks, and the ways to go on. */
final readonly class WrongPage
{
    /** The address that its blanks stand under. */
    private const ADDRESS = 'wrong';

    /**
     * @param  array<string, string>  $titles  what can go wrong as the work stands, by key
     * @param  list<Way>  $ways
     */
    private function __construct(
        public Build $build,
        public Situation $now,
        public Walk $walk,
        public ?Unit $at,
        public array $titles,
        public ?Trouble $trouble,
        public ?Slip $slip,
        public array $ways,
        public ?Problem $problem,
    ) {}

    /**
     * @param  ?string  $at  the unit that is in hand, by key
     * @param  ?string  $key  of what went wrong; null where that is still asked
     * @param  array<string, string>  $typed  by address: "wrong.gave"
     */
    public static function of(Build $build, ?string $at, ?string $key, array $typed): self
    {
        $walk = $build->walk();
        $now = Standing::of($build, $walk);
        $number = $at === null ? null : $walk->at($at);
        $unit = $number === null ? null : $walk->units[$number];
        [$titles, $blanks] = [[], []];
        foreach (Troubles::all() as $its => $trouble) {
            $blanks[$its] = $trouble->blanks($now, $walk, $unit);
            $titles += $blanks[$its] === null ? [] : [$its => $trouble->title()];
        }
        $trouble = isset($titles[$key ?? '']) ? Troubles::all()[(string) $key] : null;
        if ($trouble === null) {
            return new self($build, $now, $walk, $unit, $titles, null, null, [], null);
        }
        [$slip, $problem] = self::written(Slip::load($blanks[$trouble->key()] ?? [], [], ''), $typed, $now);
        $ways = [];
        if ($problem === null) {
            try {
                $ways = $trouble->ways(app(Replanner::class), $now, $walk, $slip);
            } catch (Fault $fault) {
                $problem = new Problem($fault->getMessage(), 422, $typed, self::ADDRESS.'.'.ltrim($fault->pointer, '/'));
            }
        }

        return new self($build, $now, $walk, $unit, $titles, $trouble, $slip, $ways, $problem);
    }

    public function line(): Line
    {
        return Recipe::line(
            self::ADDRESS,
            (string) $this->trouble?->sentence(),
            $this->slip ?? Slip::load([], [], ''),
            $this->now->units(),
        );
    }

    public function way(string $key): ?Way
    {
        return array_values(array_filter($this->ways, fn (Way $way): bool => $way->key === $key))[0] ?? null;
    }

    /** What is kept of it. */
    public function words(): string
    {
        return $this->trouble === null || $this->slip === null ? '' : $this->trouble->words($this->now, $this->slip);
    }

    /** @return array<string, string> what was written, by the name of its field */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->slip === null ? [] : array_keys($this->slip->blanks) as $key) {
            $value = $this->slip->write()[$key];
            $fields['set['.self::ADDRESS.".$key]"] = is_array($value) ? implode(', ', $value) : (string) $value;
        }

        return $fields;
    }

    /**
     * @param  array<string, string>  $typed
     * @return array{Slip, ?Problem}
     */
    private static function written(Slip $slip, array $typed, Situation $now): array
    {
        $problem = null;
        foreach (array_keys($slip->blanks) as $key) {
            $address = self::ADDRESS.".$key";
            if (isset($typed[$address]) && $typed[$address] !== $slip->show($key, $now->units())) {
                try {
                    $slip = $slip->with($key, $typed[$address], $now->units());
                } catch (Refused $why) {
                    $problem ??= new Problem($why->getMessage(), 422, $typed, $address);
                }
            }
        }

        return [$slip, $problem];
    }
}
