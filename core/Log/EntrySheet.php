<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\DateBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;

/** What a maker writes of a finished piece, in sentences with blanks. */
final class EntrySheet
{
    private const NOT_MEASURED = 'not measured';

    private const MOST_COPIES = 200;

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Currency $currency): array
    {
        $size = fn (string $key, string $label, Length $most): RoomBlank => new RoomBlank(
            $key, $label, Length::inches(0, 1, 4), $most, self::NOT_MEASURED,
        );

        return [
            new TextBlank('name', 'the name of the piece', 'A piece', 80),
            new CountBlank('copies', 'how many were made', 1, 1, self::MOST_COPIES),
            new DateBlank('made', 'the day it was made', '2026-01-01'),
            new ChoiceBlank('season', 'the season it is for', Season::Spring->value, array_combine(
                array_column(Season::cases(), 'value'),
                array_column(Season::cases(), 'value'),
            )),
            new NoteBlank('occasion', 'whom or what it was made for', 80, 'nobody in particular'),
            $size('wide', 'the width', Length::inches(240)),
            $size('high', 'the height', Length::inches(240)),
            $size('opening', 'the opening', Length::inches(120)),
            $size('depth', 'the depth', Length::inches(48)),
            new WeightBlank('weight', 'the weight'),
            new ChoiceBlank('verdict', 'how full it looks', Verdict::Unsaid->value, Verdict::choices()),
            new NoteBlank('otherwise', 'what would be done otherwise', 400, 'nothing'),
            new PriceBlank('soldFor', 'what one was sold for', Money::cents(9_999_999, $currency), 'nothing yet'),
            new NoteBlank('soldAt', 'where it was sold', 60, 'no place yet'),
        ];
    }

    /** @return list<Line> */
    public static function lines(Slip $slip, Units $units, bool $hasOpening): array
    {
        $each = $slip->count('copies') > 1 ? 'each ' : '';

        return array_map(fn (string $sentence): Line => Recipe::line('entry', $sentence, $slip, $units), [
            '{copies} made on {made}, in {season}, for {occasion}.',
            "Measured {$each}from tip to tip: width {wide}, height {high}, ".($hasOpening ? 'opening {opening}, ' : '')
                .'depth {depth}, weight {weight}. It looks {verdict}.',
            $each === '' ? 'Sold for {soldFor}, at {soldAt}.' : 'Each sold for {soldFor}, at {soldAt}.',
        ]);
    }

    /**
     * @param  list<WorkTime>  $times
     * @param  list<RollTruth>  $rolls
     * @param  array<string, Length>  $spoiled
     */
    public static function made(Slip $slip, array $times, array $rolls, array $spoiled): Made
    {
        return new Made(
            $slip->lengthIfAny('wide'),
            $slip->lengthIfAny('high'),
            $slip->lengthIfAny('opening'),
            $slip->lengthIfAny('depth'),
            $slip->weightIfAny('weight'),
            Verdict::from($slip->text('verdict')),
            $times,
            $rolls,
            $spoiled,
            $slip->count('copies'),
        );
    }
}
