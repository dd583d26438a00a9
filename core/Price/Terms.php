<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\HoldsMoney;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/**
 * What a maker counts by when a piece is priced: the hour, overhead and wear; the places where pieces are sold, with their fees; the
 * boxes that they are posted in, and rolls that are on offer. All of it in one currency.
 */
final readonly class Terms
{
    public const FORMAT = 'davrin-prices';

    public const VERSION = 1;

    public const MOST_PLACES = 12;

    public const MOST_BOXES = 24;

    public const MOST_OFFERS = 24;

    /**
     * @param  array<string, SellingPlace>  $places  by id
     * @param  array<string, ParcelBox>  $boxes  by id
     * @param  array<string, RollOffer>  $offers  by id
     */
    private function __construct(
        public Currency $currency,
        public Slip $work,
        public array $places,
        public array $boxes,
        public array $offers,
    ) {}

    /**
     * What a document says; what it leaves out is as usual.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws Fault
     */
    public static function read(array $document): self
    {
        $known = ['format', 'version', 'currency', 'work', 'places', 'boxes', 'offers'];
        foreach (array_diff(array_keys($document), $known) as $key) {
            throw Fault::unknownKey('', (string) $key, $known);
        }
        if (($document['format'] ?? self::FORMAT) !== self::FORMAT || ($document['version'] ?? self::VERSION) !== self::VERSION) {
            throw Fault::at('/format', sprintf(
                'These are no prices that I can read: they need "format": "%s", "version": %d.',
                self::FORMAT,
                self::VERSION,
            ));
        }
        $code = $document['currency'] ?? Currency::UsDollar->value;
        $currency = Currency::tryFrom(is_string($code) ? $code : '')
            ?? throw Fault::at('/currency', 'That is not a currency that prices can be counted in here.');

        return new self(
            $currency,
            Slip::load(self::workBlanks($currency), self::map($document, 'work'), '/work'),
            self::listed(
                $document, 'places', self::usualPlaces($currency), self::MOST_PLACES,
                fn (array $its, string $at): SellingPlace => new SellingPlace(Slip::load(SellingPlace::blanks($currency), $its, $at)),
            ),
            self::listed(
                $document, 'boxes', [], self::MOST_BOXES,
                fn (array $its, string $at): ParcelBox => new ParcelBox(Slip::load(ParcelBox::blanks($currency), $its, $at)),
            ),
            self::listed(
                $document, 'offers', [], self::MOST_OFFERS,
                fn (array $its, string $at): RollOffer => new RollOffer(Slip::load(RollOffer::blanks($currency), $its, $at)),
            ),
        );
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'currency' => $this->currency->value,
            'work' => $this->work->write(),
            'places' => self::withIds($this->places),
            'boxes' => self::withIds($this->boxes),
            'offers' => self::withIds($this->offers),
        ];
    }

    /** @return array<string, Slip> by address: "work", "places.p1", "boxes.b2" */
    public function slips(): array
    {
        $slips = ['work' => $this->work];
        foreach (['places' => $this->places, 'boxes' => $this->boxes, 'offers' => $this->offers] as $list => $all) {
            foreach ($all as $id => $its) {
                $slips["$list.$id"] = $its->slip;
            }
        }

        return $slips;
    }

    /**
     * Written in some blanks, by address.
     *
     * @param  array<string, string>  $typed
     *
     * @throws BlankRefused
     */
    public function filled(array $typed, Units $bare): self
    {
        $document = $this->write();
        foreach ($typed as $address => $raw) {
            [$slip, $key] = FillBlanks::split((string) $address);
            $its = $this->slips()[$slip] ?? throw Fault::noBlank((string) $address);
            try {
                // What comes back as it is shown stays as it is.
                $written = ($its->has($key) && $raw === $its->show($key, $bare) ? $its : $its->with($key, $raw, $bare))->write()[$key];
            } catch (Refused $refused) {
                throw new BlankRefused((string) $address, $refused);
            }
            self::put($document, $slip, $key, $written);
        }
        $filled = self::read($document);
        foreach ($filled->places as $id => $place) {
            $refused = $place->isPossible();
            if ($refused !== null) {
                $its = array_filter(array_keys($typed), fn (string $address): bool => str_starts_with($address, "places.$id."));
                throw new BlankRefused(end($its) ?: "places.$id.share", Fault::at("/places/$id", $refused));
            }
        }

        return $filled;
    }

    /** With one more of them, as it usually is. */
    public function withOneMore(string $list): self
    {
        [$of, $most, $letter] = match ($list) {
            'places' => [$this->places, self::MOST_PLACES, 'p'],
            'boxes' => [$this->boxes, self::MOST_BOXES, 'b'],
            'offers' => [$this->offers, self::MOST_OFFERS, 'o'],
            default => throw Fault::noBlank($list),
        };
        if (count($of) >= $most) {
            throw Fault::at("/$list", "There are $most already. Take one away first.");
        }
        for ($number = 1; isset($of["$letter$number"]);) {
            $number++;
        }
        $document = $this->write();
        $document[$list] = [...(array) $document[$list], ['id' => "$letter$number"]];

        return self::read($document);
    }

    /** Without one of them. The last place of sale stays. */
    public function without(string $list, string $id): self
    {
        if ($list === 'places' && count($this->places) < 2) {
            throw Fault::at('/places', 'A price is asked somewhere: the last place of sale stays. Change what it says instead.');
        }
        $document = $this->write();
        $document[$list] = array_values(array_filter(
            is_array($document[$list] ?? null) ? $document[$list] : throw Fault::noBlank($list),
            fn (mixed $its): bool => is_array($its) && $its['id'] !== $id,
        ));

        return self::read($document);
    }

    /**
     * The same figures in another currency, rounded to what that one has. Nothing is converted.
     *
     * @param  ?callable(string, Money): Money  $figure  gives each amount in it, by its address; null for rounding half up
     */
    public function in(Currency $currency, ?callable $figure = null): self
    {
        $document = ['currency' => $currency->value] + $this->write();
        foreach ($this->slips() as $address => $slip) {
            foreach ($slip->blanks as $key => $blank) {
                if ($blank instanceof HoldsMoney) {
                    $money = $slip->money($key);
                    $its = $figure === null ? $money->in($currency) : $figure("$address.$key", $money);
                    self::put($document, $address, $key, $its->canonical());
                }
            }
        }

        return self::read($document);
    }

    /** The sentence of what an hour and a piece take. */
    public static function workSentence(): string
    {
        return 'An hour of mine counts {rate}. Overhead is {overhead} of {overheadOf}. Glue, blades and the like that no recipe counts '
            .'cost {wear} a piece, packing {packing} a piece; packing adds {padding} on every side and {packWeighs}.';
    }

    /** @return array<string, mixed> JSON Schema of what a document may say */
    public static function schema(): array
    {
        [$currency, $id] = [Currency::UsDollar, ['id' => ['type' => 'string', 'pattern' => '^[a-z0-9-]{1,24}$']]];

        return [
            '$schema' => Schema::DRAFT,
            'title' => 'What a maker prices by',
            '$defs' => ['length' => Schema::LENGTH_DEFINITION],
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => [
                'format' => ['const' => self::FORMAT],
                'version' => ['const' => self::VERSION],
                'currency' => ['enum' => array_column(Currency::cases(), 'value'), 'default' => $currency->value],
                'work' => self::objectOf(self::workBlanks($currency)),
                'places' => [
                    'type' => 'array', 'minItems' => 1, 'maxItems' => self::MOST_PLACES,
                    'items' => self::objectOf(SellingPlace::blanks($currency), $id),
                ],
                'boxes' => [
                    'type' => 'array', 'maxItems' => self::MOST_BOXES,
                    'items' => self::objectOf(ParcelBox::blanks($currency), $id),
                ],
                'offers' => [
                    'type' => 'array', 'maxItems' => self::MOST_OFFERS,
                    'items' => self::objectOf(RollOffer::blanks($currency), $id),
                ],
            ],
        ];
    }

    /**
     * @param  list<Blank<covariant mixed>>  $blanks
     * @param  array<string, mixed>  $properties  beside these
     * @return array<string, mixed>
     */
    private static function objectOf(array $blanks, array $properties = []): array
    {
        foreach ($blanks as $blank) {
            $properties[$blank->key()] = $blank->schema();
        }

        return ['type' => 'object', 'additionalProperties' => false, 'properties' => $properties];
    }

    /** @return list<Blank<covariant mixed>> */
    private static function workBlanks(Currency $currency): array
    {
        return [
            Amount::blank('rate', 'what an hour counts', 1500, $currency),
            new PercentBlank('overhead', 'the overhead', Percent::of(10), Percent::of(1000)),
            new ChoiceBlank('overheadOf', 'what it is a share of', 'materials', [
                'materials' => 'the materials', 'work' => 'the materials and my time',
            ]),
            Amount::blank('wear', 'what no recipe counts, for a piece', 0, $currency),
            Amount::blank('packing', 'packing for a piece', 0, $currency),
            LengthBlank::of('padding', 'what packing adds on every side', Length::inches(1), Length::zero(), Length::inches(24)),
            new WeightBlank('packWeighs', 'what packing weighs', 'nothing to the weight'),
        ];
    }

    /**
     * @param  array<string, SellingPlace|ParcelBox|RollOffer>  $of
     * @return list<array<string, mixed>>
     */
    private static function withIds(array $of): array
    {
        $written = [];
        foreach ($of as $id => $its) {
            $written[] = ['id' => $id] + $its->slip->write();
        }

        return $written;
    }

    /** @return list<array<string, string>> */
    private static function usualPlaces(Currency $currency): array
    {
        return [
            [
                'id' => 'p1', 'name' => 'Online shop', 'fee' => '6.5 %', 'fixed' => Money::cents(45, $currency)->canonical(),
                'post' => SellingPlace::BUYER_PAYS,
            ],
            ['id' => 'p2', 'name' => 'Market stall', 'ending' => PriceEnding::Whole->value],
            ['id' => 'p3', 'name' => 'Wholesale', 'share' => '15 %', 'ending' => PriceEnding::Half->value],
        ];
    }

    /**
     * @template T of SellingPlace|ParcelBox|RollOffer
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<array<string, string>>  $usual
     * @param  callable(array<array-key, mixed>, string): T  $make
     * @return array<string, T> by id
     */
    private static function listed(array $document, string $key, array $usual, int $most, callable $make): array
    {
        $written = $document[$key] ?? $usual;
        if (! is_array($written) || count($written) > $most || ($key === 'places' && $written === [])) {
            throw Fault::at("/$key", sprintf('Here a list of %s%d stands.', $key === 'places' ? '1 to ' : 'up to ', $most));
        }
        $listed = [];
        foreach (array_values($written) as $index => $its) {
            $id = is_array($its) ? $its['id'] ?? null : null;
            if (! is_array($its) || ! is_string($id) || preg_match('/^[a-z0-9-]{1,24}$/D', $id) !== 1 || isset($listed[$id])) {
                throw Fault::at("/$key/$index/id", 'Each needs an "id" of its own, of small letters, digits and dashes.');
            }
            $listed[$id] = $make(array_diff_key($its, ['id' => 1]), "/$key/$index");
        }

        return $listed;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function map(array $document, string $key): array
    {
        $written = $document[$key] ?? [];

        return is_array($written) ? $written : throw Fault::at("/$key", 'Here blanks and what is written in them stand.');
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  string|int|list<string>|list<int>  $written
     */
    private static function put(array &$document, string $slip, string $key, string|int|array $written): void
    {
        [$list, $id] = [...explode('.', $slip), null];
        $document[$list] = $id === null
            ? [...(array) $document[$list], $key => $written]
            : array_map(
                fn (mixed $its): mixed => is_array($its) && $its['id'] === $id ? [...$its, $key => $written] : $its,
                (array) $document[$list],
            );
    }
}
