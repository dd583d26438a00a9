<?php

namespace App\Shelf;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\Wound;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Illuminate\Database\Eloquent\Builder;

/** What the shelf can do about a mesh that is not enough: more of it that lies there, or another of the same width. */
final readonly class ShelfRemedies
{
    private const ABOUT_ROLLS = ['short', 'at-risk', 'every-inch'];

    /** No more other meshes are offered than this. */
    private const MOST = 2;

    private const MOST_TRIED = 4;

    /** Under so many warnings. */
    private const MOST_WARNINGS = 4;

    public function __construct(private Engine $engine) {}

    public function added(SavedPlan $saved, Result $result): Result
    {
        $about = array_slice(
            array_filter(
                $result->advice,
                fn (Advice $advice): bool => count($advice->materials) === 1 && in_array($advice->rule, self::ABOUT_ROLLS, true),
            ),
            0,
            self::MOST_WARNINGS,
        );

        return $about === [] ? $result : $result->advised(array_map(
            fn (Advice $advice): Advice => in_array($advice, $about, true) ? $this->withShelf(
                $saved,
                $result,
                $advice,
            ) : $advice, $result->advice,
        ));
    }

    private function withShelf(SavedPlan $saved, Result $result, Advice $advice): Advice
    {
        $plan = $saved->plan();
        $mesh = array_column($plan->wound(), null, 'id')[$advice->materials[0]];
        $its = MaterialFromShelf::item($mesh);
        $offered = 0;
        $used = array_sum(
            array_map(fn (WoundResult $its): int => $its->wound->id === $mesh->id ? $its->plan->used()->units : 0, $result->wound),
        );
        foreach ($this->ofTheSameWidth($mesh, $its) as $item) {
            // What is less than is cut already cannot do.
            $remedy = $offered < self::MOST && ($item->is($its) || $item->together() >= $used)
                ? $this->engine->remedy($plan, $result, $this->label($item, $its), $this->fill($mesh, $item, $saved), [$mesh->id])
                : null;
            if ($remedy !== null) {
                [$advice, $offered] = [$advice->and($remedy), $offered + 1];
            }
        }

        return $advice;
    }

    /** @return list<ShelfItem> the mesh itself first */
    private function ofTheSameWidth(Wound $mesh, ?ShelfItem $its): array
    {
        /** @var Builder<ShelfItem> $others */
        $others = ShelfItem::query()->with('stock')
            ->where(['ware' => $mesh->kind->key(), 'width' => $mesh->width()->units])
            ->whereNull('archived_at')
            ->where('name', '!=', $mesh->name());
        /** @var list<ShelfItem> $most */
        $most = $others->limit(200)->get()->all();
        usort($most, fn (ShelfItem $a, ShelfItem $b): int => $b->together() <=> $a->together());

        return [...($its === null ? [] : [$its]), ...array_slice($most, 0, self::MOST_TRIED)];
    }

    private function label(ShelfItem $item, ?ShelfItem $its): string
    {
        return $item->is($its) ? "Take $item->name from the shelf, all that is free" : "Take $item->name from the shelf instead";
    }

    /** @return array<string, string> */
    private function fill(Wound $mesh, ShelfItem $item, SavedPlan $saved): array
    {
        $fill = [];
        foreach (MaterialFromShelf::written($item, $saved) as $key => $value) {
            $fill["materials.$mesh->id.$key"] = is_array($value) ? ($value === [] ? 'nothing' : implode(', ', $value)) : (string) $value;
        }

        return $fill;
    }
}
