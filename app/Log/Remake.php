<?php

namespace App\Log;

use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\Material;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A piece of the log as a new plan: as it was really made, with what lies on the shelf today and at today's prices. */
final readonly class Remake
{
    /**
     * @param  list<string>  $fromShelf  the materials that are as on the shelf today
     * @param  list<string>  $asThen  those that the shelf does not know any more: they keep what they cost then
     */
    private function __construct(public SavedPlan $plan, private string $day, private array $fromShelf, private array $asThen) {}

    public static function of(LogEntry $entry): self
    {
        return DB::transaction(function () use ($entry): self {
            $made = self::withoutItsRolls($entry->design());
            $saved = SavedPlan::start($made, mb_substr("remade from the log: $entry->name", 0, 250));
            $written = [];
            foreach ($made->materials->all as $id => $material) {
                $item = MaterialFromShelf::item($entry->design()->materials->all[$id] ?? $material);
                if ($item !== null && $item->ware === $material->kind->key()) {
                    $written[$id] = MaterialFromShelf::written($item, $saved);
                }
            }
            if ($written !== []) {
                try {
                    $saved->edit(new TakeFromShelf($written), (int) $saved->revision_id);
                } catch (Refused) {
                    // What lies on the shelf does not fit it, as a roll shorter than a piece: it stays as it was made.
                    $written = [];
                }
            }
            $names = fn (array $of): array => array_values(array_map(fn (Material $its): string => $its->name(), $of));

            return new self(
                $saved,
                (new Carbon($entry->made_on))->format('M j, Y'),
                $names(array_intersect_key($made->materials->all, $written)),
                $names(array_diff_key($made->materials->all, $written)),
            );
        });
    }

    public function words(): string
    {
        return implode(' ', array_filter([
            "Planned as it was made on $this->day.",
            $this->fromShelf === [] ? '' : 'As on the shelf today, at today\'s prices: '.Words::list($this->fromShelf).'.',
            $this->asThen === [] ? '' : 'Not on the shelf under that name, so at the price of then: '.Words::list($this->asThen).'.',
        ]));
    }

    /** The rolls and pieces that it was cut from are used up. */
    private static function withoutItsRolls(Plan $plan): Plan
    {
        $fill = [];
        foreach ($plan->materials->all as $id => $material) {
            if ($material->slip->has('onHand')) {
                $fill["materials.$id.onHand"] = 'nothing';
            }
            if ($material->slip->has('rolls')) {
                $fill["materials.$id.rolls"] = 'as many as needed';
            }
        }
        try {
            return $fill === [] ? $plan : (new FillBlanks($fill))->apply($plan, app(PlanReader::class));
        } catch (Refused) {
            return $plan;
        }
    }
}
