<?php

namespace App\Http\Controllers;

use App\Settings\House;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class HouseController
{
    public function units(Request $request, House $house): RedirectResponse
    {
        $units = Units::tryFrom((string) $request->string('units'));
        if ($units === null) {
            return back()->with('refused', 'Lengths are shown in inches or in centimetres. Choose one of the two.');
        }
        $before = $house->units();
        $house->measureIn($units);

        return back()->with([
            'said' => "The shelf speaks in $units->value now, and plans that are begun from here on. Plans that hang already keep theirs.",
            'undo' => ['to' => route('units'), 'fields' => ['units' => $before->value]],
        ]);
    }

    public function currency(Request $request, House $house): RedirectResponse
    {
        $currency = Currency::tryFrom((string) $request->string('currency'));
        if ($currency === null) {
            return back()->with('refused', 'That is not a currency that prices can be counted in here. Choose one from the list.');
        }
        $before = $house->currency();
        try {
            $rounding = $house->countIn($currency, $request->boolean('may_round'));
        } catch (Refused $refused) {
            return back()->with(
                'refused',
                'Prices are counted as before. Figures stay as they are in another currency, and one of them does not go: '
                    .$refused->getMessage(),
            );
        }

        if ($rounding !== null) {
            return back()->with('rounding', [
                'words' => $rounding->words(), 'currency' => $currency->value, 'name' => $currency->name(),
            ]);
        }

        return back()->with([
            'said' => "The shelf counts in {$currency->name()} now, and so do plans that are begun from here on. Figures stay as they "
                .'were; nothing is converted. Plans that hang already keep theirs.',
            'undo' => ['to' => route('currency'), 'fields' => ['currency' => $before->value, 'may_round' => '1']],
        ]);
    }
}
