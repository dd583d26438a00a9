<?php

namespace App\Models;

use App\Photos\CleanPhoto;
use Davrin\Core\Colour\MainColours;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\Sign\Sign;
use Davrin\Core\Plan\Plan;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;

/**
 * A photograph that a plan takes its colours from: of the sign, a ribbon, a room. It stays on this machine, drawn anew from its pixels.
 *
 * @property int $id
 * @property int $plan_id
 * @property string $jpeg
 * @property int $wide
 * @property int $high
 * @property list<array{colour: string, share: float, isAccent: bool}> $colours
 */
final class Photograph extends Model
{
    protected $guarded = [];

    protected $casts = ['colours' => 'array'];

    /** A plan has one; another takes its place. */
    public static function keep(SavedPlan $plan, CleanPhoto $photo): self
    {
        $colours = MainColours::of($photo->pixels);

        return DB::transaction(fn (): self => self::query()->updateOrCreate(['plan_id' => $plan->id], [
            'jpeg' => $photo->jpeg, 'wide' => $photo->wide, 'high' => $photo->high, 'colours' => $colours,
        ]));
    }

    /** Where the photograph is that a sign of a plan bears; null where none does. */
    public static function address(SavedPlan $saved): ?string
    {
        $since = self::isBorne($saved->plan()) ? self::query()->where('plan_id', $saved->id)->value('updated_at') : null;

        return $since === null ? null : route('plans.photograph', $saved, false).'?v='.strtotime((string) $since);
    }

    /** The photograph that a sign of a plan bears, as an address that holds all of it; null where it has none. */
    public static function within(SavedPlan $saved): ?string
    {
        $jpeg = self::isBorne($saved->plan()) ? self::query()->where('plan_id', $saved->id)->value('jpeg') : null;

        return is_string($jpeg) ? 'data:image/jpeg;base64,'.base64_encode($jpeg) : null;
    }

    private static function isBorne(Plan $plan): bool
    {
        return array_filter(
            $plan->parts,
            fn (Part $part): bool => $part->on->slip->has(Sign::FACE) && $part->on->slip->text(Sign::FACE) === 'photo',
        ) !== [];
    }

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(SavedPlan::class);
    }
}
