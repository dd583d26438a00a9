<?php

namespace App\Shelf\Import;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\Kind\Strands;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Supply\Lot;
use Davrin\Core\Words\Refused;

/** One row of a file, understood: what it says of a thing, and what there is of it. */
final readonly class ReadRow
{
    /** How much shorter than its label a roll of a grade may be, a starting guess (docs/craft-figures.md, lengths of a roll). */
    private const GRADES = [
        'ordinary' => '1 %', 'standard' => '1 %', 'usual' => '1 %', 'cheap' => '2 %', 'budget' => '2 %', 'economy' => '2 %',
    ];

    private const MOST = 100_000;

    /**
     * @param  array<string, mixed>  $said  as the blanks of the ware write it
     * @param  array{kind: string, piece: int, amount: int, times: int, known: string, lot: ?string, kept: string}  $stock
     */
    private function __construct(public MaterialKind $ware, public array $said, public array $stock) {}

    /**
     * @param  array<string, string>  $cells  by column, those that say something
     * @param  Units  $bare  of a length without a unit
     * @param  Currency  $currency  of a price
     *
     * @throws Refused
     */
    public static function of(array $cells, Craft $craft, Units $bare = Units::Inches, Currency $currency = Currency::UsDollar): self
    {
        if (! isset($cells['name'])) {
            throw RowRefused::noName();
        }
        [$ware, $named] = self::kindOf($cells, $craft);
        $cells += $named;
        $cells['colour'] ??= KnownNames::colour($cells['name']) ?? '';
        $cells = array_filter($cells, fn (string $cell): bool => $cell !== '');
        $cells['allowance'] = isset($cells['allowance']) ? self::GRADES[mb_strtolower($cells['allowance'])] ?? $cells['allowance'] : null;
        $cells = array_filter($cells, is_string(...));
        $slip = Slip::load($ware->shelfBlanks($currency), [], '');
        foreach ($slip->blanks as $key => $blank) {
            if (isset($cells[$key])) {
                $slip = $slip->with($key, self::raw($blank, $cells[$key]), $bare);
            }
        }

        return new self($ware, $slip->write(), $ware->isWound() ? self::wound($cells, $slip, $bare) : self::pieces($cells));
    }

    /** "2 of 131 in", "6 of 20 in", "48": what there is of it. */
    public function there(Units $units): string
    {
        $isRolls = in_array($this->stock['kind'], [StockKind::Full->value, StockKind::Part->value], true);
        $count = $isRolls ? $this->stock['times'] : $this->stock['amount'];

        return $count.($this->ware->isWound() ? ' of '.$units->exact(Length::ofUnits($this->stock['piece'])) : '');
    }

    /** The same for rows that say the same. */
    public function alike(): string
    {
        return sha1(json_encode([$this->ware->key(), $this->said, array_diff_key($this->stock, ['known' => 1])], JSON_THROW_ON_ERROR));
    }

    /**
     * Its kind, and what its name says of it: said in a column of its own, or by what it is called; mesh where nothing tells.
     *
     * @param  array<string, string>  $cells
     * @return array{MaterialKind, array<string, string>}
     */
    private static function kindOf(array $cells, Craft $craft): array
    {
        $known = array_keys($craft->materials);
        // A list from before strands were a kind of their own says it as the body of a mesh.
        $given = mb_strtolower(mb_strtolower($cells['body'] ?? '') === Strands::KEY ? Strands::KEY : $cells['ware'] ?? '');
        foreach ($given === '' ? [] : $craft->materials as $key => $ware) {
            if (in_array($given, [$key, str_replace('-', ' ', $key), ...$ware->noun(), rtrim($key, 's'), "{$key}s"], true)) {
                return [$ware, []];
            }
        }
        [$key, $said] = $given === ''
            ? KnownNames::kindIn($cells['name'] ?? '', $known) ?? [Mesh::KEY, []]
            : KnownNames::kind($given, $known) ?? throw RowRefused::ware($cells['ware'] ?? '', $known);

        return [$craft->materials[$key], $said];
    }

    /** @param  Blank<covariant mixed>  $blank */
    private static function raw(Blank $blank, string $cell): string|int
    {
        $plain = mb_strtolower($cell);
        foreach ($blank->options() as $key => $words) {
            if ($plain === mb_strtolower($words)) {
                return (string) $key;
            }
        }

        return match (true) {
            $blank instanceof ColourBlank => KnownNames::colour($cell) ?? $cell,
            $blank instanceof CountBlank => preg_match('/^\d{1,9}$/', $cell) === 1 ? (int) $cell : $cell,
            default => $blank->options() === [] ? $cell : $plain,
        };
    }

    /**
     * @param  array<string, string>  $cells
     * @return array{kind: string, piece: int, amount: int, times: int, known: string, lot: ?string, kept: string}
     */
    private static function wound(array $cells, Slip $slip, Units $bare): array
    {
        $new = $slip->length('roll');
        $left = isset($cells['left']) ? LengthText::fine($cells['left'], $bare) : $new;
        if ($left->isNegative()) {
            throw RowRefused::negative($cells['left'] ?? '');
        }
        if ($left->isMoreThan($new)) {
            throw RowRefused::longerThanNew($bare->exact($left), $bare->roll($new));
        }
        $times = self::count($cells['count'] ?? '1');
        $isLabel = str_contains(
            mb_strtolower($cells['known'] ?? (isset($cells['left']) && ! $left->equals($new) ? '' : 'by label')),
            'label',
        );
        $kind = self::kind($cells['as'] ?? '', StockKind::of($left, $times, $new));
        $isLoose = $kind === StockKind::Loose;

        return [
            'kind' => $kind->value,
            'piece' => $left->units,
            'amount' => $isLoose ? $times : $left->units,
            'times' => $isLoose ? 1 : $times,
            'known' => $isLabel ? 'by label' : ($cells['known'] ?? 'measured'),
            'lot' => Lot::near($cells['lot'] ?? ''),
            'kept' => mb_substr($cells['kept'] ?? '', 0, 60),
        ];
    }

    /** As the file says it lies, else as its length and number tell. */
    private static function kind(string $given, StockKind $told): StockKind
    {
        return match (true) {
            $given === '' => $told,
            preg_match('/^(a |begun |full |part )?rolls?$/i', $given) === 1 => $told === StockKind::Full ? $told : StockKind::Part,
            preg_match('/^(loose )?pieces?$/i', $given) === 1 => StockKind::Loose,
            default => throw RowRefused::liesAs($given),
        };
    }

    /**
     * @param  array<string, string>  $cells
     * @return array{kind: string, piece: int, amount: int, times: int, known: string, lot: ?string, kept: string}
     */
    private static function pieces(array $cells): array
    {
        return [
            'kind' => StockKind::Heap->value,
            'piece' => 0,
            'amount' => self::count($cells['count'] ?? $cells['left'] ?? '1'),
            'times' => 1,
            'known' => 'counted',
            'lot' => null,
            'kept' => mb_substr($cells['kept'] ?? '', 0, 60),
        ];
    }

    private static function count(string $given): int
    {
        return preg_match('/^\d{1,6}$/', $given) === 1 && (int) $given <= self::MOST ? (int) $given : throw RowRefused::count($given);
    }
}
