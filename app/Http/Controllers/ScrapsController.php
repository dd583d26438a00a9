<?php

namespace App\Http\Controllers;

use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Settings\House;
use App\Shelf\FromScraps;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What begun rolls and loose pieces make. */
final class ScrapsController
{
    private const USUAL = '14 in';

    public function __construct(private readonly House $house) {}

    public function show(Request $request): Page
    {
        $begun = FromScraps::begun();
        [$scraps, $refused] = [null, null];
        try {
            $scraps = $begun === [] ? null : $this->scraps($request, $begun);
        } catch (Refused $why) {
            $refused = $why->getMessage();
        }

        return view('scraps.show', [
            'scraps' => $scraps,
            'result' => $scraps?->result(),
            'refused' => $refused,
            'widths' => ShelfItem::widths(collect($begun)->pluck('width')->unique()->sortDesc()),
            'units' => $this->house->units(),
            'width' => $scraps->width ?? $request->integer('width'),
            'techniques' => FromScraps::techniques(),
            'technique' => $this->technique($request),
            'without' => array_values(array_filter(
                $begun,
                fn (ShelfItem $item): bool => in_array($item->id, self::without($request), true)
                    && $item->width === ($scraps->width ?? $request->integer('width')),
            )),
            'forms' => ShelfForm::query()->orderBy('name')->limit(60)->get(),
            'form' => $request->integer('form'),
            'length' => $scraps === null ? $this->length($request) : $this->house->units()->exact($scraps->piece),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $plan = $this->scraps($request, FromScraps::begun())->begin();

        return $plan === null
            ? back()->with('refused', 'Nothing that is begun is long enough for one piece. Write a shorter one.')
            : redirect()->route('plans.show', $plan)->with(
                'said',
                'This plan is cut from what is begun and loose; new rolls only where you change it so.',
            );
    }

    /**
     * @param  list<ShelfItem>  $begun
     *
     * @throws Refused
     */
    private function scraps(Request $request, array $begun): FromScraps
    {
        $piece = LengthBlank::of(
            'length',
            'the length of a piece',
            Length::inches(14),
            Length::inches(2),
            Length::yards(20),
        )->read($this->length($request), $this->house->units());

        $used = array_values(array_filter($begun, fn (ShelfItem $item): bool => ! in_array($item->id, self::without($request), true)));

        return new FromScraps(
            // Were all left out, nothing would be there to look at.
            $used === [] ? $begun : $used,
            $request->integer('width'),
            $this->technique($request),
            $piece,
            ShelfForm::query()->find($request->integer('form')),
        );
    }

    /** @return list<int> what of the shelf is left out, by id */
    private static function without(Request $request): array
    {
        return array_values(array_map(intval(...), array_filter((array) $request->input('without'), is_numeric(...))));
    }

    private function technique(Request $request): string
    {
        $given = is_string($request->input('technique')) ? $request->input('technique') : '';

        return isset(FromScraps::techniques()[$given]) ? $given : 'ruffle';
    }

    private function length(Request $request): string
    {
        return is_string($request->input('length')) && trim($request->input('length')) !== ''
            ? mb_substr(trim($request->input('length')), 0, 40)
            : self::USUAL;
    }
}
