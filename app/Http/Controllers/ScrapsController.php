<?php

namespace App\Http\Controllers;

use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Shelf\FromScraps;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What begun rolls and loose pieces make. */
final class ScrapsController
{
    private const USUAL = '14 in';

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
            'widths' => collect($begun)->pluck('width')->unique()->sortDesc()->values(),
            'width' => $scraps->width ?? $request->integer('width'),
            'techniques' => FromScraps::techniques(),
            'technique' => $this->technique($request),
            'forms' => ShelfForm::query()->orderBy('name')->limit(60)->get(),
            'form' => $request->integer('form'),
            'length' => $scraps === null ? $this->length($request) : Units::Inches->exact($scraps->piece),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $plan = $this->scraps($request, FromScraps::begun())->begin();

        return $plan === null
            ? back()->with('refused', 'Nothing that is begun is long enough for one piece. Write a shorter one.')
            : redirect()->route('plans.show', $plan)->with('said', 'This plan is cut from what is begun and loose; new rolls only where you change it so.');
    }

    /**
     * @param  list<ShelfItem>  $begun
     *
     * @throws Refused
     */
    private function scraps(Request $request, array $begun): FromScraps
    {
        $width = $request->integer('width');
        // The width there is most of, where none is chosen.
        $together = [0 => 0];
        foreach ($begun as $item) {
            $together[$item->width] = ($together[$item->width] ?? 0) + $item->together();
        }
        arsort($together);
        $piece = LengthBlank::of('length', 'the length of a piece', Length::inches(14), Length::inches(2), Length::yards(20))->read($this->length($request), Units::Inches);

        return new FromScraps($begun, $width > 0 ? $width : array_key_first($together), $this->technique($request), $piece, ShelfForm::query()->find($request->integer('form')));
    }

    private function technique(Request $request): string
    {
        $given = is_string($request->input('technique')) ? $request->input('technique') : '';

        return isset(FromScraps::techniques()[$given]) ? $given : 'ruffle';
    }

    private function length(Request $request): string
    {
        return is_string($request->input('length')) && trim($request->input('length')) !== '' ? mb_substr(trim($request->input('length')), 0, 40) : self::USUAL;
    }
}
