<?php

namespace App\Models;

use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Engine\Engine;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a build is made by from some moment on: a document for each piece of work, and the rolls they are cut from. A new one comes with
 * each change under way; those before it are kept.
 *
 * @property int $id
 * @property int $build_id
 * @property string $words what was changed
 * @property list<string> $documents one for each piece of work, in order; where all are alike, one for all of them
 * @property list<array<string, mixed>> $rolls
 * @property array<int, array<string, int>> $moved elements that count for another section now, by copy and id
 * @property list<string> $units the keys of all that is done, in the order of the plan
 * @property Carbon $created_at
 */
final class BuildVersion extends Model
{
    protected $guarded = [];

    protected $casts = ['documents' => 'array', 'rolls' => 'array', 'moved' => 'array', 'units' => 'array'];

    /** @return non-empty-list<BenchPiece> */
    public function pieces(int $copies): array
    {
        $known = [];

        return array_map(function (int $copy) use (&$known): BenchPiece {
            $at = count($this->documents) === 1 ? 0 : $copy - 1;
            $known[$at] ??= (function () use ($at): array {
                $plan = app(PlanFile::class)->reopen($this->documents[$at]);

                return [$plan, app(Engine::class)->figures($plan)];
            })();

            return new BenchPiece($copy, $known[$at][0], $known[$at][1], $this->moved[$copy] ?? []);
        }, range(1, $copies));
    }

    /** @return list<BenchRoll> */
    public function benchRolls(): array
    {
        return array_map(BenchRoll::fromData(...), $this->rolls);
    }
}
